using System.Text.RegularExpressions;
using System.Xml;
using Antiphon.Core.Feeds.Rules.Documents;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Reading;

/// <summary>Says in plain words why XML broke.</summary>
public static partial class XmlBreak
{
    /// <summary>
    /// The finding for a document that breaks off; the parser gives no place for a document without any element, which
    /// then is its start.
    /// </summary>
    public static Finding Report(XmlException broken) =>
        Finding.At(
            DocumentRules.NotWellFormed,
            Math.Max(1, broken.LineNumber),
            Math.Max(1, broken.LinePosition),
            Describe(broken)
        );

    /// <summary>The parser's message without its own "Line n, position n", which the finding carries.</summary>
    public static string Describe(XmlException broken) =>
        Position().Replace(broken.Message, string.Empty).Trim().TrimEnd('.');

    [GeneratedRegex(@"\s*Line \d+, position \d+\.?")]
    private static partial Regex Position();
}
