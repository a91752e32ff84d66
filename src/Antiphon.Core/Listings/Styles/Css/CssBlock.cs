namespace Antiphon.Core.Listings.Styles.Css;

/// <summary>A rule as it is written: what stands before the brace and what is in it.</summary>
/// <param name="Line">Line of the prelude, from 1.</param>
/// <param name="Prelude">Selectors, or an at-rule's name and condition, without comments.</param>
/// <param name="Body">What is between the braces, comments blanked out so that lines still count.</param>
/// <param name="BodyLine">Line on which the body begins.</param>
internal sealed record CssBlock(int Line, string Prelude, string Body, int BodyLine);
