using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Nodes;
using System.Xml;
using System.Xml.Linq;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Feeds.Repair.Xml;
using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Feeds.Repair;

/// <summary>A feed that is published at another address than its own.</summary>
public static class RehousedFeed
{
    private static readonly XNamespace Atom = FeedNamespaces.Atom;

    /// <summary>
    /// The same document naming <paramref name="address"/> as its own, so that whoever follows it there stays there,
    /// its relative addresses still leading where they led; the text itself when it
    /// is neither XML nor a JSON object.
    /// </summary>
    /// <param name="text">The document, in UTF-8.</param>
    /// <param name="original">Where it comes from.</param>
    /// <param name="address">Where it is published.</param>
    public static string Of(string text, Uri original, string address)
    {
        try
        {
            return text.TrimStart().StartsWith('{') ? Json(text, address) : Xml(text, original, address);
        }
        catch (Exception broken) when (broken is XmlException or JsonException or ArgumentException)
        {
            // Repairing gave it, so it is well-formed; should it not be, it is better served as it is than not at all.
            return text;
        }
    }

    private static string Json(string text, string address)
    {
        if (System.Text.Json.Nodes.JsonNode.Parse(text) is not JsonObject feed)
            return text;
        feed["feed_url"] = address;
        return feed.ToJsonString(
                new JsonSerializerOptions
                {
                    WriteIndented = true,
                    NewLine = "\n",
                    Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
                }
            ) + "\n";
    }

    private static string Xml(string text, Uri original, string address)
    {
        using var reader = XmlReader.Create(
            new StringReader(text),
            new XmlReaderSettings { DtdProcessing = DtdProcessing.Ignore, XmlResolver = null }
        );
        var document = XDocument.Load(reader, LoadOptions.PreserveWhitespace);
        var root = document.Root!;
        if (root.Attribute(XNamespace.Xml + "base") is { } known)
        {
            if (LinkResolver.Narrow(original, known.Value) is { } whole)
                known.Value = whole.AbsoluteUri;
        }
        else
        {
            root.SetAttributeValue(XNamespace.Xml + "base", original.AbsoluteUri);
        }

        if (root.Name == Atom + "feed")
            NameItself(root, address, "application/atom+xml");
        else if (root.Elements().FirstOrDefault(element => element.Name.LocalName == "channel") is { } channel)
            NameItself(channel, address, "application/rss+xml");
        return RepairedXml.Written(document);
    }

    private static void NameItself(XElement owner, string address, string type)
    {
        var self = owner.Elements(Atom + "link").FirstOrDefault(link => (string?)link.Attribute("rel") == "self");
        self ??= RepairWork.AddFirst(
            owner,
            new XElement(Atom + "link", new XAttribute("rel", "self"), new XAttribute("type", type))
        );
        self.SetAttributeValue("href", address);
    }
}
