using System.Globalization;
using AngleSharp.Dom;
using Antiphon.Core.Listings.Styles.Colours;

namespace Antiphon.Core.Listings.Styles.Matching;

/// <summary>
/// Reads the look of a page out of its style sheets: colours, type and spacing, each with the rule it stands in.
/// </summary>
public sealed class LookMatcher
{
    private const string Aside =
        "header,nav,footer,[role=banner],[role=navigation],[role=contentinfo],[data-antiphon-listing],[data-antiphon-comments],[data-antiphon-thread]";

    private static readonly string[] Mains =
    [
        "main",
        "[role=main]",
        "article",
        "#content",
        "#main",
        ".content",
        "body",
    ];

    private readonly IDocument _page;
    private readonly PageCascade _cascade;
    private readonly PageLengths _lengths;
    private readonly List<FoundValue> _found = [];

    private LookMatcher(IDocument page, IReadOnlyList<PageSheet> sheets)
    {
        (_page, _cascade) = (page, new PageCascade(sheets));
        _lengths = new PageLengths(_cascade);
    }

    /// <summary>
    /// What was found, in the order of <see cref="FoundProperty"/>; properties the page says nothing of are left out.
    /// </summary>
    /// <param name="page">The page.</param>
    /// <param name="sheets">Its style sheets with their text, in the page's order.</param>
    public static IReadOnlyList<FoundValue> Match(IDocument page, IReadOnlyList<PageSheet> sheets)
    {
        var matcher = new LookMatcher(page, sheets);
        matcher.FindColours();
        matcher.FindType();
        matcher.FindShapes();
        return [.. matcher._found.OrderBy(found => found.Property)];
    }

    private void FindColours()
    {
        var text = First("p") ?? First("li") ?? _page.Body;
        AddBackground(text);
        AddColour(FoundProperty.Text, text, "color");
        AddColour(FoundProperty.Heading, FirstOrMade("h2", "h2"), "color");
        AddColour(FoundProperty.Link, FirstOrMade("p a[href]", "p", "a"), "color");
        if (!AddOwnColour(FoundProperty.Accent, Button(), "background-color"))
            AddOwnColour(FoundProperty.Accent, _page.QuerySelector("header,nav"), "background-color");
        foreach (
            var (selector, side) in new[]
            {
                ("hr", "border-top-color"),
                ("table td", "border-bottom-color"),
                ("li", "border-bottom-color"),
                ("aside", "border-left-color"),
                ("header", "border-bottom-color"),
            }
        )
        {
            if (
                _page.QuerySelector(selector) is { } element
                && _cascade.Of(element, side.Replace("color", "style", StringComparison.Ordinal)) is not null
                && AddOwnColour(FoundProperty.Line, element, side)
            )
                break;
        }
    }

    private void FindType()
    {
        var (text, heading) = (First("p") ?? _page.Body, FirstOrMade("h2", "h2"));
        AddFamily(FoundProperty.TextFamily, text);
        AddSize(FoundProperty.TextSize, text);
        AddFamily(FoundProperty.HeadingFamily, heading);
        AddSize(FoundProperty.HeadingSize, heading);
        if (heading is null)
            return;
        var weight = _cascade.Of(heading, "font-weight");
        Add(
            FoundProperty.HeadingWeight,
            weight?.Value switch
            {
                "bold" or "bolder" or null => "700",
                "normal" => "400",
                var given => given,
            },
            weight
        );
    }

    private void FindShapes()
    {
        foreach (var element in new[] { Button(), First("img"), First("[class*=card]") }.OfType<IElement>())
        {
            if (
                _cascade.Of(element, "border-top-left-radius") is not { } radius
                || Whole(radius.Value, element) is not { } pixels
            )
                continue;
            Add(FoundProperty.Radius, pixels, radius);
            break;
        }

        if (
            First("p") is { } paragraph
            && _cascade.Of(paragraph, "margin-bottom") is { } margin
            && Whole(margin.Value, paragraph) is { } room
        )
            Add(FoundProperty.Spacing, room, margin);
    }

    /// <summary>
    /// The first such element of the page's main part that is not in its header, menu or footer, nor ours.
    /// </summary>
    private IElement? First(string selector) =>
        Main
            ?.QuerySelectorAll(selector)
            .FirstOrDefault(element =>
                element.Closest(Aside) is null && (selector == "img" || element.TextContent.Trim().Length > 0)
            );

    private IElement? Main => Mains.Select(text => _page.QuerySelector(text)).OfType<IElement>().FirstOrDefault();

    /// <summary>
    /// The first such element; where the main part has none, what one put there would be. The page is a copy of ours,
    /// which may be written in.
    /// </summary>
    private IElement? FirstOrMade(string selector, params string[] names)
    {
        if (First(selector) is { } found || Main is not { } place)
            return First(selector);
        foreach (var name in names)
            place = place.AppendChild(_page.CreateElement(name)) as IElement ?? place;
        if (names[^1] == "a")
            place.SetAttribute("href", "#");
        return place;
    }

    private IElement? Button() =>
        _page.QuerySelector("button,input[type=submit],.button,.btn,[class*=button],[role=button]");

    private void AddBackground(IElement? element)
    {
        for (; element is not null; element = element.ParentElement)
        {
            if (AddOwnColour(FoundProperty.Background, element, "background-color"))
                return;
        }

        _found.Add(new FoundValue(FoundProperty.Background, Colour.White.ToString(), null, null));
    }

    private void AddColour(FoundProperty property, IElement? element, string name)
    {
        if (element is null)
            return;
        // A link has the browser's colour unless a rule finds the link itself.
        var said = property == FoundProperty.Link ? _cascade.Of(element, name) : _cascade.Inherited(element, name);
        if (said is not null && Colour.Parse(said.Value) is { } colour)
            Add(property, colour.ToString(), said);
    }

    private bool AddOwnColour(FoundProperty property, IElement? element, string name)
    {
        if (element is null || _cascade.Of(element, name) is not { } said || Colour.Parse(said.Value) is not { } colour)
            return false;
        Add(property, colour.ToString(), said);
        return true;
    }

    private void AddFamily(FoundProperty property, IElement? element)
    {
        if (_cascade.Inherited(element, "font-family") is { } said && FontFamilies.Clean(said.Value) is { } families)
            Add(property, families, said);
    }

    private void AddSize(FoundProperty property, IElement? element)
    {
        if (element is not null)
            Add(property, Whole(_lengths.FontSize(element)), _cascade.Inherited(element, "font-size"));
    }

    private string? Whole(string value, IElement element) =>
        _lengths.Pixels(value, element, _lengths.FontSize(element)) is { } pixels and >= 0 ? Whole(pixels) : null;

    private static string Whole(double pixels) => Math.Round(pixels).ToString(CultureInfo.InvariantCulture);

    private void Add(FoundProperty property, string value, Declared? said) =>
        _found.Add(new FoundValue(property, value, said?.Selector, said?.Sheet));
}
