namespace Antiphon.Data.Importing;

/// <summary>What happened to a row of an import.</summary>
/// <param name="Row">Its number, from 1.</param>
/// <param name="Title">Its title, as far as it has one.</param>
/// <param name="Outcome">What became of it: refused, skipped, or made with a reservation.</param>
/// <param name="Reason">Why, in words.</param>
public sealed record ImportNote(int Row, string Title, string Outcome, string Reason);
