using System.Text.Encodings.Web;
using System.Text.Json;
using Antiphon.Core.Feeds.Model;

namespace Antiphon.Core.Feeds.Writing;

/// <summary>Writes JSON Feed 1.1.</summary>
public static class JsonFeedWriter
{
    /// <summary>The document in UTF-8. The same feed gives the same bytes.</summary>
    public static byte[] Write(Feed feed)
    {
        using var stream = new MemoryStream();
        using var json = new Utf8JsonWriter(
            stream,
            new JsonWriterOptions
            {
                Indented = true,
                NewLine = "\n",
                Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
            }
        );
        json.WriteStartObject();
        json.WriteString("version", "https://jsonfeed.org/version/1.1");
        json.WriteString("title", feed.Title ?? feed.Link ?? string.Empty);
        Text(json, "home_page_url", feed.Link);
        Text(json, "feed_url", feed.FeedLink);
        Text(json, "next_url", feed.Paging.Next);
        Text(json, "description", feed.Description);
        Text(json, "icon", feed.Image?.Url);
        Text(json, "favicon", feed.Icon);
        Text(json, "language", feed.Language);
        WriteAuthors(json, feed.Authors);
        WriteHubs(json, feed.Hubs);
        WriteExtensions(json, feed.Extensions);
        json.WriteStartArray("items");
        foreach (var item in feed.Items)
            WriteItem(json, item);
        json.WriteEndArray();
        json.WriteEndObject();
        json.Flush();
        return stream.ToArray();
    }

    private static void WriteItem(Utf8JsonWriter json, FeedItem item)
    {
        json.WriteStartObject();
        json.WriteString("id", item.Id ?? item.Link ?? string.Empty);
        Text(json, "url", item.Link);
        if (item.ExternalLink != item.Link)
            Text(json, "external_url", item.ExternalLink);
        Text(json, "language", item.Language);
        Text(json, "title", item.Title);
        Text(json, "summary", item.Summary);
        json.WriteString("content_html", item.ContentHtml ?? item.Summary ?? string.Empty);
        Text(json, "image", item.Image);
        if (item.Published is { } published)
            json.WriteString("date_published", AtomWriter.Date(published));
        if (item.Updated is { } updated)
            json.WriteString("date_modified", AtomWriter.Date(updated));
        WriteAuthors(json, item.Authors);
        if (item.Categories.Count > 0)
            WriteTags(json, item.Categories);
        WriteAttachments(json, item);
        WriteExtensions(json, item.Extensions);
        json.WriteEndObject();
    }

    private static void Text(Utf8JsonWriter json, string name, string? text)
    {
        if (!string.IsNullOrEmpty(text))
            json.WriteString(name, text);
    }

    private static void WriteAuthors(Utf8JsonWriter json, List<FeedPerson> authors)
    {
        if (authors.Count == 0)
            return;
        json.WriteStartArray("authors");
        foreach (var author in authors)
        {
            json.WriteStartObject();
            Text(json, "name", author.Name ?? author.Email);
            Text(json, "url", author.Url);
            json.WriteEndObject();
        }

        json.WriteEndArray();
    }

    private static void WriteTags(Utf8JsonWriter json, List<string> tags)
    {
        json.WriteStartArray("tags");
        foreach (var tag in tags)
            json.WriteStringValue(tag);
        json.WriteEndArray();
    }

    // Pictures, sounds and films that are not attached already go along as attachments; the format has no other place
    // for them.
    private static void WriteAttachments(Utf8JsonWriter json, FeedItem item)
    {
        var media = item
            .Media.Where(feedMedia =>
                feedMedia.Type is not null && item.Enclosures.All(file => file.Url != feedMedia.Url)
            )
            .Select(feedMedia =>
                (File: new FeedEnclosure(feedMedia.Url, feedMedia.Type, feedMedia.Length), feedMedia.Title)
            );
        var files = item
            .Enclosures.Select(file => (File: file, Title: (string?)null))
            .Concat(media)
            .Where(pair => pair.File.Url is not null)
            .ToList();
        if (files.Count == 0)
            return;
        json.WriteStartArray("attachments");
        foreach (var (file, title) in files)
        {
            json.WriteStartObject();
            json.WriteString("url", file.Url);
            json.WriteString("mime_type", file.Type ?? "application/octet-stream");
            Text(json, "title", title);
            if (file.Length is { } length)
                json.WriteNumber("size_in_bytes", length);
            json.WriteEndObject();
        }

        json.WriteEndArray();
    }

    private static void WriteHubs(Utf8JsonWriter json, List<string> hubs)
    {
        if (hubs.Count == 0)
            return;
        json.WriteStartArray("hubs");
        foreach (var hub in hubs)
        {
            json.WriteStartObject();
            json.WriteString("type", "WebSub");
            json.WriteString("url", hub);
            json.WriteEndObject();
        }

        json.WriteEndArray();
    }

    private static void WriteExtensions(Utf8JsonWriter json, IEnumerable<FeedExtension> extensions)
    {
        foreach (var extension in extensions.Where(feedExtension => feedExtension.IsJson))
        {
            json.WritePropertyName(extension.Name);
            json.WriteRawValue(extension.Raw);
        }
    }
}
