using AngleSharp.Css.Parser;

namespace Antiphon.Server.Listings.Installation;

/// <summary>The place in a page that a listing is to stand behind.</summary>
internal static class Spot
{
    /// <summary>True for nothing, and for what CSS reads as a selector.</summary>
    public static bool IsSelector(string? selector) =>
        string.IsNullOrWhiteSpace(selector) || new CssSelectorParser().ParseSelector(selector) is not null;
}
