using System.Xml;
using System.Xml.Linq;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Feeds.Reading.Modules.Extensions;

/// <summary>
/// Elements that are kept as they stand, read when somebody asks what they say: they are written back unchanged,
/// whatever is understood of them.
/// </summary>
internal static class KeptElements
{
    /// <summary>The elements of a module, in document order.</summary>
    public static IEnumerable<XElement> Of(IEnumerable<FeedExtension> extensions, string module) =>
        extensions
            .Where(extension => extension.Namespace is { } name && FeedNamespaces.Meant(name) == module)
            .Select(Parsed)
            .OfType<XElement>();

    /// <summary>The text of an element without the white space around it; null when there is none.</summary>
    public static string? TextOf(XElement? element) => element?.Value.Trim() is { Length: > 0 } text ? text : null;

    /// <summary>An attribute without the white space around it; null when there is none.</summary>
    public static string? TextOf(XAttribute? attribute) =>
        attribute?.Value.Trim() is { Length: > 0 } text ? text : null;

    /// <summary>The text of the first element with a name.</summary>
    public static string? First(IEnumerable<XElement> elements, string name) =>
        elements
            .Where(element => element.Name.LocalName == name)
            .Select(TextOf)
            .FirstOrDefault(text => text is not null);

    private static XElement? Parsed(FeedExtension extension)
    {
        try
        {
            using var reader = XmlReader.Create(new StringReader(extension.Raw), FeedXml.Settings);
            reader.MoveToContent();
            return (XElement)XNode.ReadFrom(reader);
        }
        catch (XmlException)
        {
            return null;
        }
    }
}
