namespace Antiphon.Core.Listings.Styles.Css;

/// <summary>What can be wrong with the owner's CSS.</summary>
public enum CssProblemKind
{
    /// <summary>A brace, bracket, string or comment is not closed; the rule is left out.</summary>
    NotClosed,

    /// <summary>The detail is no part of a listing; the rule is left out.</summary>
    UnknownPart,

    /// <summary>The detail is an at-rule that could reach outside; it is left out.</summary>
    RuleNotTaken,

    /// <summary>The detail is no declaration: it has no colon or no value; it is left out.</summary>
    NoDeclaration,

    /// <summary>The detail is a property nobody knows; it is left out.</summary>
    UnknownProperty,

    /// <summary>The detail's value does not fit its property; it is left out.</summary>
    BadValue,

    /// <summary>The detail could reach outside the listing or run something; it is left out.</summary>
    ReachesOut,
}

/// <summary>Something wrong with the owner's CSS.</summary>
/// <param name="Line">Line of the text, from 1.</param>
/// <param name="Kind">What.</param>
/// <param name="Detail">The words it is about.</param>
/// <param name="Suggestion">What may have been meant, or null.</param>
public sealed record CssProblem(int Line, CssProblemKind Kind, string Detail, string? Suggestion = null);
