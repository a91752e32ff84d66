using System.Text.Json;
using Antiphon.Core.Feeds.Writing;
using Antiphon.Core.Html;
using Antiphon.Core.Text;
using Antiphon.Server.Listings.Reading;

namespace Antiphon.Server.Listings.Markup;

/// <summary>
/// What search engines are told about a listing, as JSON-LD (schema.org ItemList and BlogPosting). A data block runs
/// nothing, so that no Content-Security-Policy forbids it.
/// </summary>
internal static class StructuredData
{
    private const int DescriptionLength = 200;

    /// <summary>The element; empty when there is nothing to tell.</summary>
    public static string Of(ListingContent content)
    {
        if (content.Post is { } open)
            return Element(Posting(open, content));
        if (content.Entries.Count == 0)
            return string.Empty;
        var items = content.Entries.Select(
            (entry, index) =>
                new Dictionary<string, object?>
                {
                    ["@type"] = "ListItem",
                    ["position"] = index + 1,
                    ["url"] = entry.Link,
                    ["name"] = entry.Title,
                }
        );
        return Element(
            new Dictionary<string, object?>
            {
                ["@context"] = "https://schema.org",
                ["@type"] = "ItemList",
                ["name"] = content.Definition.Heading,
                ["itemListElement"] = items.ToList(),
            }
        );
    }

    private static Dictionary<string, object?> Posting(OpenPost open, ListingContent content) =>
        new()
        {
            ["@context"] = "https://schema.org",
            ["@type"] = "BlogPosting",
            ["headline"] = open.Entry.Title,
            ["url"] = open.Canonical,
            ["datePublished"] = open.Entry.Published is { } published ? AtomWriter.Date(published) : null,
            ["author"] = open.Entry.Author is null
                ? null
                : new Dictionary<string, object?> { ["@type"] = "Person", ["name"] = open.Entry.Author },
            ["image"] = open.Entry.Picture,
            ["description"] = Shortened.ToLength(open.Entry.Excerpt ?? HtmlText.Of(open.BodyHtml), DescriptionLength),
            ["inLanguage"] = content.Site.Language,
        };

    // The writer escapes every angle bracket, so that no text can end the element.
    private static string Element(Dictionary<string, object?> data) =>
        $"<script type=\"application/ld+json\">{JsonSerializer.Serialize(data.Where(pair => pair.Value is not null).ToDictionary())}</script>\n";
}
