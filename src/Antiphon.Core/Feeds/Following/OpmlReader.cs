using System.Xml;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Feeds.Following;

/// <summary>Reads lists of subscriptions. What is broken is told, and what stands before the break is kept.</summary>
public static class OpmlReader
{
    private const int Deepest = 50;

    /// <summary>Reads a list.</summary>
    public static OpmlList Read(string text)
    {
        var feeds = new List<OpmlOutline>();
        try
        {
            using var reader = XmlReader.Create(new StringReader(FeedXml.BlankLateDeclaration(text)), FeedXml.Settings);
            reader.MoveToContent();
            if (!reader.LocalName.Equals("opml", StringComparison.OrdinalIgnoreCase))
                return new OpmlList(
                    [],
                    $"The outermost element is \"{reader.LocalName}\"; a list of subscriptions begins with opml."
                );
            ReadOutlines(reader, feeds);
        }
        catch (XmlException broken)
        {
            return new OpmlList(
                Once(feeds),
                $"The list breaks off in line {Math.Max(1, broken.LineNumber)}: {XmlBreak.Describe(broken)}."
            );
        }

        return new OpmlList(Once(feeds), feeds.Count == 0 ? "The list names no feed: no outline has an xmlUrl." : null);
    }

    private static void ReadOutlines(XmlReader reader, List<OpmlOutline> feeds)
    {
        var folders = new List<(int Depth, string Name)>();
        while (reader.Read())
        {
            if (reader.NodeType != XmlNodeType.Element || reader.LocalName != "outline")
                continue;
            if (reader.Depth > Deepest)
                throw new XmlException($"Outlines are nested more than {Deepest} deep");
            folders.RemoveAll(folder => folder.Depth >= reader.Depth);
            var name = Attribute(reader, "title") ?? Attribute(reader, "text");
            if (Attribute(reader, "xmlUrl") is { } address)
                feeds.Add(
                    new OpmlOutline(
                        name ?? address,
                        address,
                        Attribute(reader, "htmlUrl"),
                        folders.Count == 0 ? null : string.Join(" / ", folders.Select(folder => folder.Name))
                    )
                );
            else if (name is not null)
                folders.Add((reader.Depth, name));
        }
    }

    // Programs spell the attributes in every way.
    private static string? Attribute(XmlReader reader, string name)
    {
        string? found = null;
        while (reader.MoveToNextAttribute())
        {
            if (reader.LocalName.Equals(name, StringComparison.OrdinalIgnoreCase))
                found = reader.Value.Trim();
        }

        reader.MoveToElement();
        return string.IsNullOrEmpty(found) ? null : found;
    }

    private static List<OpmlOutline> Once(List<OpmlOutline> feeds) => [.. feeds.DistinctBy(feed => feed.FeedAddress)];
}
