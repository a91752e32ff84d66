using Antiphon.Core.Feeds.Forms;
using Antiphon.Core.Feeds.Rules.Rss;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Vocabulary;

/// <summary>RSS 0.9x and 2.0: one table of what stands where.</summary>
internal static class RssVocabulary
{
    private static readonly string[] Pictures = [".gif", ".jpg", ".jpeg", ".jpe", ".png"];
    private static readonly string[] Others = [".webp", ".svg", ".avif", ".bmp", ".tif", ".tiff", ".ico", ".pdf"];
    private static readonly string[] Protocols = ["xml-rpc", "soap", "http-post"];
    private static readonly string[] Days =
    [
        "Monday",
        "Tuesday",
        "Wednesday",
        "Thursday",
        "Friday",
        "Saturday",
        "Sunday",
    ];

    private static readonly VocabularyRules Rules = new()
    {
        Unknown = RssRules.ElementUnknown,
        Misplaced = RssStructureRules.Misplaced,
        Miswritten = RssStructureRules.Miswritten,
        Repeated = RssRules.ElementRepeated,
        Missing = RssRules.ChannelElementMissing,
        AttributeUnknown = RssStructureRules.AttributeUnknown,
        StrayText = RssStructureRules.StrayText,
        ElementInText = RssStructureRules.ElementInText,
    };

    /// <summary>RSS 2.0, whose hours count from 0 to 23.</summary>
    public static Vocabulary Current { get; } = new(Root(23), Rules);

    /// <summary>RSS 0.9x, whose hours count from 1 to 24.</summary>
    public static Vocabulary Old { get; } = new(Root(24), Rules);

    /// <summary>That of a version.</summary>
    public static Vocabulary Of(string? version) =>
        version?.StartsWith("0.9", StringComparison.Ordinal) == true ? Old : Current;

    private static ElementSpec Root(int lastHour) =>
        new("rss")
        {
            Content = ElementContent.Elements,
            Attributes = [new("version")],
            // That there is one channel, and no item beside it, has rules of its own.
            Children = [Channel(lastHour) with { MayRepeat = true }],
        };

    private static ElementSpec Channel(int lastHour) =>
        new("channel")
        {
            Content = ElementContent.Elements,
            Incomplete = RssRules.ChannelElementMissing,
            Children =
            [
                new("title") { IsRequired = true, Blank = RssRules.ChannelElementBlank },
                new("link")
                {
                    IsRequired = true,
                    Blank = RssRules.ChannelElementBlank,
                    Form = AddressForm.Absolute,
                },
                new("description") { IsRequired = true },
                new("language") { Blank = RssStructureRules.Empty, Form = LanguageForm.Tag },
                new("copyright") { Blank = RssStructureRules.Wordless },
                new("managingEditor") { Blank = RssStructureRules.Empty, Form = Editor("managingEditor") },
                new("webMaster") { Blank = RssStructureRules.Empty, Form = Editor("webMaster") },
                new("pubDate") { Blank = RssStructureRules.Empty },
                new("lastBuildDate") { Blank = RssStructureRules.Empty },
                Category,
                new("generator") { Blank = RssStructureRules.Wordless },
                new("docs") { Blank = RssStructureRules.Empty, Form = AddressForm.Absolute },
                Cloud,
                new("ttl") { Blank = RssDetailRules.Ttl, Form = Number(RssDetailRules.Ttl) },
                Image,
                new("rating") { Blank = RssStructureRules.Wordless },
                TextInput,
                new("skipHours") { Content = ElementContent.Elements, Children = [Hour(lastHour)] },
                new("skipDays") { Content = ElementContent.Elements, Children = [Day] },
                Item,
            ],
        };

    private static ElementSpec Item =>
        new("item")
        {
            Content = ElementContent.Elements,
            MayRepeat = true,
            Children =
            [
                new("title"),
                new("link") { Blank = RssStructureRules.Empty, Form = AddressForm.Absolute },
                new("description"),
                new("author") { Blank = RssStructureRules.Empty, Form = MailForm.Person },
                Category,
                new("comments") { Blank = RssStructureRules.Empty, Form = AddressForm.Fetched },
                new("enclosure")
                {
                    Content = ElementContent.Nothing,
                    MayRepeat = true,
                    Incomplete = RssRules.EnclosureIncomplete,
                    Attributes =
                    [
                        new("url", IsRequired: true, AddressForm.Fetched),
                        new("length", IsRequired: true, Number(RssRules.EnclosureLength)),
                        new("type", IsRequired: true, value =>
                            MediaTypeForm.IsValid(value) ? null : new Fault(RssStructureRules.EnclosureType, value)
                        ),
                    ],
                },
                new("guid") { Attributes = [new("isPermaLink", Form: PermaLink)] },
                new("pubDate") { Blank = RssStructureRules.Empty },
                new("source")
                {
                    Blank = RssStructureRules.Wordless,
                    Incomplete = RssDetailRules.SourceWithoutAddress,
                    Attributes = [new("url", IsRequired: true, AddressForm.Fetched)],
                },
            ],
        };

    private static ElementSpec Category =>
        new("category")
        {
            MayRepeat = true,
            Blank = RssDetailRules.CategoryEmpty,
            Attributes = [new("domain")],
        };

    private static ElementSpec Cloud =>
        new("cloud")
        {
            Content = ElementContent.Nothing,
            Incomplete = RssDetailRules.CloudIncomplete,
            Attributes =
            [
                new("domain", IsRequired: true, value =>
                    value.Contains('/', StringComparison.Ordinal)
                        ? new Fault(RssStructureRules.CloudPlace, value)
                        : null
                ),
                new("port", IsRequired: true, value =>
                    IsPort(value) ? null : new Fault(RssStructureRules.CloudPort, value)
                ),
                new("path", IsRequired: true, value =>
                    value.StartsWith('/') ? null : new Fault(RssStructureRules.CloudPlace, value)
                ),
                // With http-post there is no procedure to name, so it may be blank.
                new("registerProcedure", IsRequired: true, MayBeBlank: true),
                new("protocol", IsRequired: true, value =>
                    Protocols.Contains(value) ? null : new Fault(RssStructureRules.CloudProtocol, value)
                ),
            ],
        };

    private static ElementSpec Image =>
        new("image")
        {
            Content = ElementContent.Elements,
            Incomplete = RssDetailRules.ImageIncomplete,
            Children =
            [
                new("url")
                {
                    IsRequired = true,
                    Blank = RssStructureRules.Empty,
                    Form = Picture,
                },
                new("title") { IsRequired = true, Blank = RssStructureRules.Empty },
                new("link")
                {
                    IsRequired = true,
                    Blank = RssStructureRules.Empty,
                    Form = AddressForm.Absolute,
                },
                new("width") { Blank = RssStructureRules.Empty, Form = Size("width", 144) },
                new("height") { Blank = RssStructureRules.Empty, Form = Size("height", 400) },
                new("description"),
            ],
        };

    private static ElementSpec TextInput =>
        new("textInput")
        {
            Content = ElementContent.Elements,
            Incomplete = RssDetailRules.TextInputIncomplete,
            Children =
            [
                new("title") { IsRequired = true, Blank = RssStructureRules.Empty },
                new("description") { IsRequired = true, Blank = RssStructureRules.Empty },
                new("name") { IsRequired = true, Blank = RssStructureRules.Empty },
                new("link")
                {
                    IsRequired = true,
                    Blank = RssStructureRules.Empty,
                    Form = AddressForm.Fetched,
                },
            ],
        };

    private static ElementSpec Day =>
        new("day")
        {
            MayRepeat = true,
            Blank = RssDetailRules.SkipDay,
            Form = value => Days.Contains(value.Trim()) ? null : new Fault(RssDetailRules.SkipDay, value),
        };

    private static ElementSpec Hour(int last) =>
        new("hour")
        {
            MayRepeat = true,
            Blank = RssDetailRules.SkipHour,
            Form = value => NumberForm.IsBetween(value, 0, last) ? null : new Fault(RssDetailRules.SkipHour, value),
        };

    private static Fault? PermaLink(string value) =>
        value is "true" or "false" ? null : new Fault(RssStructureRules.PermaLink, value);

    private static Fault? Picture(string value)
    {
        if (AddressForm.Fetched(value) is { } slip)
            return slip;
        var path = value.Trim().Split('?', '#')[0].ToLowerInvariant();
        return Others.Any(path.EndsWith) && !Pictures.Any(path.EndsWith)
            ? new Fault(RssStructureRules.ImageKind, value.Trim())
            : null;
    }

    private static ValueForm Editor(string name) =>
        value =>
            MailForm.Person(value) is not { } slip ? null
            : slip.Rule == RssRules.AuthorNotMail ? new Fault(RssDetailRules.EditorNotMail, name, value)
            : slip;

    private static ValueForm Number(CheckRule rule) =>
        value =>
            (rule == RssDetailRules.Ttl ? NumberForm.IsPositive(value) : NumberForm.IsWhole(value))
                ? null
                : new Fault(rule, value);

    private static ValueForm Size(string name, int most) =>
        value => NumberForm.IsBetween(value, 1, most) ? null : new Fault(RssDetailRules.ImageSize, name, value);

    private static bool IsPort(string value) => NumberForm.IsBetween(value, 1, 65535);
}
