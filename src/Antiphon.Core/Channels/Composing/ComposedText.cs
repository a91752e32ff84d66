namespace Antiphon.Core.Channels.Composing;

/// <summary>What a channel says about a post.</summary>
/// <param name="Text">The text.</param>
/// <param name="Count">What it counts by the rule of the network.</param>
/// <param name="Left">What is left of the limit; below zero where it is too long.</param>
/// <param name="Shortened">Fields that were shortened or left out so that it fits.</param>
public sealed record ComposedText(string Text, int Count, int Left, IReadOnlyList<string> Shortened);
