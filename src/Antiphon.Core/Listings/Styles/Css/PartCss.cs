using System.Text;
using System.Text.RegularExpressions;

namespace Antiphon.Core.Listings.Styles.Css;

/// <summary>
/// CSS of the owner's for the named parts of a listing: "title { letter-spacing: .02em }". It is checked line by line
/// and confined to the listing, whatever is written: selectors are made of
/// part names alone, and what could reach outside is left out.
/// </summary>
public static partial class PartCss
{
    /// <summary>Longest text taken.</summary>
    public const int MaxLength = 20_000;

    /// <summary>The parts and what they are in the markup.</summary>
    public static IReadOnlyDictionary<string, string> Parts { get; } =
        new Dictionary<string, string>(StringComparer.OrdinalIgnoreCase)
        {
            ["listing"] = "&",
            ["heading"] = ".antiphon-heading",
            ["introduction"] = ".antiphon-introduction",
            ["entries"] = ".antiphon-entries",
            ["entry"] = ".antiphon-entry",
            ["picture"] = ".antiphon-picture",
            ["text"] = ".antiphon-words",
            // The name it had; sheets that use it keep working.
            ["words"] = ".antiphon-words",
            ["title"] = ".antiphon-title",
            ["link"] = ".antiphon-title a",
            ["byline"] = ".antiphon-byline",
            ["excerpt"] = ".antiphon-excerpt",
            ["tags"] = ".antiphon-tags",
            ["more"] = ".antiphon-more a",
            ["paging"] = ".antiphon-paging",
            ["closing"] = ".antiphon-closing",
            ["empty"] = ".antiphon-empty",
        };

    /// <summary>Checks the text.</summary>
    /// <param name="css">What the owner wrote.</param>
    /// <returns>Rules to be nested in the listing's own selector, and what was left out, by line.</returns>
    public static (string Css, IReadOnlyList<CssProblem> Problems) Confine(string? css)
    {
        if (string.IsNullOrWhiteSpace(css))
            return (string.Empty, []);
        var problems = new List<CssProblem>();
        var (text, isClosed) = CssBlocks.WithoutComments(
            CssBlocks.Preprocessed(css.Length > MaxLength ? css[..MaxLength] : css)
        );
        if (!isClosed)
            problems.Add(new CssProblem(1 + text.AsSpan().Count('\n'), CssProblemKind.NotClosed, "/*"));
        var taken = new StringBuilder();
        foreach (var rule in CssBlocks.Rules(text, 1, problems))
            Append(taken, rule, problems, isInside: false);
        // Strings may hold what would end the style element around it.
        return (taken.Replace("<", "\\3c ").ToString(), [.. problems.OrderBy(problem => problem.Line)]);
    }

    private static void Append(StringBuilder taken, CssBlock rule, List<CssProblem> problems, bool isInside)
    {
        if (rule.Prelude.StartsWith('@'))
        {
            AppendCondition(taken, rule, problems, isInside);
            return;
        }

        var selectors = CssBlocks
            .Commas(rule.Prelude)
            .Select(selector => Selector(selector, rule.Line, problems))
            .ToList();
        if (selectors.Contains(null))
            return;
        var declarations = CssBlocks
            .Declarations(rule)
            .Select(pair => CssDeclaration.Check(pair.Line, pair.Text, problems))
            .Where(text => text is not null)
            .ToList();
        if (declarations.Count > 0)
            taken.AppendJoin(',', selectors).Append('{').AppendJoin(';', declarations).Append("}\n");
    }

    private static void AppendCondition(StringBuilder taken, CssBlock rule, List<CssProblem> problems, bool isInside)
    {
        if (isInside || !Condition().IsMatch(rule.Prelude) || !CssBlocks.IsClosed(rule.Prelude))
        {
            problems.Add(new CssProblem(rule.Line, CssProblemKind.RuleNotTaken, CssBlocks.Shown(rule.Prelude)));
            return;
        }

        taken.Append(Spaces().Replace(rule.Prelude, " ")).Append("{\n");
        foreach (var inner in CssBlocks.Rules(rule.Body, rule.BodyLine, problems))
            Append(taken, inner, problems, isInside: true);
        taken.Append("}\n");
    }

    /// <summary>The selector in the markup's own classes, or null when a piece of it is no part.</summary>
    private static string? Selector(string selector, int line, List<CssProblem> problems)
    {
        var pieces = new List<string>();
        foreach (var word in Combinators().Split(selector.Trim()).Where(word => word.Length > 0))
        {
            if (IsCombinator(word))
            {
                pieces.Add(word);
                continue;
            }

            var (name, state) = Compound().Match(word) is { Success: true } match
                ? (match.Groups[1].Value, match.Groups[2].Value)
                : (word, string.Empty);
            if (!Parts.TryGetValue(name, out var inMarkup))
            {
                problems.Add(
                    new CssProblem(
                        line,
                        CssProblemKind.UnknownPart,
                        CssBlocks.Shown(word),
                        NearestWord.Of(name, Parts.Keys)
                    )
                );
                return null;
            }

            pieces.Add(inMarkup + state);
        }

        // A listing's siblings are the page's; and a sign between parts has a part on both sides.
        var leads = pieces.Count > 1 && pieces[0].StartsWith('&') && pieces[1] is "+" or "~";
        if (
            leads
            || pieces.Count == 0
            || IsCombinator(pieces[0])
            || IsCombinator(pieces[^1])
            || pieces.Zip(pieces.Skip(1)).Any(pair => IsCombinator(pair.First) && IsCombinator(pair.Second))
        )
        {
            problems.Add(new CssProblem(line, CssProblemKind.ReachesOut, CssBlocks.Shown(selector)));
            return null;
        }

        return pieces[0].StartsWith('&') ? string.Join(' ', pieces) : "& " + string.Join(' ', pieces);
    }

    private static bool IsCombinator(string piece) => piece is ">" or "+" or "~";

    [GeneratedRegex(@"^@(media|container|supports)\b[\w\s\-():.,<>=/%]*$", RegexOptions.IgnoreCase)]
    private static partial Regex Condition();

    [GeneratedRegex(@"\s+")]
    private static partial Regex Spaces();

    [GeneratedRegex(@"\s*([>+~])\s*(?![^(]*\))|\s+(?![^(]*\))")]
    private static partial Regex Combinators();

    // A part name with states and pseudo-elements; :not, :is, :has and the like would take foreign selectors in.
    [GeneratedRegex(
        @"^([a-z]+)((?::(?:hover|focus|focus-visible|focus-within|active|visited|first-child|last-child|only-child|empty|nth-child\([0-9n+\-\s]+\)|nth-last-child\([0-9n+\-\s]+\)|nth-child\((?:odd|even)\))|::?(?:before|after|first-letter|first-line)|::marker)*)$",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex Compound();
}
