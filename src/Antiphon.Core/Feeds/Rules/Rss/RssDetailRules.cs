using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Rules.Rss;

/// <summary>Rules about the finer parts of RSS.</summary>
public static class RssDetailRules
{
    /// <summary>Minutes between visits.</summary>
    public static readonly CheckRule Ttl = new(
        "rss-ttl-invalid",
        Severity.Error,
        "The ttl “{0}” is not a number of minutes",
        "Write a whole number above 0, such as 60.",
        "RSS 2.0, ttl"
    )
    {
        ReadersCope = true,
    };

    /// <summary>An hour to skip.</summary>
    public static readonly CheckRule SkipHour = new(
        "rss-skip-hour-invalid",
        Severity.Error,
        "“{0}” is not an hour of the day",
        "Write an hour from 0 to 23.",
        "RSS 2.0, skipHours"
    )
    {
        ReadersCope = true,
    };

    /// <summary>A day to skip.</summary>
    public static readonly CheckRule SkipDay = new(
        "rss-skip-day-invalid",
        Severity.Error,
        "“{0}” is not a day of the week",
        "Write Monday to Sunday, in English.",
        "RSS 2.0, skipDays"
    )
    {
        ReadersCope = true,
    };

    /// <summary>An image without its parts.</summary>
    public static readonly CheckRule ImageIncomplete = new(
        "rss-image-incomplete",
        Severity.Error,
        "The image has no {0}",
        "An image needs url, title and link.",
        "RSS 2.0, image"
    );

    /// <summary>A size of the image.</summary>
    public static readonly CheckRule ImageSize = new(
        "rss-image-size",
        Severity.Error,
        "The {0} \"{1}\" is not one the image may have",
        "Write a number of pixels, at most 144 wide and 400 high.",
        "RSS 2.0, image"
    )
    {
        ReadersCope = true,
    };

    /// <summary>A text input without its parts.</summary>
    public static readonly CheckRule TextInputIncomplete = new(
        "rss-text-input-incomplete",
        Severity.Error,
        "The text input has no {0}",
        "It needs title, description, name and link.",
        "RSS 2.0, textInput"
    );

    /// <summary>A cloud without its parts.</summary>
    public static readonly CheckRule CloudIncomplete = new(
        "rss-cloud-incomplete",
        Severity.Error,
        "The cloud has no {0}",
        "It needs domain, port, path, registerProcedure and protocol.",
        "RSS 2.0, cloud"
    );

    /// <summary>A source without address.</summary>
    public static readonly CheckRule SourceWithoutAddress = new(
        "rss-source-url-missing",
        Severity.Error,
        "The source has no url",
        "Write the address of the feed the item was taken from into url.",
        "RSS 2.0, source"
    )
    {
        ReadersCope = true,
    };

    /// <summary>A version nobody defined.</summary>
    public static readonly CheckRule VersionUnknown = new(
        "rss-version-unknown",
        Severity.Error,
        "There is no RSS version \"{0}\"",
        "Write 2.0.",
        "RSS 2.0, What is RSS?"
    )
    {
        ReadersCope = true,
    };

    /// <summary>An editor without mail.</summary>
    public static readonly CheckRule EditorNotMail = new(
        "rss-editor-not-mail",
        Severity.Error,
        "The {0} “{1}” is not a valid email address",
        "Write \"mail (name)\".",
        "RSS 2.0, managingEditor and webMaster"
    )
    {
        ReadersCope = true,
    };

    /// <summary>Markup in a title.</summary>
    public static readonly CheckRule TitleMarkup = new(
        "rss-title-markup",
        Severity.Warning,
        "The title holds the tag {0}, which readers show as it is",
        "Write the title as plain text.",
        "RSS Best Practices, title"
    )
    {
        ReadersCope = true,
    };

    /// <summary>Two channels.</summary>
    public static readonly CheckRule ChannelTwice = new(
        "rss-channel-twice",
        Severity.Error,
        "There is a second channel",
        "Put everything into one; readers ignore the other.",
        "RSS 2.0, Required channel elements"
    );

    /// <summary>An item beside the channel.</summary>
    public static readonly CheckRule ItemOutside = new(
        "rss-item-outside",
        Severity.Error,
        "The item is outside the channel",
        "Put it into the channel; only RSS 1.0 has items beside it.",
        "RSS 2.0, Elements of item"
    );

    /// <summary>Several enclosures.</summary>
    public static readonly CheckRule EnclosureSeveral = new(
        "rss-enclosure-several",
        Severity.Advice,
        "The item has {0} enclosures",
        "Most readers show one; give each file its own item.",
        "RSS Best Practices, enclosure"
    );

    /// <summary>A build date before its content.</summary>
    public static readonly CheckRule BuildOlder = new(
        "rss-build-date-old",
        Severity.Advice,
        "The feed says it last changed before its newest item",
        "Set lastBuildDate when something changes.",
        "RSS 2.0, lastBuildDate"
    );

    /// <summary>An empty category.</summary>
    public static readonly CheckRule CategoryEmpty = new(
        "rss-category-empty",
        Severity.Advice,
        "The category is empty",
        "Name it or leave it out.",
        "RSS 2.0, category"
    );

    /// <summary>Every rule about the finer parts of RSS.</summary>
    public static IReadOnlyList<CheckRule> All { get; } =
    [
        Ttl,
        SkipHour,
        SkipDay,
        ImageIncomplete,
        ImageSize,
        TextInputIncomplete,
        CloudIncomplete,
        SourceWithoutAddress,
        VersionUnknown,
        EditorNotMail,
        TitleMarkup,
        ChannelTwice,
        ItemOutside,
        EnclosureSeveral,
        BuildOlder,
        CategoryEmpty,
    ];
}
