using System.Xml.Linq;

namespace Antiphon.Core.Feeds.Repair.Xml;

/// <summary>Writes documents that were changed.</summary>
internal static class RepairedXml
{
    /// <summary>
    /// The document as text that will be sent in UTF-8 whatever the original was, so the declaration says so.
    /// </summary>
    public static string Written(XDocument document) =>
        "<?xml version=\"1.0\" encoding=\"utf-8\"?>\n"
        + string.Concat(document.Nodes().Select(node => node.ToString(SaveOptions.DisableFormatting))).Trim()
        + "\n";
}
