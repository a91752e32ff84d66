using Antiphon.Core.Listings.Styles.Css;

namespace Antiphon.Server.Listings.Styles;

/// <summary>Problems of CSS in words.</summary>
internal static class CssWords
{
    /// <summary>One sentence or two.</summary>
    public static string For(CssProblem problem) =>
        problem.Kind switch
        {
            CssProblemKind.NotClosed when problem.Detail == "}" => "Unmatched closing brace.",
            CssProblemKind.NotClosed => $"“{problem.Detail}” is not closed; add what ends it.",
            CssProblemKind.UnknownPart =>
                $"“{problem.Detail}” is not a listing part. {(problem.Suggestion is { } part ? $"Did you mean {part}?" : $"The parts are {string.Join(", ", PartCss.Parts.Keys)}.")}",
            CssProblemKind.RuleNotTaken =>
                $"“{problem.Detail}” cannot be used here; @media, @container and @supports can.",
            CssProblemKind.NoDeclaration => $"“{problem.Detail}” needs a name, a colon and a value.",
            CssProblemKind.UnknownProperty =>
                $"“{problem.Detail}”: no such property.{(problem.Suggestion is { } name ? $" Did you mean {name}?" : string.Empty)}",
            CssProblemKind.BadValue => $"“{problem.Detail}”: the value does not fit.",
            _ =>
                $"“{problem.Detail}” could affect the rest of the page and was ignored. Pictures need an https:// address.",
        };
}
