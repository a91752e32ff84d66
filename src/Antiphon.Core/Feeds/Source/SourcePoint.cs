namespace Antiphon.Core.Feeds.Source;

/// <summary>A point inside an element.</summary>
internal sealed class SourcePoint(int line, int column, ISourcePlace owner) : ISourcePlace
{
    /// <inheritdoc/>
    public int Line => line;

    /// <inheritdoc/>
    public int Column => column;

    /// <inheritdoc/>
    public string Path => owner.Path;
}
