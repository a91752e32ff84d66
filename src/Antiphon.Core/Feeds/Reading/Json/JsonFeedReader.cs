using System.Globalization;
using System.Net;
using System.Text.Json;
using Antiphon.Core.Feeds.Discovery;
using Antiphon.Core.Feeds.Mending;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Reading.Dates;
using Antiphon.Core.Feeds.Rules.Documents;
using Antiphon.Core.Feeds.Source;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Reading.Json;

/// <summary>Reads JSON Feed 1.0 and 1.1.</summary>
internal static class JsonFeedReader
{
    private const string VersionPrefix = "jsonfeed.org/version/";

    public static FeedReadResult Read(string text, FeedReadOptions options)
    {
        var (root, broken) = JsonSource.Parse(text);
        if (broken is null)
            return Result(root, [], options, null);
        var (mended, mends) = JsonMender.Mend(text);
        var (whole, still) = JsonSource.Parse(mended);
        if (still is not null || mends.Count == 0)
            return Result(
                root,
                [Finding.At(DocumentRules.JsonNotWellFormed, broken.Line, broken.Column, broken.Message)],
                options,
                null
            );
        return Result(whole, [.. mends.Select(mend => FindingOf(text, mend))], options, mended);
    }

    private static Finding FindingOf(string text, JsonMend mend)
    {
        var before = text.AsSpan(0, Math.Min(mend.At, text.Length));
        return Finding.At(
            DocumentRules.JsonNotWellFormed,
            before.Count('\n') + 1,
            before.Length - before.LastIndexOf('\n'),
            mend.Slip
        );
    }

    private static FeedReadResult Result(
        JsonNode? root,
        IReadOnlyList<Finding> findings,
        FeedReadOptions options,
        string? mended
    )
    {
        if (root is null || !IsFeed(root))
        {
            return new FeedReadResult(
                null,
                null,
                null,
                findings.Count > 0 ? findings : [Finding.At(DocumentRules.JsonIsNoFeed, 1, 1)]
            );
        }

        return new FeedReadResult(FeedFormat.JsonFeed, VersionOf(root), Translate(root, options.Address), findings)
        {
            Mended = mended,
        };
    }

    /// <summary>The number at the end of the version address, or null.</summary>
    public static string? VersionOf(JsonNode root)
    {
        var version = root.String("version");
        var at = version?.IndexOf(VersionPrefix, StringComparison.OrdinalIgnoreCase) ?? -1;
        return at < 0 ? null : version![(at + VersionPrefix.Length)..].Trim('/');
    }

    private static bool IsFeed(JsonNode root) =>
        root.Kind == JsonValueKind.Object
        && (VersionOf(root) is not null || root.Member("items")?.Kind == JsonValueKind.Array);

    private static Feed Translate(JsonNode root, Uri? address)
    {
        var feed = new Feed
        {
            Title = root.String("title"),
            Description = root.String("description"),
            Link = LinkResolver.Resolve(root.String("home_page_url"), address),
            FeedLink = LinkResolver.Resolve(root.String("feed_url"), address),
            Language = root.String("language"),
            Icon = LinkResolver.Resolve(root.String("favicon"), address),
            Image = LinkResolver.Resolve(root.String("icon"), address) is { } icon ? new FeedImage(icon, null) : null,
        };
        feed.Authors.AddRange(Authors(root, address));
        feed.Hubs.AddRange(
            root.Objects("hubs").Select(hub => LinkResolver.Resolve(hub.String("url"), address)).OfType<string>()
        );
        feed.Paging.Next = LinkResolver.Resolve(root.String("next_url"), address);
        feed.Extensions.AddRange(Extensions(root));
        feed.Items.AddRange(root.Objects("items").Select(item => TranslateItem(item, address)));
        return feed;
    }

    private static FeedItem TranslateItem(JsonNode item, Uri? address)
    {
        var translated = new FeedItem
        {
            Id = item.String("id", orNumber: true),
            Title = item.String("title"),
            Link = LinkResolver.Resolve(item.String("url") ?? item.String("external_url"), address),
            Summary = item.String("summary"),
            ContentHtml = HtmlAddresses.Resolve(Content(item), address),
            Published = PublishedDateParser.Parse(item.String("date_published")),
            Updated = PublishedDateParser.Parse(item.String("date_modified")),
            Image = LinkResolver.Resolve(item.String("image") ?? item.String("banner_image"), address),
            ExternalLink = LinkResolver.Resolve(item.String("external_url"), address),
            Language = item.String("language"),
        };
        translated.Extensions.AddRange(Extensions(item));
        translated.Authors.AddRange(Authors(item, address));
        translated.Categories.AddRange(
            item.Member("tags")?.Items.Where(tag => tag.Kind == JsonValueKind.String).Select(tag => tag.Text) ?? []
        );
        translated.Enclosures.AddRange(
            item.Objects("attachments")
                .Select(file => new FeedEnclosure(
                    LinkResolver.Resolve(file.String("url"), address),
                    file.String("mime_type"),
                    Length(file)
                ))
        );
        return translated;
    }

    // Members that begin with an underscore belong to whoever made the feed (JSON Feed 1.1, Extensions).
    private static IEnumerable<FeedExtension> Extensions(JsonNode owner) =>
        owner
            .Members.Where(member => member.Name.StartsWith('_'))
            .Select(member => new FeedExtension(null, member.Name, member.Value.ToJson()));

    private static string? Content(JsonNode item) =>
        item.String("content_html") ?? (item.String("content_text") is { } text ? WebUtility.HtmlEncode(text) : null);

    // Version 1.0 had one author, 1.1 has a list; the list wins where both stand.
    private static IEnumerable<FeedPerson> Authors(JsonNode owner, Uri? address)
    {
        var listed = owner.Objects("authors").ToList();
        if (listed.Count == 0 && owner.Member("author") is { Kind: JsonValueKind.Object } single)
            listed.Add(single);
        return listed
            .Select(author => new FeedPerson(
                author.String("name"),
                null,
                LinkResolver.Resolve(author.String("url"), address)
            ))
            .Where(person => person.Name is not null || person.Url is not null);
    }

    private static long? Length(JsonNode file) =>
        long.TryParse(
            file.String("size_in_bytes", orNumber: true),
            NumberStyles.None,
            CultureInfo.InvariantCulture,
            out var bytes
        )
            ? bytes
            : null;
}
