using System.Xml;

namespace Antiphon.Core.Feeds.Writing;

/// <summary>Text that may stand in XML.</summary>
internal static class XmlSafe
{
    /// <summary>The text without the control characters and lone surrogates XML 1.0 §2.2 forbids.</summary>
    public static string Clean(string text)
    {
        for (var i = 0; i < text.Length; i++)
        {
            if (!IsLegal(text, i))
                return new string([.. text.Where((_, at) => IsLegal(text, at))]);
        }

        return text;
    }

    private static bool IsLegal(string text, int at)
    {
        var c = text[at];
        if (char.IsHighSurrogate(c))
            return at + 1 < text.Length && char.IsLowSurrogate(text[at + 1]);
        if (char.IsLowSurrogate(c))
            return at > 0 && char.IsHighSurrogate(text[at - 1]);
        return XmlConvert.IsXmlChar(c);
    }
}
