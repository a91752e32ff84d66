using System.Xml.Linq;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Feeds.Reading.Modules.Extensions;

/// <summary>Reads the lines and areas of GeoRSS, written simply or as GML within georss:where.</summary>
public static class AreaReader
{
    private static readonly char[] Between = [' ', ',', '\t', '\n', '\r'];

    /// <summary>The lines and areas of an entry; what is none is left out.</summary>
    public static IReadOnlyList<FeedArea> Of(FeedItem item) =>
        [.. KeptElements.Of(item.Extensions, FeedNamespaces.GeoRss).SelectMany(Areas)];

    /// <summary>The point of a georss:where that was kept; null when it holds something else.</summary>
    internal static FeedPlace? PointIn(IReadOnlyList<FeedExtension> where) =>
        KeptElements
            .Of(where, FeedNamespaces.GeoRss)
            .Elements()
            .FirstOrDefault(element => element.Name.LocalName == "Point")
            is { } point
        && Points(KeptElements.First(point.Elements(), "pos")) is [var only]
            ? only
            : null;

    private static IEnumerable<FeedArea> Areas(XElement element) =>
        element.Name.LocalName switch
        {
            "line" => Area(FeedAreaKind.Line, KeptElements.TextOf(element)),
            "polygon" => Area(FeedAreaKind.Polygon, KeptElements.TextOf(element)),
            "box" => Area(FeedAreaKind.Box, KeptElements.TextOf(element)),
            "where" => element.Elements().SelectMany(InGml),
            _ => [],
        };

    private static IEnumerable<FeedArea> InGml(XElement element) =>
        element.Name.LocalName switch
        {
            "LineString" => Area(FeedAreaKind.Line, KeptElements.First(element.Elements(), "posList")),
            "Polygon" => Area(FeedAreaKind.Polygon, KeptElements.First(element.Descendants(), "posList")),
            "Envelope" => Area(
                FeedAreaKind.Box,
                $"{KeptElements.First(element.Elements(), "lowerCorner")} {KeptElements.First(element.Elements(), "upperCorner")}"
            ),
            _ => [],
        };

    private static FeedArea[] Area(FeedAreaKind kind, string? text)
    {
        var points = Points(text);
        var isOne = kind switch
        {
            FeedAreaKind.Line => points.Count >= 2,
            FeedAreaKind.Polygon => points.Count >= 4,
            _ => points.Count == 2,
        };
        return isOne ? [new FeedArea(kind, points)] : [];
    }

    private static List<FeedPlace> Points(string? text)
    {
        var numbers = (text ?? string.Empty).Split(Between, StringSplitOptions.RemoveEmptyEntries);
        if (numbers.Length % 2 != 0)
            return [];
        var points = numbers.Chunk(2).Select(pair => PlaceParser.Of(pair[0], pair[1])).ToList();
        return points.TrueForAll(point => point is not null) ? [.. points.OfType<FeedPlace>()] : [];
    }
}
