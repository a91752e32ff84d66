namespace Antiphon.Data.Feeds.Checking;

/// <summary>A finding as it is kept: which rule, with which values, and where; its words are made when it is shown.</summary>
/// <param name="Rule">Id of the rule.</param>
/// <param name="Arguments">Values for the rule's texts.</param>
/// <param name="Line">Line from 1, or null.</param>
/// <param name="Column">Column from 1, or null.</param>
/// <param name="Path">Path to the element, or null.</param>
public sealed record StoredFinding(string Rule, IReadOnlyList<string> Arguments, int? Line, int? Column, string? Path);
