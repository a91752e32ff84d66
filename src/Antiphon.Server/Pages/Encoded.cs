using System.Net;

namespace Antiphon.Server.Pages;

/// <summary>Encoding on the way out.</summary>
internal static class Encoded
{
    /// <summary>Text as HTML, also safe inside quoted attributes.</summary>
    public static string Html(string? text) => WebUtility.HtmlEncode(text ?? string.Empty);
}
