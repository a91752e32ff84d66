using System.Xml;
using System.Xml.Linq;

namespace Antiphon.Core.Pictures;

/// <summary>
/// Makes an SVG safe to serve: an allow-list of elements and attributes, nothing that runs, nothing that loads.
/// </summary>
public static class SvgCleaner
{
    private const int MaxElements = 20_000;
    private const int MaxDepth = 100;
    private static readonly XNamespace Svg = "http://www.w3.org/2000/svg";

    private static readonly HashSet<string> Elements =
    [
        "svg",
        "g",
        "defs",
        "symbol",
        "use",
        "title",
        "desc",
        "path",
        "rect",
        "circle",
        "ellipse",
        "line",
        "polyline",
        "polygon",
        "text",
        "tspan",
        "clipPath",
        "mask",
        "pattern",
        "marker",
        "linearGradient",
        "radialGradient",
        "stop",
        "filter",
        "feGaussianBlur",
        "feOffset",
        "feBlend",
        "feColorMatrix",
        "feMerge",
        "feMergeNode",
        "feFlood",
        "feComposite",
    ];

    private static readonly HashSet<string> Attributes =
    [
        "id",
        "class",
        "d",
        "x",
        "y",
        "x1",
        "y1",
        "x2",
        "y2",
        "cx",
        "cy",
        "r",
        "rx",
        "ry",
        "fx",
        "fy",
        "width",
        "height",
        "viewBox",
        "preserveAspectRatio",
        "transform",
        "points",
        "dx",
        "dy",
        "rotate",
        "fill",
        "fill-opacity",
        "fill-rule",
        "stroke",
        "stroke-width",
        "stroke-opacity",
        "stroke-linecap",
        "stroke-linejoin",
        "stroke-dasharray",
        "stroke-dashoffset",
        "stroke-miterlimit",
        "opacity",
        "color",
        "clip-path",
        "clip-rule",
        "mask",
        "filter",
        "offset",
        "stop-color",
        "stop-opacity",
        "gradientUnits",
        "gradientTransform",
        "spreadMethod",
        "patternUnits",
        "patternTransform",
        "patternContentUnits",
        "maskUnits",
        "maskContentUnits",
        "clipPathUnits",
        "filterUnits",
        "markerWidth",
        "markerHeight",
        "markerUnits",
        "refX",
        "refY",
        "orient",
        "marker-start",
        "marker-mid",
        "marker-end",
        "font-family",
        "font-size",
        "font-weight",
        "font-style",
        "text-anchor",
        "dominant-baseline",
        "letter-spacing",
        "in",
        "in2",
        "result",
        "stdDeviation",
        "mode",
        "type",
        "values",
        "flood-color",
        "flood-opacity",
        "operator",
        "k1",
        "k2",
        "k3",
        "k4",
        "version",
        "role",
        "display",
        "visibility",
        "paint-order",
        "vector-effect",
    ];

    /// <summary>
    /// The cleaned document with its size in its own units, or null when it is no SVG that can be made safe: not
    /// well-formed, with a document type, too deep or too large.
    /// </summary>
    public static CleanSvg? Clean(string text)
    {
        try
        {
            using var reader = XmlReader.Create(
                new StringReader(text),
                new XmlReaderSettings
                {
                    DtdProcessing = DtdProcessing.Prohibit,
                    XmlResolver = null,
                    IgnoreComments = true,
                    IgnoreProcessingInstructions = true,
                }
            );
            if (!IsBounded(text))
                return null;
            var document = XDocument.Load(reader);
            if (document.Root is not { } root || root.Name != Svg + "svg")
                return null;
            CleanChildren(root);
            CleanAttributes(root);
            if (!SvgExpansion.IsBounded(root))
                return null;
            return SizeOf(root) is var (width, height)
                ? new CleanSvg(root.ToString(SaveOptions.DisableFormatting), width, height)
                : null;
        }
        catch (XmlException)
        {
            return null;
        }
    }

    // Looked at as a stream first, as loading would build whatever depth there is.
    private static bool IsBounded(string text)
    {
        using var reader = XmlReader.Create(
            new StringReader(text),
            new XmlReaderSettings { DtdProcessing = DtdProcessing.Prohibit, XmlResolver = null }
        );
        var elements = 0;
        while (reader.Read())
        {
            if (reader.NodeType == XmlNodeType.Element && (++elements > MaxElements || reader.Depth > MaxDepth))
                return false;
        }

        return true;
    }

    private static void CleanChildren(XElement parent)
    {
        foreach (var child in parent.Elements().ToList())
        {
            if (child.Name.Namespace != Svg || !Elements.Contains(child.Name.LocalName))
            {
                child.Remove();
                continue;
            }

            CleanAttributes(child);
            CleanChildren(child);
        }
    }

    private static void CleanAttributes(XElement element)
    {
        foreach (var attribute in element.Attributes().Where(attribute => !attribute.IsNamespaceDeclaration).ToList())
        {
            var isOwnReference =
                attribute.Name.LocalName == "href"
                && element.Name.LocalName is "use" or "linearGradient" or "radialGradient" or "pattern"
                && attribute.Value.StartsWith('#');
            var isKnown =
                attribute.Name.Namespace == XNamespace.None
                && Attributes.Contains(attribute.Name.LocalName)
                && !LoadsSomething(attribute.Value);
            if (!isKnown && !isOwnReference)
                attribute.Remove();
        }
    }

    // "url(#mask)" points within the document; every other address would be fetched.
    private static bool LoadsSomething(string value)
    {
        // An escape could spell "url" in other letters.
        if (value.Contains('\\', StringComparison.Ordinal))
            return true;
        for (
            var at = value.IndexOf("url(", StringComparison.OrdinalIgnoreCase);
            at >= 0;
            at = value.IndexOf("url(", at + 4, StringComparison.OrdinalIgnoreCase)
        )
        {
            if (!value.AsSpan(at + 4).TrimStart(" \t\r\n\f\"'").StartsWith("#"))
                return true;
        }

        return false;
    }

    private static (int Width, int Height)? SizeOf(XElement root)
    {
        var box = ((string?)root.Attribute("viewBox") ?? string.Empty).Split(
            [' ', ','],
            StringSplitOptions.RemoveEmptyEntries
        );
        var (width, height) = (
            Length((string?)root.Attribute("width")) ?? (box.Length == 4 ? Length(box[2]) : null),
            Length((string?)root.Attribute("height")) ?? (box.Length == 4 ? Length(box[3]) : null)
        );
        return width is { } across && height is { } down ? (across, down) : null;
    }

    private static int? Length(string? text)
    {
        var plain = text?.EndsWith("px", StringComparison.Ordinal) == true ? text[..^2] : text;
        return
            double.TryParse(
                plain,
                System.Globalization.NumberStyles.Float,
                System.Globalization.CultureInfo.InvariantCulture,
                out var number
            ) && number is >= 1 and <= 20_000
            ? (int)Math.Round(number)
            : null;
    }
}
