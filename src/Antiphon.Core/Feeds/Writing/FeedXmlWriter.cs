using System.Text;
using System.Xml;

namespace Antiphon.Core.Feeds.Writing;

/// <summary>Writes elements of a feed, leaving out what is absent.</summary>
internal sealed class FeedXmlWriter : IDisposable
{
    private readonly MemoryStream _stream = new();

    /// <summary>Starts a document in UTF-8 without byte order mark, indented so that people can read it.</summary>
    public FeedXmlWriter()
    {
        Xml = XmlWriter.Create(
            _stream,
            new XmlWriterSettings
            {
                Encoding = new UTF8Encoding(false),
                Indent = true,
                NewLineChars = "\n",
                CloseOutput = false,
            }
        );
    }

    /// <summary>The writer beneath, for starts and ends.</summary>
    public XmlWriter Xml { get; }

    /// <summary>An element with text, when there is any.</summary>
    public void Text(string name, string? text, string? ns = null, string? prefix = null)
    {
        if (string.IsNullOrEmpty(text))
            return;
        Xml.WriteElementString(prefix, name, ns, XmlSafe.Clean(text));
    }

    /// <summary>An attribute, when there is a value.</summary>
    public void Attribute(string name, string? value)
    {
        if (!string.IsNullOrEmpty(value))
            Xml.WriteAttributeString(name, XmlSafe.Clean(value));
    }

    /// <summary>Ends the document and gives its bytes.</summary>
    public byte[] Finish()
    {
        Xml.Flush();
        return _stream.ToArray();
    }

    /// <inheritdoc/>
    public void Dispose()
    {
        Xml.Dispose();
        _stream.Dispose();
    }
}
