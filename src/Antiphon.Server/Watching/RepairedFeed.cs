namespace Antiphon.Server.Watching;

/// <summary>What a repaired feed is served as.</summary>
internal static class RepairedFeed
{
    /// <summary>The Content-Type that fits the document, told by its first element.</summary>
    public static string TypeOf(string text)
    {
        var head = text.AsSpan(0, Math.Min(text.Length, 2000)).TrimStart('\uFEFF').TrimStart();
        if (head.StartsWith("{")) return "application/feed+json; charset=utf-8";
        if (head.Contains("<feed", StringComparison.Ordinal)) return "application/atom+xml; charset=utf-8";
        return head.Contains("<rdf:RDF", StringComparison.OrdinalIgnoreCase) ? "application/rdf+xml; charset=utf-8" : "application/rss+xml; charset=utf-8";
    }
}
