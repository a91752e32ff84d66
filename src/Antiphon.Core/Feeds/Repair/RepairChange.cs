namespace Antiphon.Core.Feeds.Repair;

/// <summary>One thing that was changed.</summary>
/// <param name="Line">Line of the original, from 1; null when the change is about the whole.</param>
/// <param name="Rule">Id of the rule that was broken.</param>
/// <param name="Description">What was done and why, in one sentence.</param>
public sealed record RepairChange(int? Line, string Rule, string Description);
