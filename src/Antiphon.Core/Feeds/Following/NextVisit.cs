namespace Antiphon.Core.Feeds.Following;

/// <summary>When a feed is visited next, and why then.</summary>
/// <param name="At">The moment.</param>
/// <param name="Pause">How long the pause is that was chosen, before hours and days to skip.</param>
/// <param name="Reason">What set it.</param>
public sealed record NextVisit(DateTimeOffset At, TimeSpan Pause, VisitReason Reason);
