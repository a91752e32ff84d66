using AngleSharp.Html;

namespace Antiphon.Core.Feeds.Mending;

/// <summary>Named characters of HTML.</summary>
internal static class HtmlEntities
{
    private static readonly HashSet<string> OfXml = new(StringComparer.Ordinal) { "amp", "lt", "gt", "quot", "apos" };

    /// <summary>True for the five names that XML knows itself.</summary>
    public static bool IsOfXml(string name) => OfXml.Contains(name);

    /// <summary>The characters of a name, or null when HTML has no such name.</summary>
    public static string? Find(string name) => HtmlEntityProvider.Resolver.GetSymbol(name + ";");
}
