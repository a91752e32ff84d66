using Antiphon.Core.Feeds.Forms;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Rules.Atom;
using Antiphon.Core.Feeds.Rules.Texts;

namespace Antiphon.Core.Feeds.Vocabulary;

/// <summary>Atom 1.0 (RFC 4287, appendix B): one table of what stands where.</summary>
internal static class AtomVocabulary
{
    private static readonly VocabularyRules Rules = new()
    {
        Unknown = AtomDetailRules.ElementUnknown,
        Misplaced = AtomStructureRules.Misplaced,
        Miswritten = AtomStructureRules.Miswritten,
        Repeated = AtomRules.ElementRepeated,
        Missing = AtomRules.ElementMissing,
        AttributeUnknown = AtomStructureRules.AttributeUnknown,
        StrayText = AtomStructureRules.StrayText,
        ElementInText = AtomStructureRules.ElementInText,
    };

    private static readonly ElementSpec[] Persons = [Person("author"), Person("contributor")];

    private static readonly ElementSpec[] Shared =
    [
        .. Persons,
        new("category")
        {
            Content = ElementContent.Anything,
            MayRepeat = true,
            Incomplete = AtomRules.CategoryTermMissing,
            Attributes = [new("term", IsRequired: true), new("scheme", Form: Address(AddressForm.Name)), new("label")],
        },
        new("link")
        {
            Content = ElementContent.Anything,
            MayRepeat = true,
            Incomplete = AtomRules.LinkHrefMissing,
            Attributes =
            [
                new("href", IsRequired: true, Address(AddressForm.Reference)),
                new("rel"),
                new("type", Form: value =>
                    MediaTypeForm.IsValid(value) ? null : new Fault(AtomDetailRules.LinkType, value)
                ),
                new("hreflang", Form: LinkLanguage),
                new("title"),
                new("length", Form: value =>
                    NumberForm.IsWhole(value) ? null : new Fault(AtomDetailRules.LinkLength, value)
                ),
            ],
        },
        new("id") { Blank = AtomRules.ElementMissing, Form = Address(AddressForm.Name, AtomRules.IdNotIri) },
        Text("rights"),
        Text("title"),
        Date("updated"),
    ];

    private static readonly ElementSpec[] OfFeed =
    [
        .. Shared,
        new("generator")
        {
            Blank = AtomStructureRules.Empty,
            Attributes = [new("uri", Form: Address(AddressForm.Reference)), new("version")],
        },
        new("icon") { Blank = AtomDetailRules.IconEmpty, Form = Address(AddressForm.Reference) },
        new("logo") { Blank = AtomDetailRules.IconEmpty, Form = Address(AddressForm.Reference) },
        Text("subtitle"),
    ];

    private static readonly ElementSpec Entry = new("entry")
    {
        Content = ElementContent.Elements,
        MayRepeat = true,
        Children =
        [
            .. Shared.Select(Required),
            new("content")
            {
                Content = ElementContent.Anything,
                Attributes = [new("type"), new("src", Form: Address(AddressForm.Reference))],
            },
            Date("published"),
            new("source") { Content = ElementContent.Elements, Children = OfFeed },
            Text("summary"),
        ],
    };

    /// <summary>A feed document.</summary>
    public static Vocabulary Feed { get; } =
        new(
            new ElementSpec("feed")
            {
                Content = ElementContent.Elements,
                Children = [.. OfFeed.Select(Required), Entry],
            },
            Rules
        );

    /// <summary>An element of Atom as a feed of another format may carry it, by its local name; null for none.</summary>
    public static ElementSpec? Part(string name) =>
        OfFeed.FirstOrDefault(spec => spec.Name == name) ?? Entry.Child(name);

    /// <summary>An entry document.</summary>
    public static Vocabulary EntryAlone { get; } = new(Entry, Rules);

    /// <summary>That of a document by its outermost element.</summary>
    public static Vocabulary Of(string root) =>
        root.Equals("entry", StringComparison.OrdinalIgnoreCase) ? EntryAlone : Feed;

    private static ElementSpec Required(ElementSpec spec) =>
        spec.Name is "id" or "title" or "updated" ? spec with { IsRequired = true } : spec;

    // What a text holds depends on its type, which the examiner of texts looks at.
    private static ElementSpec Text(string name) =>
        new(name) { Content = ElementContent.Anything, Attributes = [new("type")] };

    private static ElementSpec Date(string name) => new(name) { Blank = AtomRules.ElementMissing };

    private static ElementSpec Person(string name) =>
        new(name)
        {
            Content = ElementContent.Elements,
            MayRepeat = true,
            Incomplete = AtomRules.PersonNameMissing,
            Children =
            [
                new("name") { IsRequired = true, Blank = AtomStructureRules.Empty },
                new("uri")
                {
                    Blank = AtomStructureRules.Empty,
                    Form = Address(AddressForm.Reference, AtomDetailRules.PersonAddress),
                },
                new("email")
                {
                    Blank = AtomStructureRules.Empty,
                    Form = value =>
                        MailForm.IsAddress(value.Trim()) ? null : new Fault(AtomDetailRules.MailInvalid, value),
                },
            ],
        };

    /// <summary>
    /// An address as Atom has it, without white space around it; what is none at all breaks a rule of the element's own.
    /// </summary>
    private static ValueForm Address(ValueForm form, Findings.CheckRule? none = null) =>
        value =>
            form(value) is { } fault
                ? fault.Rule == SharedRules.LinkNotAbsolute || fault.Rule == ContentRules.AddressWithSpace
                    ? new Fault(none ?? fault.Rule, value)
                    : fault
                : value.Length != value.Trim().Length
                    ? new Fault(AddressRules.WhiteSpaceAround, value)
                    : null;

    private static Fault? LinkLanguage(string value) =>
        LanguageForm.Tag(value) is not { } slip ? null
        : slip.Rule == SharedRules.LanguageInvalid ? new Fault(AtomDetailRules.LinkLanguage, value)
        : slip;
}
