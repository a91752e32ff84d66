using Antiphon.Core.Feeds.Mending;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Rules.Documents;

/// <summary>
/// Rules about what keeps XML from being well-formed and can be mended by machine; readers that are strict stop at each
/// of them.
/// </summary>
public static class MendRules
{
    private const string WellFormed = "XML 1.0 §2.1";

    /// <summary>Text around the root.</summary>
    public static readonly CheckRule TextOutside = new(
        "xml-text-outside",
        Severity.Error,
        "Text outside the feed: {0}",
        "Remove it; often it is a warning printed by the software that generates the feed.",
        WellFormed
    );

    /// <summary>A second root.</summary>
    public static readonly CheckRule SecondRoot = new(
        "xml-second-root",
        Severity.Error,
        "A second document begins here with {0}",
        "A feed has one outermost element; take the rest out.",
        WellFormed
    );

    /// <summary>A bare ampersand.</summary>
    public static readonly CheckRule StrayAmpersand = new(
        "xml-stray-ampersand",
        Severity.Error,
        "The ampersand in \"{0}\" begins no entity",
        "Write &amp;.",
        "XML 1.0 §2.4"
    );

    /// <summary>A named character of HTML.</summary>
    public static readonly CheckRule HtmlEntity = new(
        "xml-html-entity",
        Severity.Error,
        "XML does not know {0}, which is HTML's",
        "Write the character itself, or its number.",
        "XML 1.0 §4.1"
    );

    /// <summary>A bare less-than.</summary>
    public static readonly CheckRule StrayLessThan = new(
        "xml-stray-less-than",
        Severity.Error,
        "The < in \"{0}\" begins no tag",
        "Write &lt;.",
        "XML 1.0 §2.4"
    );

    /// <summary>A control character.</summary>
    public static readonly CheckRule ForbiddenCharacter = new(
        "xml-forbidden-character",
        Severity.Error,
        "The character {0} is not allowed in XML, not even as a number",
        "Remove it.",
        "XML 1.0 §2.2"
    );

    /// <summary>An open element.</summary>
    public static readonly CheckRule ElementNotClosed = new(
        "xml-element-not-closed",
        Severity.Error,
        "{0} is not closed",
        "Add its end tag; HTML in a feed must be escaped or in CDATA.",
        "XML 1.0 §3"
    );

    /// <summary>A lone end tag.</summary>
    public static readonly CheckRule EndWithoutStart = new(
        "xml-end-without-start",
        Severity.Error,
        "{0} closes nothing",
        "Remove it, or add the start tag.",
        "XML 1.0 §3"
    );

    /// <summary>An XML declaration that is not written as one.</summary>
    public static readonly CheckRule DeclarationForm = new(
        "xml-declaration-form",
        Severity.Error,
        "The XML declaration {0} is not written as one",
        "Write <?xml version=\"1.0\" encoding=\"utf-8\"?>, once.",
        "XML 1.0 §2.8"
    );

    /// <summary>An end tag that is spelt otherwise than its start.</summary>
    public static readonly CheckRule EndMisspelt = new(
        "xml-end-misspelt",
        Severity.Error,
        "The end tag {0} is spelt otherwise than the start tag before it",
        "Write both alike, in letters of the same size.",
        "XML 1.0 §3"
    );

    /// <summary>An attribute without quotes or value.</summary>
    public static readonly CheckRule AttributeForm = new(
        "xml-attribute-form",
        Severity.Error,
        "The attribute {0} is not written as name=\"value\"",
        "Put its value in quotes.",
        "XML 1.0 §3.1"
    );

    /// <summary>An attribute twice.</summary>
    public static readonly CheckRule AttributeTwice = new(
        "xml-attribute-twice",
        Severity.Error,
        "The attribute {0} appears twice in one tag",
        "Keep one of them.",
        "XML 1.0 §3.1"
    );

    /// <summary>An unknown prefix.</summary>
    public static readonly CheckRule PrefixNotDeclared = new(
        "xml-prefix-not-declared",
        Severity.Error,
        "The prefix {0} is used but not declared",
        "Declare it on the outermost element with xmlns:{0}.",
        "Namespaces in XML 1.0 §5"
    );

    /// <summary>An open comment or CDATA section.</summary>
    public static readonly CheckRule SectionNotClosed = new(
        "xml-section-not-closed",
        Severity.Error,
        "{0} is not closed",
        "End a comment with --> and a CDATA section with ]]>.",
        "XML 1.0 §2.5 and §2.7"
    );

    /// <summary>A truncated document.</summary>
    public static readonly CheckRule BrokenOff = new(
        "xml-broken-off",
        Severity.Error,
        "The document breaks off in {0}",
        "Look for what stops the program that makes the feed, or for a limit on the size of answers.",
        WellFormed
    );

    /// <summary>Every rule about what keeps a document from being well-formed.</summary>
    public static IReadOnlyList<CheckRule> All { get; } =
    [
        TextOutside,
        SecondRoot,
        DeclarationForm,
        StrayAmpersand,
        HtmlEntity,
        StrayLessThan,
        ForbiddenCharacter,
        ElementNotClosed,
        EndWithoutStart,
        EndMisspelt,
        AttributeForm,
        AttributeTwice,
        PrefixNotDeclared,
        SectionNotClosed,
        BrokenOff,
    ];

    /// <summary>Whether what breaks a rule is not well-formed, be it XML or JSON.</summary>
    public static bool IsBreak(CheckRule rule) =>
        rule == DocumentRules.NotWellFormed || rule == DocumentRules.JsonNotWellFormed || All.Contains(rule);

    /// <summary>What was mended, as a finding at its place.</summary>
    public static Finding FindingOf(Mend mend) => Finding.At(Of(mend.Kind), mend.Line, mend.Column, mend.Detail);

    private static CheckRule Of(MendKind kind) =>
        kind switch
        {
            MendKind.TextOutside => TextOutside,
            MendKind.SecondRoot => SecondRoot,
            MendKind.DeclarationForm => DeclarationForm,
            MendKind.StrayAmpersand => StrayAmpersand,
            MendKind.HtmlEntity => HtmlEntity,
            MendKind.StrayLessThan => StrayLessThan,
            MendKind.ForbiddenCharacter => ForbiddenCharacter,
            MendKind.ElementNotClosed => ElementNotClosed,
            MendKind.EndWithoutStart => EndWithoutStart,
            MendKind.EndMisspelt => EndMisspelt,
            MendKind.AttributeForm => AttributeForm,
            MendKind.AttributeTwice => AttributeTwice,
            MendKind.PrefixNotDeclared => PrefixNotDeclared,
            MendKind.SectionNotClosed => SectionNotClosed,
            _ => BrokenOff,
        };
}
