using System.Xml;

namespace Antiphon.Core.Mentions;

/// <summary>A call of pingback.ping by XML-RPC.</summary>
/// <param name="Source">Address of the page that links.</param>
/// <param name="Target">Address that is linked.</param>
public sealed record PingbackCall(string Source, string Target)
{
    /// <summary>Largest call read, in characters.</summary>
    public const int MostCharacters = 20_000;

    private const string Method = "pingback.ping";

    /// <summary>
    /// Reads a call; null for any other document. Document types are refused, so that nothing expands.
    /// </summary>
    public static PingbackCall? Read(string xml)
    {
        if (xml.Length > MostCharacters)
            return null;
        try
        {
            using var reader = XmlReader.Create(
                new StringReader(xml),
                new XmlReaderSettings
                {
                    DtdProcessing = DtdProcessing.Prohibit,
                    XmlResolver = null,
                    IgnoreComments = true,
                    IgnoreWhitespace = true,
                }
            );
            string? method = null;
            var values = new List<string>();
            while (reader.Read())
            {
                if (reader.NodeType != XmlNodeType.Element)
                    continue;
                if (reader.LocalName == "methodName")
                    method = ReadText(reader);
                else if (reader.LocalName == "value")
                    values.Add(ReadText(reader));
            }

            return method == Method && values is [var source, var target] ? new PingbackCall(source, target) : null;
        }
        catch (XmlException)
        {
            return null;
        }
    }

    /// <summary>The call as a document, for sending.</summary>
    public string Write() => Document("methodCall", xml =>
        {
            xml.WriteElementString("methodName", Method);
            xml.WriteStartElement("params");
            foreach (var value in new[] { Source, Target })
            {
                xml.WriteStartElement("param");
                xml.WriteStartElement("value");
                xml.WriteElementString("string", value);
                xml.WriteEndElement();
                xml.WriteEndElement();
            }

            xml.WriteEndElement();
        });

    /// <summary>The answer that it was taken.</summary>
    public static string Taken(string words) => Document("methodResponse", xml =>
        {
            xml.WriteStartElement("params");
            xml.WriteStartElement("param");
            xml.WriteStartElement("value");
            xml.WriteElementString("string", words);
            xml.WriteEndElement();
            xml.WriteEndElement();
            xml.WriteEndElement();
        });

    /// <summary>The answer that it was not taken (Pingback 1.0, section 3).</summary>
    public static string Refused(PingbackFault fault, string words) => Document("methodResponse", xml =>
        {
            xml.WriteStartElement("fault");
            xml.WriteStartElement("value");
            xml.WriteStartElement("struct");
            Member(xml, "faultCode", "int", ((int)fault).ToString(System.Globalization.CultureInfo.InvariantCulture));
            Member(xml, "faultString", "string", words);
            xml.WriteEndElement();
            xml.WriteEndElement();
            xml.WriteEndElement();
        });

    /// <summary>The fault in an answer, as people read it; null where the answer is no fault.</summary>
    public static string? FaultIn(string xml)
    {
        try
        {
            var document = new XmlDocument { XmlResolver = null };
            using var reader = XmlReader.Create(
                new StringReader(xml),
                new XmlReaderSettings { DtdProcessing = DtdProcessing.Prohibit, XmlResolver = null }
            );
            document.Load(reader);
            return document.SelectSingleNode("/methodResponse/fault") is null
                ? null
                : document.SelectSingleNode("//member[name='faultString']/value")?.InnerText.Trim()
                    ?? "The other site gave no reason.";
        }
        catch (XmlException)
        {
            return "The other site did not answer as the protocol says.";
        }
    }

    private static void Member(XmlWriter xml, string name, string type, string value)
    {
        xml.WriteStartElement("member");
        xml.WriteElementString("name", name);
        xml.WriteStartElement("value");
        xml.WriteElementString(type, value);
        xml.WriteEndElement();
        xml.WriteEndElement();
    }

    // A value is its text, or an element of its type with the text in it.
    private static string ReadText(XmlReader reader)
    {
        using var within = reader.ReadSubtree();
        var text = string.Empty;
        while (within.Read())
            if (within.NodeType is XmlNodeType.Text or XmlNodeType.CDATA)
                text += within.Value;
        return text.Trim();
    }

    private static string Document(string root, Action<XmlWriter> write)
    {
        var text = new System.Text.StringBuilder("<?xml version=\"1.0\"?>\n");
        using (var xml = XmlWriter.Create(text, new XmlWriterSettings { OmitXmlDeclaration = true }))
        {
            xml.WriteStartElement(root);
            write(xml);
            xml.WriteEndElement();
        }

        return text.ToString();
    }
}
