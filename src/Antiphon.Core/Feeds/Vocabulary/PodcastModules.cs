using Antiphon.Core.Feeds.Forms;
using Antiphon.Core.Feeds.Rules.Modules;
using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Feeds.Vocabulary;

/// <summary>The two modules of podcasts.</summary>
internal static class PodcastModules
{
    private static readonly string[] Explicit = ["yes", "no", "true", "false", "clean", "explicit"];

    /// <summary>The one nearly every podcast has.</summary>
    public static Module Older { get; } =
        new(
            FeedNamespaces.Podcast,
            [
                Modules.In(ModulePlaces.Both, Modules.Text("author")),
                Modules.In(
                    ModulePlaces.Both,
                    Modules.Text("block", ModuleForms.OneOf("itunes:block", "Yes", "No", "yes", "no"))
                ),
                Modules.In(
                    ModulePlaces.Feed | ModulePlaces.Module,
                    Modules.Any("category") with
                    {
                        MayRepeat = true,
                        Attributes = [new("text", IsRequired: true)],
                    }
                ),
                Modules.In(
                    ModulePlaces.Both,
                    Modules.Empty("image", new AttributeSpec("href", IsRequired: true, AddressForm.Fetched)) with
                    {
                        Incomplete = ModuleRules.PodcastImage,
                    }
                ),
                Modules.In(
                    ModulePlaces.Entry,
                    Modules.Text("duration", ModuleForms.By(ModuleRules.Duration, IsDuration))
                ),
                Modules.In(
                    ModulePlaces.Both,
                    Modules.Text(
                        "explicit",
                        ModuleForms.By(ModuleRules.Explicit, value =>
                            Explicit.Contains(value.Trim().ToLowerInvariant())
                        )
                    )
                ),
                Modules.In(
                    ModulePlaces.Entry,
                    Modules.Text(
                        "isClosedCaptioned",
                        ModuleForms.OneOf("itunes:isClosedCaptioned", "Yes", "No", "yes", "no")
                    )
                ),
                Modules.In(ModulePlaces.Entry, Modules.Text("order", ModuleForms.Whole("itunes:order"))),
                Modules.In(
                    ModulePlaces.Feed,
                    Modules.Text("complete", ModuleForms.OneOf("itunes:complete", "Yes", "No", "yes", "no"))
                ),
                Modules.In(ModulePlaces.Feed, Modules.Text("new-feed-url", AddressForm.Fetched)),
                Modules.In(ModulePlaces.Feed, new ElementSpec("owner") { Content = ElementContent.Anything }),
                Modules.In(ModulePlaces.Module, Modules.Text("name")),
                Modules.In(ModulePlaces.Module, Modules.Text("email", ModuleForms.Mail("itunes:email"))),
                Modules.In(ModulePlaces.Both, Modules.Text("subtitle") with { Blank = null }),
                Modules.In(ModulePlaces.Both, Modules.Text("summary") with { Blank = null }),
                Modules.In(ModulePlaces.Both, Modules.Text("keywords") with { Blank = null }),
                Modules.In(ModulePlaces.Both, Modules.Text("title")),
                Modules.In(ModulePlaces.Entry, Modules.Text("season", ModuleForms.Whole("itunes:season", 1))),
                Modules.In(ModulePlaces.Entry, Modules.Text("episode", ModuleForms.Whole("itunes:episode", 1))),
                Modules.In(
                    ModulePlaces.Entry,
                    Modules.Text("episodeType", ModuleForms.OneOf("itunes:episodeType", "full", "trailer", "bonus"))
                ),
                Modules.In(
                    ModulePlaces.Feed,
                    Modules.Text("type", ModuleForms.OneOf("itunes:type", "episodic", "serial"))
                ),
                Modules.In(ModulePlaces.Feed, Modules.Text("applepodcastsverify") with { Blank = null }),
            ]
        );

    /// <summary>The newer one, with transcripts, chapters and persons.</summary>
    public static Module Newer { get; } =
        new(
            FeedNamespaces.Podcasting,
            [
                Modules.In(
                    ModulePlaces.Feed,
                    Modules.Text("locked", ModuleForms.OneOf("podcast:locked", "yes", "no")) with
                    {
                        Attributes = [new("owner", Form: ModuleForms.Mail("podcast:locked/@owner"))],
                    }
                ),
                Modules.In(
                    ModulePlaces.Entry,
                    Modules.Empty(
                        "transcript",
                        new AttributeSpec("url", IsRequired: true, AddressForm.Fetched),
                        new AttributeSpec("type", IsRequired: true, ModuleForms.MediaType("podcast:transcript/@type")),
                        new AttributeSpec("language", Form: LanguageForm.Tag)
                    ) with
                    {
                        MayRepeat = true,
                    }
                ),
                Modules.In(
                    ModulePlaces.Entry,
                    Modules.Empty(
                        "chapters",
                        new AttributeSpec("url", IsRequired: true, AddressForm.Fetched),
                        new AttributeSpec("type", IsRequired: true, ModuleForms.MediaType("podcast:chapters/@type"))
                    )
                ),
                Modules.In(
                    ModulePlaces.Feed,
                    Modules.Text("funding") with
                    {
                        MayRepeat = true,
                        Attributes = [new("url", IsRequired: true, AddressForm.Fetched)],
                    }
                ),
                Modules.In(
                    ModulePlaces.Entry,
                    Modules.Any("soundbite") with
                    {
                        MayRepeat = true,
                        Attributes =
                        [
                            new("startTime", IsRequired: true, ModuleForms.Number("podcast:soundbite/@startTime")),
                            new("duration", IsRequired: true, ModuleForms.Number("podcast:soundbite/@duration")),
                        ],
                    }
                ),
                Modules.In(
                    ModulePlaces.Both,
                    Modules.Text("person") with
                    {
                        MayRepeat = true,
                        Attributes = [new("img", Form: AddressForm.Fetched), new("href", Form: AddressForm.Fetched)],
                    }
                ),
                Modules.In(
                    ModulePlaces.Entry,
                    Modules.Text("season", ModuleForms.Whole("podcast:season")) with
                    {
                        Attributes = [new("name")],
                    }
                ),
                Modules.In(
                    ModulePlaces.Entry,
                    Modules.Text("episode", ModuleForms.Number("podcast:episode")) with
                    {
                        Attributes = [new("display")],
                    }
                ),
                .. new[]
                {
                    "location",
                    "guid",
                    "license",
                    "alternateEnclosure",
                    "source",
                    "integrity",
                    "value",
                    "valueRecipient",
                    "valueTimeSplit",
                    "remoteItem",
                    "medium",
                    "images",
                    "image",
                    "liveItem",
                    "contentLink",
                    "socialInteract",
                    "block",
                    "txt",
                    "podroll",
                    "updateFrequency",
                    "podping",
                    "trailer",
                    "chat",
                    "publisher",
                }.Select(name =>
                    Modules.In(
                        ModulePlaces.Feed | ModulePlaces.Entry | ModulePlaces.Module,
                        Modules.Any(name) with
                        {
                            MayRepeat = true,
                        }
                    )
                ),
            ]
        );

    private static bool IsDuration(string text) => ModuleForms.Duration().IsMatch(text.Trim());
}
