using System.Xml;
using Antiphon.Core.Feeds.Model;

namespace Antiphon.Core.Feeds.Reading.Modules;

/// <summary>Links whose relation has no place of its own in the model.</summary>
internal static class OtherLink
{
    /// <summary>The link element the reader stands on; the reader stays there.</summary>
    public static RelatedLink Of(XmlReader reader, string relation, string address) =>
        new(
            relation,
            address,
            reader.GetAttribute("type"),
            reader.GetAttribute("title"),
            reader.GetAttribute("hreflang")
        );
}
