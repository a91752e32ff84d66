namespace Antiphon.Core.Feeds.Source;

/// <summary>An attribute with its place.</summary>
/// <param name="LocalName">Name without prefix.</param>
/// <param name="Namespace">Namespace name, empty for none.</param>
/// <param name="Value">Value with entities decoded.</param>
/// <param name="Line">Line from 1.</param>
/// <param name="Column">Column from 1.</param>
public sealed record SourceAttribute(string LocalName, string Namespace, string Value, int Line, int Column)
{
    /// <summary>The place of the attribute in its element.</summary>
    public ISourcePlace PlaceIn(SourceElement element) => new SourcePoint(Line, Column, element);
}
