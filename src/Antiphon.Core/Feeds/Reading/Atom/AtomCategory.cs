using System.Xml;

namespace Antiphon.Core.Feeds.Reading.Atom;

/// <summary>Atom categories (RFC 4287 §4.2.2).</summary>
internal static class AtomCategory
{
    /// <summary>Adds the label, or the term where there is no label, and leaves the reader after the element.</summary>
    public static void AddTo(List<string> categories, XmlReader reader)
    {
        var text = (reader.GetAttribute("label") ?? reader.GetAttribute("term"))?.Trim();
        if (!string.IsNullOrEmpty(text) && !categories.Contains(text))
            categories.Add(text);
        reader.Skip();
    }
}
