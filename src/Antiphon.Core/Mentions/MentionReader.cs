using AngleSharp.Dom;
using AngleSharp.Html.Dom;
using Antiphon.Core.Feeds.Reading.Dates;
using Antiphon.Core.Html;
using Antiphon.Core.Mentions.Microformats;
using Antiphon.Core.Text;

namespace Antiphon.Core.Mentions;

/// <summary>
/// Reads what a page says about a post: by microformats2, else by Open Graph, else by its plain title.
/// </summary>
public static class MentionReader
{
    private const int LongestName = 100;
    private const int LongestTitle = 200;
    private const int LongestAnswer = 2000;
    private const int LongestPassage = 400;

    /// <summary>What the page says; null when it does not link to the post (Webmention, 3.2.2).</summary>
    /// <param name="document">The page.</param>
    /// <param name="source">Where it was read.</param>
    /// <param name="target">Address of the post as the sender gave it.</param>
    public static MentionPage? Read(IHtmlDocument document, Uri source, Uri target)
    {
        var folded = FoldedAddress.Of(target.AbsoluteUri);
        bool IsTarget(string? address) =>
            address is not null
            && FoldedAddress.Of(Uri.TryCreate(source, address.Trim(), out var absolute) ? absolute.AbsoluteUri : null)
                == folded;
        if (LinkIn(document, IsTarget) is not { } link)
            return null;
        var items = MicroformatReader.Read(document, source);
        return EntryOf(items, link) is { } entry
            ? OfEntry(entry, items, document, link, source, IsTarget)
            : OfPlainPage(document, link, source);
    }

    /// <summary>The same for what is no HTML, where the address is looked for as it stands.</summary>
    public static MentionPage? ReadText(string text, Uri source, Uri target) =>
        text.Contains(target.AbsoluteUri, StringComparison.Ordinal)
            ? new MentionPage(MentionKind.Link, HostOf(source), null, null, string.Empty, null)
            : null;

    /// <summary>Host of an address as people read it.</summary>
    public static string HostOf(Uri address) =>
        address.Host.StartsWith("www.", StringComparison.OrdinalIgnoreCase) ? address.Host[4..] : address.Host;

    private static IElement? LinkIn(IDocument document, Func<string?, bool> isTarget) =>
        document
            .QuerySelectorAll("[href],[src],[cite],[data]")
            .FirstOrDefault(element =>
                element.LocalName is not ("base" or "script")
                && new[] { "href", "src", "cite", "data" }.Any(name => isTarget(element.GetAttribute(name)))
            );

    // Of several entries the one the link stands in; a page that shows a whole blog has many.
    private static MicroformatItem? EntryOf(IReadOnlyList<MicroformatItem> items, IElement link)
    {
        var entries = items.Concat(items.SelectMany(item => item.Children)).Where(item => item.Is("h-entry")).ToList();
        return entries.Find(entry => entry.Element.Contains(link)) ?? entries.FirstOrDefault();
    }

    private static MentionPage OfEntry(
        MicroformatItem entry,
        IReadOnlyList<MicroformatItem> items,
        IDocument document,
        IElement link,
        Uri source,
        Func<string?, bool> isTarget
    )
    {
        var kind = KindOf(entry, isTarget);
        var card = AuthorOf(entry, items, document);
        var content = entry.Text("content") ?? entry.Text("summary");
        var name = entry.Text("name");
        var text = kind switch
        {
            MentionKind.Answer => Shortened.ToLength((content ?? name ?? string.Empty).Trim(), LongestAnswer),
            MentionKind.Link => PassageAround(link, entry.Element),
            _ => string.Empty,
        };
        // A note has no title of its own; its name is its text again.
        var title =
            name is not null && content is not null && !content.StartsWith(name, StringComparison.Ordinal)
                ? Shortened.ToLength(OneLine.Of(name), LongestTitle)
                : null;
        return new MentionPage(
            kind,
            Shortened.ToLength(
                card?.Text("name") is { } author ? OneLine.Of(author)
                    : entry.Text("author") is { } said && !said.StartsWith("http", StringComparison.Ordinal)
                        ? OneLine.Of(said)
                    : HostOf(source),
                LongestName
            ),
            WebAddress(card?.Text("url")),
            title,
            text,
            Date(entry.Text("published"))
        );
    }

    private static MentionKind KindOf(MicroformatItem entry, Func<string?, bool> isTarget)
    {
        bool Says(string property) =>
            entry.Values(property).Any(value => isTarget(value.Item?.Text("url") ?? value.Text));
        return Says("in-reply-to") ? MentionKind.Answer
            : Says("like-of") ? MentionKind.Like
            : Says("repost-of") ? MentionKind.Repost
            : MentionKind.Link;
    }

    // The steps of the authorship specification that need no further page.
    private static MicroformatItem? AuthorOf(
        MicroformatItem entry,
        IReadOnlyList<MicroformatItem> items,
        IDocument document
    )
    {
        var told = entry.Values("author").Select(value => value.Item).FirstOrDefault(item => item is not null);
        if (told is not null || entry.Values("author").Count > 0)
            return told;
        if (
            items
                .FirstOrDefault(item => item.Is("h-feed"))
                ?.Values("author")
                .Select(value => value.Item)
                .FirstOrDefault(item => item is not null) is
            { } ofFeed
        )
            return ofFeed;
        return items.FirstOrDefault(item =>
            item.Is("h-card")
            && (
                item.Element.ClassList.Contains("p-author")
                || item.Element.GetAttribute("rel")?.Contains("author", StringComparison.Ordinal) == true
            )
        )
            ?? (
                document.QuerySelector("a[rel~=author]") is { } link
                    ? items.FirstOrDefault(item => item.Is("h-card") && item.Element.Contains(link))
                    : null
            );
    }

    private static MentionPage OfPlainPage(IHtmlDocument document, IElement link, Uri source)
    {
        var card = PageCard.Of(document, source);
        var author = document.QuerySelector("meta[name=author]")?.GetAttribute("content")?.Trim();
        var site = document.QuerySelector("meta[property='og:site_name']")?.GetAttribute("content")?.Trim();
        var name =
            !string.IsNullOrEmpty(author) ? author
            : !string.IsNullOrEmpty(site) ? site
            : HostOf(source);
        return new MentionPage(
            MentionKind.Link,
            Shortened.ToLength(OneLine.Of(name), LongestName),
            null,
            card is null ? null : Shortened.ToLength(OneLine.Of(card.Title), LongestTitle),
            PassageAround(link, document.Body),
            Date(document.QuerySelector("meta[property='article:published_time']")?.GetAttribute("content"))
        );
    }

    /// <summary>The text of the block a link stands in, cut around the link.</summary>
    private static string PassageAround(IElement link, IElement? within)
    {
        var block = link;
        while (
            block.ParentElement is { } parent
            && parent != within
            && block.LocalName
                is not ("p" or "li" or "blockquote" or "dd" or "td" or "div" or "section" or "article" or "figure")
        )
            block = parent;
        var text = OneLine.Of(block.TextContent);
        if (text.Length <= LongestPassage)
            return text;
        var said = OneLine.Of(link.TextContent);
        var at = Math.Max(0, said.Length == 0 ? 0 : text.IndexOf(said, StringComparison.Ordinal));
        var start = Math.Max(0, at - (LongestPassage / 2));
        if (start > 0 && text.IndexOf(' ', start) is > 0 and var space && space < at)
            start = space + 1;
        return (start > 0 ? "…" : string.Empty) + Shortened.ToLength(text[start..], LongestPassage);
    }

    private static string? WebAddress(string? address) =>
        Uri.TryCreate(address, UriKind.Absolute, out var uri) && uri.Scheme is "http" or "https"
            ? uri.AbsoluteUri
            : null;

    private static DateTimeOffset? Date(string? text) => PublishedDateParser.Parse(text);
}
