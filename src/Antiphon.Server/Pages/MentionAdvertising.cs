using Antiphon.Server.Platform;

namespace Antiphon.Server.Pages;

/// <summary>Says to other sites where they tell of their links.</summary>
internal static class MentionAdvertising
{
    /// <summary>Address for Webmention.</summary>
    public static string Webmention(AntiphonOptions options, string siteKey) =>
        options.AddressOf($"mentions/{siteKey}");

    /// <summary>Address for Pingback.</summary>
    public static string Pingback(AntiphonOptions options, string siteKey) =>
        options.AddressOf($"mentions/{siteKey}/pingback");

    /// <summary>Safe HTML for the head of a page (Webmention, 3.1.2; Pingback 1.0, section 2).</summary>
    /// <param name="options">Where we are.</param>
    /// <param name="siteKey">Public key of the site.</param>
    /// <param name="postKey">Key of the post the page shows, for Trackback; null where it is not known.</param>
    public static string Head(AntiphonOptions options, string siteKey, string? postKey) =>
        $"<link rel=\"webmention\" href=\"{Encoded.Html(Webmention(options, siteKey))}\"><link rel=\"pingback\" href=\"{Encoded.Html(Pingback(options, siteKey))}\">"
        + (
            postKey is null
                ? string.Empty
                : $"<link rel=\"trackback\" href=\"{Encoded.Html(options.AddressOf($"mentions/{siteKey}/trackback/{postKey}"))}\">"
        );

    /// <summary>The same as headers.</summary>
    public static void Add(IHeaderDictionary headers, AntiphonOptions options, string siteKey)
    {
        headers.Append("Link", $"<{Webmention(options, siteKey)}>; rel=\"webmention\"");
        headers["X-Pingback"] = Pingback(options, siteKey);
    }
}
