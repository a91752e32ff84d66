using System.Xml.Linq;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Reading.Dates;
using Antiphon.Core.Feeds.Source;
using Antiphon.Core.Html;

namespace Antiphon.Core.Feeds.Reading.Modules.Extensions;

/// <summary>Reads which entries of a feed are no more (RFC 6721).</summary>
public static class DeletionReader
{
    /// <summary>The deleted entries a feed names; one without a reference names none.</summary>
    public static IReadOnlyList<FeedDeletion> Of(Feed feed) =>
        [
            .. KeptElements
                .Of(feed.Extensions, FeedNamespaces.Tombstones)
                .Where(element =>
                    element.Name.LocalName == "deleted-entry"
                    && KeptElements.TextOf(element.Attribute("ref")) is not null
                )
                .Select(Deletion),
        ];

    private static FeedDeletion Deletion(XElement element) =>
        new(
            KeptElements.TextOf(element.Attribute("ref"))!,
            PublishedDateParser.Parse(KeptElements.TextOf(element.Attribute("when"))),
            By(element.Elements().FirstOrDefault(child => child.Name.LocalName == "by")),
            KeptElements.First(element.Elements(), "comment") is { } comment ? HtmlText.Of(comment) : null
        );

    private static FeedPerson? By(XElement? person)
    {
        if (person is null)
            return null;
        var parts = person.Elements().ToList();
        return new FeedPerson(
            KeptElements.First(parts, "name"),
            KeptElements.First(parts, "email"),
            KeptElements.First(parts, "uri")
        );
    }
}
