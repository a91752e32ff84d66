using Antiphon.Core.Listings.Styles.Css;

namespace Antiphon.Server.Listings.Styles;

/// <summary>Problems of CSS in words.</summary>
internal static class CssWords
{
    /// <summary>One sentence or two.</summary>
    public static string For(CssProblem problem) =>
        problem.Kind switch
        {
            CssProblemKind.NotClosed when problem.Detail == "}" => "This closing brace closes nothing; take it out.",
            CssProblemKind.NotClosed => $"“{problem.Detail}” is not closed; add what ends it.",
            CssProblemKind.UnknownPart =>
                $"“{problem.Detail}” is no part of a listing. {(problem.Suggestion is { } part ? $"Did you mean {part}?" : $"The parts are {string.Join(", ", PartCss.Parts.Keys)}.")}",
            CssProblemKind.RuleNotTaken =>
                $"“{problem.Detail}” cannot be used here; @media, @container and @supports can.",
            CssProblemKind.NoDeclaration => $"“{problem.Detail}” needs a name, a colon and a value.",
            CssProblemKind.UnknownProperty =>
                $"“{problem.Detail}”: no such property.{(problem.Suggestion is { } name ? $" Did you mean {name}?" : string.Empty)}",
            CssProblemKind.BadValue => $"“{problem.Detail}”: the value does not fit.",
            _ =>
                $"“{problem.Detail}” would reach outside the listing, so it is left out. Pictures need an https:// address.",
        };
}
