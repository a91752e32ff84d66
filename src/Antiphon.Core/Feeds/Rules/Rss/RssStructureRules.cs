using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Rules.Rss;

/// <summary>Rules about the elements and attributes of RSS as such.</summary>
internal static class RssStructureRules
{
    /// <summary>Elsewhere than RSS has it.</summary>
    public static readonly CheckRule Misplaced = new(
        "rss-element-misplaced",
        Severity.Error,
        "RSS has no {0} in {1}",
        "Move it to where it belongs, or leave it out.",
        "RSS 2.0, Required channel elements, Optional channel elements and Elements of item"
    );

    /// <summary>Capitals.</summary>
    public static readonly CheckRule Miswritten = new(
        "rss-element-case",
        Severity.Error,
        "{0} must be written {1}",
        "Write {1}; XML distinguishes capital and small letters.",
        "XML 1.0 §2.3; RSS 2.0"
    );

    /// <summary>An attribute RSS does not have.</summary>
    public static readonly CheckRule AttributeUnknown = new(
        "rss-attribute-unknown",
        Severity.Error,
        "RSS has no attribute {0} in {1}",
        "Remove it, correct its name, or put it into a namespace.",
        "RSS 2.0, Extending RSS"
    )
    {
        ReadersCope = true,
    };

    /// <summary>Text between elements.</summary>
    public static readonly CheckRule StrayText = new(
        "rss-stray-text",
        Severity.Error,
        "The text “{0}” is directly in {1}",
        "Put it into an element, such as description, or remove it.",
        "RSS 2.0, Required channel elements and Elements of item"
    )
    {
        ReadersCope = true,
    };

    /// <summary>Markup that is not escaped.</summary>
    public static readonly CheckRule ElementInText = new(
        "rss-markup-not-escaped",
        Severity.Error,
        "The element {0} is directly in {1}, which takes text only",
        "Escape the HTML (&lt;p&gt;) or put it into <![CDATA[ … ]]>.",
        "RSS 2.0, Elements of item, Comments"
    );

    /// <summary>Nothing where something is said.</summary>
    public static readonly CheckRule Empty = new(
        "rss-element-empty",
        Severity.Error,
        "{0} in {1} is empty",
        "Fill it in or leave it out.",
        "RSS 2.0, Optional channel elements and Elements of item"
    )
    {
        ReadersCope = true,
    };

    /// <summary>Nothing where words could be.</summary>
    public static readonly CheckRule Wordless = new(
        "rss-text-empty",
        Severity.Advice,
        "{0} in {1} is empty",
        "Fill it in or leave it out.",
        "RSS Best Practices, Common elements"
    );

    /// <summary>A value of isPermaLink.</summary>
    public static readonly CheckRule PermaLink = new(
        "rss-guid-permalink-value",
        Severity.Error,
        "isPermaLink is “{0}”",
        "Write true or false, in small letters.",
        "RSS 2.0, guid"
    )
    {
        ReadersCope = true,
    };

    /// <summary>A year of two digits.</summary>
    public static readonly CheckRule YearShort = new(
        "rss-year-short",
        Severity.Advice,
        "The year of “{0}” has two digits",
        "Write four, which RSS prefers.",
        "RSS 2.0, Comments"
    );

    /// <summary>A zone of one letter.</summary>
    public static readonly CheckRule ZoneLetter = new(
        "rss-zone-letter",
        Severity.Advice,
        "The time zone of “{0}” is a single letter, which programs understand differently",
        "Write GMT or an offset, such as +0100.",
        "RFC 1123 §5.2.14"
    );

    /// <summary>Two dates of one item.</summary>
    public static readonly CheckRule DatesDisagree = new(
        "rss-dates-disagree",
        Severity.Warning,
        "pubDate and dc:date name different times: {0} and {1}",
        "Keep one of them, or write the same moment into both.",
        "RSS Best Practices, Dublin Core"
    );

    /// <summary>An hour or a day twice.</summary>
    public static readonly CheckRule SkipTwice = new(
        "rss-skip-repeated",
        Severity.Error,
        "“{0}” appears twice in {1}",
        "Keep one.",
        "RSS Best Practices, skipHours and skipDays"
    )
    {
        ReadersCope = true,
    };

    /// <summary>The protocol of a cloud.</summary>
    public static readonly CheckRule CloudProtocol = new(
        "rss-cloud-protocol",
        Severity.Error,
        "“{0}” is not a protocol of cloud",
        "Write xml-rpc, soap or http-post.",
        "RSS 2.0, cloud"
    );

    /// <summary>The port of a cloud.</summary>
    public static readonly CheckRule CloudPort = new(
        "rss-cloud-port",
        Severity.Error,
        "“{0}” is not a port",
        "Write a number from 1 to 65535.",
        "RSS 2.0, cloud"
    );

    /// <summary>The machine and path of a cloud.</summary>
    public static readonly CheckRule CloudPlace = new(
        "rss-cloud-address",
        Severity.Error,
        "“{0}” does not belong into the cloud",
        "Write the host name alone into domain, and a path that begins with / into path.",
        "RSS 2.0, cloud"
    );

    /// <summary>The file of an enclosure.</summary>
    public static readonly CheckRule EnclosureType = new(
        "rss-enclosure-type",
        Severity.Error,
        "“{0}” is not a valid media type",
        "Write one such as audio/mpeg.",
        "RSS 2.0, enclosure; RFC 6838 §4.2"
    );

    /// <summary>An enclosure readers cannot fetch.</summary>
    public static readonly CheckRule EnclosureTwice = new(
        "rss-enclosure-repeated",
        Severity.Warning,
        "The file “{0}” is enclosed twice in one item",
        "Keep one.",
        "RSS Best Practices, enclosure"
    );

    /// <summary>A picture of the channel in a format browsers of 2002 did not have.</summary>
    public static readonly CheckRule ImageKind = new(
        "rss-image-format",
        Severity.Error,
        "The image “{0}” is neither GIF, JPEG nor PNG",
        "Use one of these.",
        "RSS 2.0, image"
    )
    {
        ReadersCope = true,
    };

    /// <summary>Another name for the image than for the channel.</summary>
    public static readonly CheckRule ImageDiffers = new(
        "rss-image-differs",
        Severity.Advice,
        "The {0} of the image is not that of the channel",
        "Give both the same {0}.",
        "RSS 2.0, image"
    );

    /// <summary>What RSS 0.91 asks for.</summary>
    public static readonly CheckRule OldRequired = new(
        "rss-091-missing",
        Severity.Error,
        "RSS 0.91 needs {0} in {1}",
        "Add it, or publish RSS 2.0.",
        "RSS 0.91, channel and item"
    )
    {
        ReadersCope = true,
    };

    /// <summary>More than RSS 0.91 takes.</summary>
    public static readonly CheckRule OldMany = new(
        "rss-091-many-items",
        Severity.Error,
        "RSS 0.91 has at most 15 items, and here are {0}",
        "Keep 15, or publish RSS 2.0.",
        "RSS 0.91, item"
    )
    {
        ReadersCope = true,
    };

    /// <summary>Every rule about elements and attributes of RSS.</summary>
    public static IReadOnlyList<CheckRule> All { get; } =
    [
        Misplaced,
        Miswritten,
        AttributeUnknown,
        StrayText,
        ElementInText,
        Empty,
        Wordless,
        PermaLink,
        YearShort,
        ZoneLetter,
        DatesDisagree,
        SkipTwice,
        CloudProtocol,
        CloudPort,
        CloudPlace,
        EnclosureType,
        EnclosureTwice,
        ImageKind,
        ImageDiffers,
        OldRequired,
        OldMany,
    ];
}
