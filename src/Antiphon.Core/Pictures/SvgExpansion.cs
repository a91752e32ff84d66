using System.Xml.Linq;

namespace Antiphon.Core.Pictures;

/// <summary>
/// How much a drawing grows when its references are drawn: ten uses of a group of ten uses of a group … are a few lines
/// that draw a billion shapes.
/// </summary>
internal static class SvgExpansion
{
    private const int LongestChain = 10;
    private const long MostShapes = 100_000;

    /// <summary>
    /// Whether it stays within 100,000 shapes, and no reference leads over more than ten others or back to itself.
    /// </summary>
    public static bool IsBounded(XElement root)
    {
        var parts = root.DescendantsAndSelf()
            .Where(element => element.Attribute("id") is not null)
            .GroupBy(element => element.Attribute("id")!.Value)
            .ToDictionary(group => group.Key, group => PartOf(group.First()));
        var whole = PartOf(root);
        var sizes = parts.ToDictionary(part => part.Key, part => (long)part.Value.Own);
        for (var step = 0; step <= LongestChain; step++)
        {
            var grown = parts.ToDictionary(part => part.Key, part => SizeOf(part.Value, sizes));
            if (SizeOf(whole, grown) > MostShapes)
                return false;
            if (grown.All(size => sizes[size.Key] == size.Value))
                return true;
            sizes = grown;
        }

        return false;
    }

    private static long SizeOf(Part part, Dictionary<string, long> sizes) =>
        part.References.Aggregate((long)part.Own, (sum, reference) =>
            Math.Min(MostShapes + 1, sum + sizes.GetValueOrDefault(reference))
        );

    private static Part PartOf(XElement element)
    {
        var (own, references) = (0, new List<string>());
        foreach (var one in element.DescendantsAndSelf())
        {
            own++;
            foreach (var attribute in one.Attributes())
                references.AddRange(ReferencesIn(attribute));
        }

        return new Part(own, references);
    }

    private static IEnumerable<string> ReferencesIn(XAttribute attribute)
    {
        if (attribute.Name.LocalName == "href" && attribute.Value.StartsWith('#'))
            yield return attribute.Value[1..];
        for (
            var at = attribute.Value.IndexOf("url(", StringComparison.OrdinalIgnoreCase);
            at >= 0;
            at = attribute.Value.IndexOf("url(", at + 4, StringComparison.OrdinalIgnoreCase)
        )
        {
            yield return attribute
                .Value[(at + 4)..]
                .TrimStart(' ', '\t', '\r', '\n', '\f', '"', '\'', '#')
                .Split(')', 2)[0]
                .TrimEnd(' ', '"', '\'');
        }
    }

    private sealed record Part(int Own, IReadOnlyList<string> References);
}
