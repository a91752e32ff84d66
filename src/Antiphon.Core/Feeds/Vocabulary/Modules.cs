using System.Collections.Frozen;
using Antiphon.Core.Feeds.Forms;
using Antiphon.Core.Feeds.Rules.Modules;
using Antiphon.Core.Feeds.Rules.Texts;
using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Feeds.Vocabulary;

/// <summary>The modules that are looked into, each as a table of its elements.</summary>
internal static class Modules
{
    private static readonly string[] DublinCoreNames =
    [
        "title",
        "creator",
        "subject",
        "description",
        "publisher",
        "contributor",
        "type",
        "format",
        "identifier",
        "source",
        "relation",
        "coverage",
        "rights",
    ];

    private static readonly string[] TermDates =
    [
        "created",
        "modified",
        "issued",
        "available",
        "date",
        "dateSubmitted",
        "dateAccepted",
        "dateCopyrighted",
    ];

    private static readonly string[] MoreTerms =
    [
        "abstract",
        "accessRights",
        "accrualMethod",
        "accrualPeriodicity",
        "accrualPolicy",
        "alternative",
        "audience",
        "bibliographicCitation",
        "conformsTo",
        "educationLevel",
        "extent",
        "hasFormat",
        "hasPart",
        "hasVersion",
        "instructionalMethod",
        "isFormatOf",
        "isPartOf",
        "isReferencedBy",
        "isReplacedBy",
        "isRequiredBy",
        "isVersionOf",
        "language",
        "license",
        "mediator",
        "medium",
        "provenance",
        "references",
        "replaces",
        "requires",
        "rightsHolder",
        "spatial",
        "tableOfContents",
        "temporal",
        "valid",
    ];

    private static readonly FrozenDictionary<string, Module> ByNamespace = All()
        .ToFrozenDictionary(module => module.Namespace);

    /// <summary>The module of a namespace, or null.</summary>
    public static Module? Find(string ns) => ByNamespace.GetValueOrDefault(ns);

    private static IEnumerable<Module> All() =>
        [
            DublinCore(),
            Terms(),
            new(
                FeedNamespaces.Content,
                [In(ModulePlaces.Entry, Text("encoded") with { Blank = null }), In(ModulePlaces.Both, Any("items"))]
            ),
            Syndication(),
            Slash(),
            CommentApi(),
            Threading(),
            GeoRss(),
            Positions(),
            new(
                FeedNamespaces.History,
                [
                    In(ModulePlaces.Feed, Any("complete")),
                    In(ModulePlaces.Feed, Any("archive")),
                    In(ModulePlaces.Feed, Any("incremental")),
                ]
            ),
            new(
                FeedNamespaces.Licence,
                [
                    In(
                        ModulePlaces.Both,
                        Text("license") with
                        {
                            MayRepeat = true,
                            Form = AddressForm.Absolute,
                            Blank = ModuleStructureRules.Empty,
                        }
                    ),
                ]
            ),
            MediaModule.Whole,
            PodcastModules.Older,
            PodcastModules.Newer,
        ];

    /// <summary>An element in its places.</summary>
    public static ModuleElement In(ModulePlaces places, ElementSpec spec) => new(spec, places);

    /// <summary>An element that holds text.</summary>
    public static ElementSpec Text(string name, ValueForm? form = null) =>
        new(name) { Form = form, Blank = ModuleStructureRules.Empty };

    /// <summary>An element that holds whatever its own rules say.</summary>
    public static ElementSpec Any(string name) => new(name) { Content = ElementContent.Anything };

    /// <summary>An element without content.</summary>
    public static ElementSpec Empty(string name, params AttributeSpec[] attributes) =>
        new(name) { Content = ElementContent.Nothing, Attributes = attributes };

    private static Module DublinCore() =>
        new(
            FeedNamespaces.DublinCore,
            [
                .. DublinCoreNames.Select(name => In(ModulePlaces.Both, Text(name) with { MayRepeat = true })),
                In(
                    ModulePlaces.Both,
                    Text("date", ModuleForms.By(ModuleRules.DublinCoreDate, DateForms.IsW3C)) with
                    {
                        MayRepeat = true,
                    }
                ),
                In(ModulePlaces.Both, Text("language", LanguageForm.Tag) with { MayRepeat = true }),
            ]
        );

    private static Module Terms() =>
        new(
            FeedNamespaces.DublinCoreTerms,
            [
                .. TermDates.Select(name =>
                    In(
                        ModulePlaces.Both,
                        Text(name, ModuleForms.By(ModuleRules.DublinCoreDate, DateForms.IsW3C)) with
                        {
                            MayRepeat = true,
                        }
                    )
                ),
                .. DublinCoreNames
                    .Concat(MoreTerms)
                    .Select(name => In(ModulePlaces.Both, Any(name) with { MayRepeat = true })),
            ]
        );

    private static Module Syndication() =>
        new(
            FeedNamespaces.Syndication,
            [
                In(
                    ModulePlaces.Feed,
                    Text(
                        "updatePeriod",
                        ModuleForms.By(ModuleRules.UpdatePeriod, value =>
                            value.Trim() is "hourly" or "daily" or "weekly" or "monthly" or "yearly"
                        )
                    )
                ),
                In(
                    ModulePlaces.Feed,
                    Text("updateFrequency", ModuleForms.By(ModuleRules.UpdateFrequency, NumberForm.IsPositive))
                ),
                In(ModulePlaces.Feed, Text("updateBase", ModuleForms.By(ModuleRules.DublinCoreDate, DateForms.IsW3C))),
            ]
        );

    private static Module Slash() =>
        new(
            FeedNamespaces.Slash,
            [
                In(ModulePlaces.Entry, Text("section")),
                In(ModulePlaces.Entry, Text("department")),
                In(ModulePlaces.Entry, Text("comments", ModuleForms.By(ModuleRules.CommentNumber, NumberForm.IsWhole))),
                In(
                    ModulePlaces.Entry,
                    Text("hit_parade", ModuleForms.Like("slash:hit_parade", "12,7,3", ModuleForms.Numbers()))
                ),
            ]
        );

    private static Module CommentApi() =>
        new(
            FeedNamespaces.CommentApi,
            [
                In(ModulePlaces.Entry, Text("comment", AddressForm.Fetched)),
                In(ModulePlaces.Entry, Text("commentRss", CommentFeed)),
                // The first version of the page spelt it so, and programs still do.
                In(ModulePlaces.Entry, Text("commentRSS", CommentFeed)),
            ]
        );

    private static Fault? CommentFeed(string value) =>
        AddressForm.Fetched(value) is not { } fault ? null
        : fault.Rule == SharedRules.LinkNotAbsolute ? new Fault(ModuleRules.CommentFeed, value)
        : fault;

    private static Module Threading() =>
        new(
            FeedNamespaces.Threading,
            [
                In(
                    ModulePlaces.Entry,
                    new ElementSpec("in-reply-to")
                    {
                        Content = ElementContent.Anything,
                        MayRepeat = true,
                        Incomplete = ModuleRules.AnswerWithoutRef,
                        Attributes =
                        [
                            new("ref", IsRequired: true, AddressForm.Name),
                            new("href", Form: AddressForm.Reference),
                            new("type", Form: ModuleForms.MediaType("thr:in-reply-to/@type")),
                            new("source", Form: AddressForm.Reference),
                        ],
                    }
                ),
                In(ModulePlaces.Entry, Text("total", ModuleForms.By(ModuleRules.AnswerNumber, NumberForm.IsWhole))),
            ]
        );

    private static Module GeoRss() =>
        new(
            FeedNamespaces.GeoRss,
            [
                In(ModulePlaces.Both, Text("point", ModuleForms.Places(1, 1, ModuleRules.Point))),
                In(ModulePlaces.Both, Text("line", ModuleForms.Places(2, int.MaxValue, ModuleRules.Point))),
                In(ModulePlaces.Both, Text("polygon", ModuleForms.Places(4, int.MaxValue, ModuleRules.Point))),
                In(ModulePlaces.Both, Text("box", ModuleForms.Box(ModuleRules.Point))),
                In(ModulePlaces.Both, Text("circle", ModuleForms.Circle)),
                In(ModulePlaces.Both, Any("where")),
                In(ModulePlaces.Both, Text("elev", ModuleForms.Number("georss:elev"))),
                In(ModulePlaces.Both, Text("floor", ModuleForms.Number("georss:floor"))),
                In(ModulePlaces.Both, Text("radius", ModuleForms.Number("georss:radius"))),
                In(ModulePlaces.Both, Text("featuretypetag")),
                In(ModulePlaces.Both, Text("relationshiptag")),
                In(ModulePlaces.Both, Text("featurename")),
            ]
        );

    private static Module Positions() =>
        new(
            FeedNamespaces.Wgs84,
            [
                In(ModulePlaces.Both | ModulePlaces.Module, Text("lat", ModuleForms.Degrees(90))),
                In(ModulePlaces.Both | ModulePlaces.Module, Text("long", ModuleForms.Degrees(180))),
                In(ModulePlaces.Both | ModulePlaces.Module, Text("alt", ModuleForms.Number("geo:alt"))),
                In(ModulePlaces.Both, Any("Point")),
            ]
        );
}
