namespace Antiphon.Core.Feeds.Source;

/// <summary>A place in the source of a document.</summary>
public interface ISourcePlace
{
    /// <summary>Line from 1.</summary>
    int Line { get; }

    /// <summary>Column from 1.</summary>
    int Column { get; }

    /// <summary>Path from the root.</summary>
    string Path { get; }
}
