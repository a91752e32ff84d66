using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Rules.Modules;

/// <summary>Rules about modules: elements of other namespaces that feeds carry.</summary>
public static class ModuleRules
{
    /// <summary>A namespace that is nearly one.</summary>
    public static readonly CheckRule Misspelt = new(
        "namespace-misspelt",
        Severity.Error,
        "The namespace \"{0}\" is misspelt, so readers do not understand {1}",
        "Write {2}.",
        "Namespaces in XML 1.0 §2.3"
    )
    {
        ReadersCope = true,
    };

    /// <summary>A date of Dublin Core.</summary>
    public static readonly CheckRule DublinCoreDate = new(
        "dc-date-invalid",
        Severity.Error,
        "“{0}” is not a valid Dublin Core date (W3CDTF)",
        "Write it like \"2026-11-24T09:30:00Z\".",
        "W3C Date and Time Formats"
    );

    /// <summary>How often a feed changes.</summary>
    public static readonly CheckRule UpdatePeriod = new(
        "sy-period-invalid",
        Severity.Error,
        "“{0}” is not a valid period",
        "Write hourly, daily, weekly, monthly or yearly.",
        "RSS 1.0 Syndication module"
    )
    {
        ReadersCope = true,
    };

    /// <summary>How many times in a period.</summary>
    public static readonly CheckRule UpdateFrequency = new(
        "sy-frequency-invalid",
        Severity.Error,
        "“{0}” is not a valid frequency",
        "Write a whole number above 0.",
        "RSS 1.0 Syndication module"
    )
    {
        ReadersCope = true,
    };

    /// <summary>A number of comments.</summary>
    public static readonly CheckRule CommentNumber = new(
        "slash-comments-invalid",
        Severity.Error,
        "“{0}” is not a number of comments",
        "Write digits only.",
        "RSS 1.0 Slash module"
    )
    {
        ReadersCope = true,
    };

    /// <summary>A feed of comments.</summary>
    public static readonly CheckRule CommentFeed = new(
        "wfw-comments-invalid",
        Severity.Error,
        "“{0}” is not a full address",
        "Write the full address of the comments’ feed.",
        "Well-Formed Web Comment API"
    )
    {
        ReadersCope = true,
    };

    /// <summary>An answer to nothing.</summary>
    public static readonly CheckRule AnswerWithoutRef = new(
        "thr-ref-missing",
        Severity.Error,
        "The answer does not say to what",
        "Write the id of the entry it answers into ref.",
        "RFC 4685 §3"
    );

    /// <summary>A number of answers.</summary>
    public static readonly CheckRule AnswerNumber = new(
        "thr-count-invalid",
        Severity.Error,
        "“{0}” is not a number of replies",
        "Write digits only.",
        "RFC 4685 §4 and §5"
    )
    {
        ReadersCope = true,
    };

    /// <summary>A medium without address.</summary>
    public static readonly CheckRule MediaAddress = new(
        "media-url-missing",
        Severity.Warning,
        "The {0} has no url",
        "Write its address into url.",
        "Media RSS 1.5, media:content and media:thumbnail"
    );

    /// <summary>A size of a medium.</summary>
    public static readonly CheckRule MediaSize = new(
        "media-size-invalid",
        Severity.Error,
        "The {0} “{1}” is not a number",
        "Write digits only.",
        "Media RSS 1.5, media:content"
    )
    {
        ReadersCope = true,
    };

    /// <summary>How long a recording is.</summary>
    public static readonly CheckRule Duration = new(
        "podcast-duration-invalid",
        Severity.Error,
        "“{0}” is not a valid duration",
        "Write seconds, or hours:minutes:seconds.",
        "Podcast module, duration"
    )
    {
        ReadersCope = true,
    };

    /// <summary>Whether a recording is for adults.</summary>
    public static readonly CheckRule Explicit = new(
        "podcast-explicit-invalid",
        Severity.Error,
        "\"{0}\" is neither yes nor no",
        "Write true or false.",
        "Podcast module, explicit"
    )
    {
        ReadersCope = true,
    };

    /// <summary>A podcast picture without address.</summary>
    public static readonly CheckRule PodcastImage = new(
        "podcast-image-missing",
        Severity.Warning,
        "The picture has no href",
        "Write its address into href.",
        "Podcast module, image"
    );

    /// <summary>A place on earth.</summary>
    public static readonly CheckRule Point = new(
        "georss-point-invalid",
        Severity.Error,
        "“{0}” is not a valid position",
        "Write latitude and longitude with a space between them.",
        "GeoRSS Simple, point"
    )
    {
        ReadersCope = true,
    };

    /// <summary>Every rule about modules.</summary>
    public static IReadOnlyList<CheckRule> All { get; } =
    [
        Misspelt,
        DublinCoreDate,
        UpdatePeriod,
        UpdateFrequency,
        CommentNumber,
        CommentFeed,
        AnswerWithoutRef,
        AnswerNumber,
        MediaAddress,
        MediaSize,
        Duration,
        Explicit,
        PodcastImage,
        Point,
    ];
}
