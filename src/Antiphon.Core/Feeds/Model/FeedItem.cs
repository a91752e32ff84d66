namespace Antiphon.Core.Feeds.Model;

/// <summary>One entry of a feed. Its lists are made when they are first asked for, as most stay empty.</summary>
public sealed record FeedItem
{
    private LateText _summary;
    private LateText _content;
    private Func<FeedItem, Uri?, string?>? _findImage;
    private Uri? _imageBase;

    /// <summary>Stable identifier (guid, atom:id, JSON id).</summary>
    public string? Id { get; set; }

    /// <summary>Plain-text title.</summary>
    public string? Title { get; set; }

    /// <summary>The title as HTML, as given and not yet cleaned; null where it is plain text.</summary>
    public string? TitleHtml { get; set; }

    /// <summary>The entry's page.</summary>
    public string? Link { get; set; }

    /// <summary>Short text, as given: plain or HTML.</summary>
    public string? Summary
    {
        get => _summary.Get();
        set => _summary = new LateText(value);
    }

    /// <summary>Full text as HTML, as given and not yet cleaned.</summary>
    public string? ContentHtml
    {
        get => _content.Get();
        set => _content = new LateText(value);
    }

    /// <summary>First published.</summary>
    public DateTimeOffset? Published { get; set; }

    /// <summary>Last changed.</summary>
    public DateTimeOffset? Updated { get; set; }

    /// <summary>Authors of the entry.</summary>
    public List<FeedPerson> Authors
    {
        get => field ??= [];
        init;
    }

    /// <summary>Categories and tags.</summary>
    public List<string> Categories
    {
        get => field ??= [];
        init;
    }

    /// <summary>Attached files.</summary>
    public List<FeedEnclosure> Enclosures
    {
        get => field ??= [];
        init;
    }

    /// <summary>Picture that stands for the entry.</summary>
    public string? Image
    {
        get
        {
            if (_findImage is { } find)
                (_findImage, field) = (null, find(this, _imageBase));
            return field;
        }
        set => (_findImage, field) = (null, value);
    }

    /// <summary>Page with the comments.</summary>
    public string? CommentsUrl { get; set; }

    /// <summary>Feed of the comments.</summary>
    public string? CommentsFeed { get; set; }

    /// <summary>Number of comments the feed tells.</summary>
    public int? CommentCount { get; set; }

    /// <summary>Title of the feed the entry was taken from.</summary>
    public string? Source { get; set; }

    /// <summary>Address of that feed.</summary>
    public string? SourceFeed { get; set; }

    /// <summary>The page elsewhere that the entry is about.</summary>
    public string? ExternalLink { get; set; }

    /// <summary>Rights in the entry.</summary>
    public string? Copyright { get; set; }

    /// <summary>Language tag (BCP 47), where it differs from the feed's.</summary>
    public string? Language { get; set; }

    /// <summary>Those who helped.</summary>
    public List<FeedPerson> Contributors
    {
        get => field ??= [];
        init;
    }

    /// <summary>Links whose relation has no place of its own here.</summary>
    public List<RelatedLink> Links
    {
        get => field ??= [];
        init;
    }

    /// <summary>Addresses of the licences it is under (RFC 4946).</summary>
    public List<string> Licenses
    {
        get => field ??= [];
        init;
    }

    /// <summary>Pictures, sounds and films.</summary>
    public List<FeedMedia> Media
    {
        get => field ??= [];
        init;
    }

    /// <summary>Where it happened.</summary>
    public FeedPlace? Place { get; set; }

    /// <summary>What it answers.</summary>
    public List<FeedReply> RepliesTo
    {
        get => field ??= [];
        init;
    }

    /// <summary>What it says beyond what is known here.</summary>
    public List<FeedExtension> Extensions
    {
        get => field ??= [];
        init;
    }

    /// <summary>Whether there is a short text; asking does not make it.</summary>
    internal bool HasSummary => !_summary.IsNone;

    /// <summary>Whether there is a full text; asking does not make it.</summary>
    internal bool HasContent => !_content.IsNone;

    /// <summary>Sets the short text to one that is made when it is asked for.</summary>
    internal void SetSummary(LateText text) => _summary = text;

    /// <summary>Sets the full text to one that is made when it is asked for.</summary>
    internal void SetContent(LateText text) => _content = text;

    /// <summary>Looks for the picture when it is asked for.</summary>
    internal void FindImage(Func<FeedItem, Uri?, string?> find, Uri? baseAddress) =>
        (_findImage, _imageBase) = (find, baseAddress);
}
