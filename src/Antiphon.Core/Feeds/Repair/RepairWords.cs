using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Repair;

/// <summary>Changes in words.</summary>
internal static class RepairWords
{
    /// <summary>What was done about XML that was not well-formed.</summary>
    public static string Mended(Finding finding)
    {
        var detail = finding.Arguments.Count > 0 ? finding.Arguments[0] : string.Empty;
        return finding.Rule.Id switch
        {
            "xml-text-outside" => $"Removed text outside the feed: {detail}",
            "xml-second-root" => $"Left out a second document that begins with {detail}",
            "xml-stray-ampersand" => $"Escaped the ampersand in “{detail}”",
            "xml-html-entity" => $"Wrote {detail} as its character",
            "xml-stray-less-than" => $"Escaped the < in “{detail}”",
            "xml-forbidden-character" => $"Left out the character {detail}, which XML forbids",
            "xml-element-not-closed" => $"Closed {detail}",
            "xml-declaration-form" => $"Wrote the declaration anew instead of {detail}",
            "xml-end-misspelt" => $"Wrote the end tag {detail} as its start tag",
            "xml-end-without-start" => $"Left out {detail}, which closes nothing",
            "xml-attribute-form" => $"Put the attribute {detail} right",
            "xml-attribute-twice" => $"Kept one of two attributes {detail}",
            "xml-prefix-not-declared" => $"Declared the prefix {detail}",
            "xml-section-not-closed" => $"Closed {detail}",
            _ => $"Left out what there is of {detail}, in which the document breaks off",
        };
    }
}
