namespace Antiphon.Core.Importing;

/// <summary>Where a column goes.</summary>
/// <param name="Column">Name of the column.</param>
/// <param name="Target">What it fills; null leaves it out.</param>
/// <param name="Field">Key of the own field, for <see cref="ImportTarget.OwnField"/>.</param>
public sealed record ColumnMapping(string Column, ImportTarget? Target, string? Field = null);
