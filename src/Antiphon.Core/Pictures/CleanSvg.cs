namespace Antiphon.Core.Pictures;

/// <summary>An SVG that is safe to serve.</summary>
/// <param name="Text">The document.</param>
/// <param name="Width">Its width in its own units.</param>
/// <param name="Height">Its height.</param>
public sealed record CleanSvg(string Text, int Width, int Height);
