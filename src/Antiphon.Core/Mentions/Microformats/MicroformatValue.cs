namespace Antiphon.Core.Mentions.Microformats;

/// <summary>A value of a property.</summary>
/// <param name="Text">As plain text; for addresses absolute.</param>
/// <param name="Item">The item it is, where it is one of its own.</param>
public sealed record MicroformatValue(string Text, MicroformatItem? Item = null);
