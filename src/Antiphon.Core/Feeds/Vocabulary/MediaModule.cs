using Antiphon.Core.Feeds.Forms;
using Antiphon.Core.Feeds.Rules.Modules;
using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Feeds.Vocabulary;

/// <summary>The media module (version 1.5.1): files, their pictures and what is said of them.</summary>
internal static class MediaModule
{
    private const ModulePlaces Anywhere = ModulePlaces.Feed | ModulePlaces.Entry | ModulePlaces.Module;

    /// <summary>Its elements.</summary>
    public static Module Whole { get; } = new(FeedNamespaces.Media, [.. Files(), .. Words(), .. Others()]);

    private static ValueForm Size(string name) =>
        value => NumberForm.IsWhole(value) ? null : new Fault(ModuleRules.MediaSize, name, value);

    private static IEnumerable<ModuleElement> Files() =>
        [
            Modules.In(ModulePlaces.Entry, Modules.Any("group") with { MayRepeat = true }),
            Modules.In(ModulePlaces.Entry | ModulePlaces.Module, Content()),
            Modules.In(
                Anywhere,
                Modules.Any("thumbnail") with
                {
                    MayRepeat = true,
                    Attributes =
                    [
                        new("url", Form: AddressForm.Absolute),
                        new("width", Form: Size("width")),
                        new("height", Form: Size("height")),
                        new(
                            "time",
                            Form: ModuleForms.Like("media:thumbnail/@time", "12:05:01.123", ModuleForms.PlayTime())
                        ),
                    ],
                }
            ),
            Modules.In(
                Anywhere,
                Modules.Any("player") with
                {
                    Attributes =
                    [
                        new("url", IsRequired: true, AddressForm.Absolute),
                        new("width", Form: Size("width")),
                        new("height", Form: Size("height")),
                    ],
                }
            ),
        ];

    private static ElementSpec Content() =>
        Modules.Any("content") with
        {
            MayRepeat = true,
            Attributes =
            [
                new("url", Form: AddressForm.Absolute),
                new("fileSize", Form: Size("fileSize")),
                new("type", Form: ModuleForms.MediaType("media:content/@type")),
                new(
                    "medium",
                    Form: ModuleForms.OneOf(
                        "media:content/@medium",
                        "image",
                        "audio",
                        "video",
                        "document",
                        "executable"
                    )
                ),
                new("isDefault", Form: ModuleForms.OneOf("media:content/@isDefault", "true", "false")),
                new("expression", Form: ModuleForms.OneOf("media:content/@expression", "full", "sample", "nonstop")),
                new("bitrate", Form: ModuleForms.Number("media:content/@bitrate")),
                new("framerate", Form: ModuleForms.Number("media:content/@framerate")),
                new("samplingrate", Form: ModuleForms.Number("media:content/@samplingrate")),
                new("channels", Form: ModuleForms.Number("media:content/@channels")),
                new("duration", Form: ModuleForms.Number("media:content/@duration")),
                new("height", Form: Size("height")),
                new("width", Form: Size("width")),
                new("lang", Form: LanguageForm.Tag),
            ],
        };

    private static IEnumerable<ModuleElement> Words() =>
        [
            Modules.In(Anywhere, Typed("title")),
            Modules.In(Anywhere, Typed("description")),
            Modules.In(Anywhere, Modules.Text("keywords")),
            Modules.In(
                Anywhere,
                Modules.Text("category") with
                {
                    MayRepeat = true,
                    Attributes = [new("scheme"), new("label")],
                }
            ),
            Modules.In(
                Anywhere,
                Modules.Text("text") with
                {
                    MayRepeat = true,
                    Attributes =
                    [
                        new("type", Form: ModuleForms.OneOf("media:text/@type", "plain", "html")),
                        new("lang", Form: LanguageForm.Tag),
                        new(
                            "start",
                            Form: ModuleForms.Like("media:text/@start", "00:00:10.000", ModuleForms.PlayTime())
                        ),
                        new("end", Form: ModuleForms.Like("media:text/@end", "00:00:17.000", ModuleForms.PlayTime())),
                    ],
                }
            ),
            Modules.In(
                Anywhere,
                Modules.Text("credit") with
                {
                    MayRepeat = true,
                    Attributes = [new("role"), new("scheme")],
                }
            ),
            Modules.In(
                Anywhere,
                Modules.Text("copyright") with
                {
                    Attributes = [new("url", Form: AddressForm.Absolute)],
                }
            ),
        ];

    private static IEnumerable<ModuleElement> Others() =>
        [
            Modules.In(Anywhere, Modules.Text("adult", ModuleForms.OneOf("media:adult", "true", "false"))),
            Modules.In(Anywhere, Modules.Text("rating") with { MayRepeat = true, Attributes = [new("scheme")] }),
            Modules.In(
                Anywhere,
                Modules.Text("hash") with
                {
                    MayRepeat = true,
                    Attributes = [new("algo", Form: ModuleForms.OneOf("media:hash/@algo", "md5", "sha-1"))],
                }
            ),
            Modules.In(
                Anywhere,
                Modules.Any("restriction") with
                {
                    MayRepeat = true,
                    Attributes =
                    [
                        new(
                            "relationship",
                            IsRequired: true,
                            ModuleForms.OneOf("media:restriction/@relationship", "allow", "deny")
                        ),
                        new("type", Form: ModuleForms.OneOf("media:restriction/@type", "country", "uri", "sharing")),
                    ],
                }
            ),
            .. new[]
            {
                "community",
                "starRating",
                "statistics",
                "tags",
                "comments",
                "comment",
                "embed",
                "param",
                "responses",
                "response",
                "backLinks",
                "backLink",
                "status",
                "price",
                "license",
                "subTitle",
                "peerLink",
                "location",
                "rights",
                "scenes",
                "scene",
                "sceneTitle",
                "sceneDescription",
                "sceneStartTime",
                "sceneEndTime",
            }.Select(name => Modules.In(Anywhere, Modules.Any(name) with { MayRepeat = true })),
        ];

    private static ElementSpec Typed(string name) =>
        Modules.Text(name) with
        {
            Attributes = [new("type", Form: ModuleForms.OneOf($"media:{name}/@type", "plain", "html"))],
        };
}
