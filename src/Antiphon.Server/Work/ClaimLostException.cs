namespace Antiphon.Server.Work;

/// <summary>The claim ran out and somebody else has taken the work up; whoever had it stops.</summary>
internal sealed class ClaimLostException() : Exception("The claim ran out before the work was done.");
