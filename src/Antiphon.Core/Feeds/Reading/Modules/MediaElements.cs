using System.Globalization;
using System.Xml;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Feeds.Reading.Modules;

/// <summary>
/// Collects the Media RSS elements of an entry; what a group or the entry says stands in for what an item of it does
/// not say itself.
/// </summary>
internal sealed class MediaElements
{
    private readonly List<FeedMedia> _found = [];
    private readonly List<string> _credits = [];
    private string? _title;
    private string? _description;

    /// <summary>First thumbnail that stands by itself, or null.</summary>
    public string? Thumbnail { get; private set; }

    /// <summary>
    /// True for the elements that are read here; others of the namespace are extensions to the reader.
    /// </summary>
    public static bool Knows(string name) =>
        name is "group" or "content" or "thumbnail" or "title" or "description" or "credit";

    /// <summary>Reads the element the reader stands on and leaves the reader after it.</summary>
    public void Read(XmlReader reader, Uri? baseAddress)
    {
        switch (reader.LocalName)
        {
            case "group":
                ReadGroup(reader, baseAddress);
                break;
            case "content":
                ReadContent(reader, baseAddress);
                break;
            case "thumbnail":
                Thumbnail ??= LinkResolver.Resolve(reader.GetAttribute("url"), baseAddress);
                reader.Skip();
                break;
            case "title":
                _title ??= XmlText.ReadTrimmed(reader);
                break;
            case "description":
                _description ??= XmlText.ReadTrimmed(reader);
                break;
            case "credit":
                AddCredit(reader, _credits);
                break;
            default:
                reader.Skip();
                break;
        }
    }

    /// <summary>What was found, in document order.</summary>
    public IEnumerable<FeedMedia> Found() => _found.Select(Completed);

    /// <summary>The picture that stands for the entry: a thumbnail, else the first picture.</summary>
    public string? Picture() =>
        Thumbnail
        ?? _found.Select(media => media.Thumbnail).FirstOrDefault(text => text is not null)
        ?? _found.FirstOrDefault(media => media.IsPicture)?.Url;

    private FeedMedia Completed(FeedMedia one) =>
        one with
        {
            Title = one.Title ?? _title,
            Description = one.Description ?? _description,
            Credit = one.Credit ?? (_credits.Count > 0 ? string.Join(", ", _credits) : null),
            Thumbnail = one.Thumbnail ?? (one.IsPicture ? null : Thumbnail),
        };

    private void ReadGroup(XmlReader reader, Uri? baseAddress)
    {
        var group = new MediaElements();
        XmlWalk.Children(reader, child => group.ReadIfMedia(child, baseAddress));
        _found.AddRange(group.Found());
        Thumbnail ??= group.Thumbnail;
        if (group._found.Count > 0)
            return;
        // A group without content speaks of the entry.
        _title ??= group._title;
        _description ??= group._description;
        _credits.AddRange(group._credits);
    }

    private void ReadIfMedia(XmlReader reader, Uri? baseAddress)
    {
        if (FeedNamespaces.Meant(reader.NamespaceURI) == FeedNamespaces.Media)
            Read(reader, baseAddress);
        else
            reader.Skip();
    }

    private void ReadContent(XmlReader reader, Uri? baseAddress)
    {
        var one = new FeedMedia(
            LinkResolver.Resolve(reader.GetAttribute("url"), baseAddress),
            reader.GetAttribute("type"),
            reader.GetAttribute("medium"),
            WholeNumber.Parse(reader.GetAttribute("width")),
            WholeNumber.Parse(reader.GetAttribute("height")),
            Size(reader)
        );
        var inner = new MediaElements();
        XmlWalk.Children(reader, child => inner.ReadIfMedia(child, baseAddress));
        _found.Add(
            one with
            {
                Title = inner._title,
                Description = inner._description,
                Thumbnail = inner.Thumbnail,
                Credit = inner._credits.Count > 0 ? string.Join(", ", inner._credits) : null,
            }
        );
        _found.AddRange(inner._found);
    }

    private static long? Size(XmlReader reader) =>
        long.TryParse(reader.GetAttribute("fileSize"), NumberStyles.None, CultureInfo.InvariantCulture, out var bytes)
            ? bytes
            : null;

    private static void AddCredit(XmlReader reader, List<string> credits)
    {
        if (XmlText.ReadTrimmed(reader) is { } name)
            credits.Add(name);
    }
}
