using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Rules.Rss;

/// <summary>Rules of RSS 1.0, which is RDF.</summary>
internal static class RdfRules
{
    /// <summary>An item of RSS 1.0 without address.</summary>
    public static readonly CheckRule AboutMissing = new(
        "rdf-about-missing",
        Severity.Error,
        "The {0} has no rdf:about",
        "Write its address into rdf:about.",
        "RSS 1.0 §5.3 and §5.5"
    );

    /// <summary>RSS 1.0 without its list.</summary>
    public static readonly CheckRule SequenceMissing = new(
        "rdf-sequence-missing",
        Severity.Error,
        "The channel does not list its items",
        "Add items with an rdf:Seq that names each.",
        "RSS 1.0 §5.3.5"
    );

    /// <summary>A required element missing or empty.</summary>
    public static readonly CheckRule ElementMissing = new(
        "rdf-element-missing",
        Severity.Error,
        "The {1} has no {0}",
        "Add a {0} element with content.",
        "RSS 1.0 §5.3 to §5.6"
    );

    /// <summary>An element RSS 1.0 does not have.</summary>
    public static readonly CheckRule ElementUnknown = new(
        "rdf-element-unknown",
        Severity.Error,
        "RSS 1.0 knows no element {0} in {1}",
        "Remove it, correct its name, or put it into a namespace of its own.",
        "RSS 1.0 §5 and §7"
    )
    {
        ReadersCope = true,
    };

    /// <summary>Elsewhere than RSS 1.0 has it.</summary>
    public static readonly CheckRule Misplaced = new(
        "rdf-element-misplaced",
        Severity.Error,
        "RSS 1.0 has no {0} in {1}",
        "Move it to where it belongs; items stand beside the channel.",
        "RSS 1.0 §5.2 to §5.6"
    );

    /// <summary>Capitals.</summary>
    public static readonly CheckRule Miswritten = new(
        "rdf-element-case",
        Severity.Error,
        "{0} must be written {1}",
        "Write {1}; XML distinguishes capital and small letters.",
        "XML 1.0 §2.3; RSS 1.0 §5"
    );

    /// <summary>Once too often.</summary>
    public static readonly CheckRule ElementRepeated = new(
        "rdf-element-repeated",
        Severity.Error,
        "{0} appears more than once in {1}",
        "Keep one.",
        "RSS 1.0 §5.2 to §5.6"
    )
    {
        ReadersCope = true,
    };

    /// <summary>An attribute without its namespace.</summary>
    public static readonly CheckRule AttributeUnknown = new(
        "rdf-attribute-unknown",
        Severity.Error,
        "RSS 1.0 has no attribute {0} in {1}",
        "Write rdf:about or rdf:resource with their prefix, or leave it out.",
        "RSS 1.0 §5"
    )
    {
        ReadersCope = true,
    };

    /// <summary>Text between elements.</summary>
    public static readonly CheckRule StrayText = new(
        "rdf-stray-text",
        Severity.Error,
        "The text “{0}” is directly in {1}",
        "Put it into an element, or remove it.",
        "RSS 1.0 §5; RDF/XML §7.2"
    )
    {
        ReadersCope = true,
    };

    /// <summary>Markup that is not escaped.</summary>
    public static readonly CheckRule ElementInText = new(
        "rdf-markup-not-escaped",
        Severity.Error,
        "The element {0} is directly in {1}, which takes text only",
        "Escape the HTML or put it into <![CDATA[ … ]]>.",
        "RSS 1.0 §5.5"
    );

    /// <summary>Two things of one name.</summary>
    public static readonly CheckRule AboutDuplicate = new(
        "rdf-about-duplicate",
        Severity.Error,
        "rdf:about “{0}” appears twice",
        "Give each element its own.",
        "RSS 1.0 §5.5"
    );

    /// <summary>A name that is no address.</summary>
    public static readonly CheckRule AboutInvalid = new(
        "rdf-about-invalid",
        Severity.Error,
        "rdf:about “{0}” is not a full address",
        "Write the full address.",
        "RSS 1.0 §5.3 and §5.5"
    )
    {
        ReadersCope = true,
    };

    /// <summary>Another name than its link.</summary>
    public static readonly CheckRule AboutDiffers = new(
        "rdf-about-differs",
        Severity.Advice,
        "rdf:about “{0}” is not the link of the item",
        "Write the same address into both, if possible.",
        "RSS 1.0 §5.5"
    );

    /// <summary>An item the channel does not list.</summary>
    public static readonly CheckRule NotListed = new(
        "rdf-item-not-listed",
        Severity.Error,
        "The item “{0}” is not in the list of the channel",
        "Add an rdf:li with its rdf:about to items.",
        "RSS 1.0 §5.3.5 and §5.5"
    )
    {
        ReadersCope = true,
    };

    /// <summary>A listed item that is not there.</summary>
    public static readonly CheckRule ListedMissing = new(
        "rdf-listed-missing",
        Severity.Error,
        "The channel lists “{0}”, which is not there",
        "Remove the rdf:li, or add the item.",
        "RSS 1.0 §5.3.5"
    )
    {
        ReadersCope = true,
    };

    /// <summary>A reference that refers to nothing.</summary>
    public static readonly CheckRule ResourceMissing = new(
        "rdf-resource-missing",
        Severity.Error,
        "The {0} has no rdf:resource",
        "Write the rdf:about of what is meant into rdf:resource.",
        "RSS 1.0 §5.3.4 to §5.3.6"
    );

    /// <summary>A reference to what is not there.</summary>
    public static readonly CheckRule ReferenceBroken = new(
        "rdf-reference-broken",
        Severity.Error,
        "The channel refers to the {0} “{1}”, which is not there",
        "Add the {0}, or correct rdf:resource.",
        "RSS 1.0 §5.3.4 and §5.3.6"
    )
    {
        ReadersCope = true,
    };

    /// <summary>What the channel does not refer to.</summary>
    public static readonly CheckRule NotReferred = new(
        "rdf-not-referred",
        Severity.Error,
        "The channel does not refer to the {0}",
        "Add <{0} rdf:resource=\"…\"/> to the channel.",
        "RSS 1.0 §5.4 and §5.6"
    )
    {
        ReadersCope = true,
    };

    /// <summary>RDF without its namespace.</summary>
    public static readonly CheckRule NamespaceMissing = new(
        "rdf-namespace-missing",
        Severity.Error,
        "The document is not in the namespace of RDF",
        "Declare xmlns:rdf=\"http://www.w3.org/1999/02/22-rdf-syntax-ns#\".",
        "RSS 1.0 §5.1"
    );

    /// <summary>Every rule of RSS 1.0.</summary>
    public static IReadOnlyList<CheckRule> All { get; } =
    [
        AboutMissing,
        SequenceMissing,
        ElementMissing,
        ElementUnknown,
        Misplaced,
        Miswritten,
        ElementRepeated,
        AttributeUnknown,
        StrayText,
        ElementInText,
        AboutDuplicate,
        AboutInvalid,
        AboutDiffers,
        NotListed,
        ListedMissing,
        ResourceMissing,
        ReferenceBroken,
        NotReferred,
        NamespaceMissing,
    ];
}
