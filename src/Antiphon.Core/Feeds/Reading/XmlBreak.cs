using System.Text.RegularExpressions;
using System.Xml;

namespace Antiphon.Core.Feeds.Reading;

/// <summary>Says in plain words why XML broke.</summary>
public static partial class XmlBreak
{
    /// <summary>The parser's message without its own "Line n, position n", which the finding carries.</summary>
    public static string Describe(XmlException broken) => Position().Replace(broken.Message, string.Empty).Trim().TrimEnd('.');

    [GeneratedRegex(@"\s*Line \d+, position \d+\.?")]
    private static partial Regex Position();
}
