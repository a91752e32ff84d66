namespace Antiphon.Core.Importing.Tidying;

/// <summary>A text without what was left over in it.</summary>
/// <param name="Html">The text.</param>
/// <param name="EmptyParagraphs">Empty paragraphs taken out.</param>
/// <param name="Styles">Inline styles taken out.</param>
/// <param name="Pixels">Tracking pixels taken out.</param>
/// <param name="Breaks">Breaks taken out where several followed one another.</param>
/// <param name="Codes">Remains of codes in brackets taken out.</param>
public sealed record TidyResult(string Html, int EmptyParagraphs, int Styles, int Pixels, int Breaks, int Codes)
{
    /// <summary>All together.</summary>
    public int Total => EmptyParagraphs + Styles + Pixels + Breaks + Codes;
}
