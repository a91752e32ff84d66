using Antiphon.Core.Languages;
using Antiphon.Server.Pages.Texts;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Antiphon.Server.Pages;

/// <summary>Plain pages of ours that readers meet: messages, frames, posts.</summary>
internal static class PublicPage
{
    private static readonly string Style = StyleSheet.Read("Pages/page.css");

    /// <summary>A page with a heading and ready HTML below it.</summary>
    /// <param name="heading">Heading, as text.</param>
    /// <param name="body">Safe HTML.</param>
    /// <param name="status">HTTP status.</param>
    /// <param name="head">Further safe HTML for the head.</param>
    /// <param name="language">Language tag.</param>
    /// <param name="above">Safe HTML above the heading.</param>
    /// <param name="title">Title, where it is another than the heading.</param>
    public static ContentHttpResult Html(
        string heading,
        string body,
        int status = StatusCodes.Status200OK,
        string head = "",
        string language = "en",
        string above = "",
        string? title = null
    ) =>
        TypedResults.Content(
            Document(heading, body, head, language, above, title),
            "text/html; charset=utf-8",
            null,
            status
        );

    /// <summary>The same as text, for pages that are not answered but written.</summary>
    public static string Document(
        string heading,
        string body,
        string head = "",
        string language = "en",
        string above = "",
        string? title = null
    ) =>
        $"<!doctype html>\n<html lang=\"{Encoded.Html(language)}\" dir=\"{ReaderLanguage.DirectionOf(language)}\"><head><meta charset=\"utf-8\"><meta name=\"viewport\" content=\"width=device-width,initial-scale=1\"><link rel=\"icon\" href=\"data:,\"><title>{Encoded.Html(title ?? heading)}</title><style>{Style}</style>{head}</head>"
        + $"<body><main>{above}<h1>{Encoded.Html(heading)}</h1>{body}</main></body></html>";

    /// <summary>There is nothing at an address.</summary>
    public static MessagePage Missing() =>
        new MessagePage(StatusCodes.Status404NotFound, language =>
            (PageTexts.For(language).Missing, PageTexts.For(language).MissingText)
        );

    // Tells the page around the frame how high it is; links lead out of it by the base target.
    private const string FrameHeight =
        "<script>new ResizeObserver(()=>parent.postMessage({antiphonHeight:document.documentElement.scrollHeight},'*')).observe(document.body)</script>";

    /// <summary>A bare page around a fragment, for frames.</summary>
    /// <param name="title">Title of the page.</param>
    /// <param name="fragment">Safe HTML.</param>
    /// <param name="language">Language tag.</param>
    /// <param name="canonical">Where what it shows lives, when that is elsewhere.</param>
    public static ContentHttpResult Frame(string title, string fragment, string language, string? canonical = null) =>
        TypedResults.Content(
            $"<!doctype html>\n<html lang=\"{Encoded.Html(language)}\" dir=\"{ReaderLanguage.DirectionOf(language)}\"><head><meta charset=\"utf-8\"><meta name=\"viewport\" content=\"width=device-width,initial-scale=1\"><title>{Encoded.Html(title)}</title>"
                + (canonical is null ? string.Empty : $"<link rel=\"canonical\" href=\"{Encoded.Html(canonical)}\">")
                + $"<style>:root{{color-scheme:light dark}}body{{margin:0;padding:4px;font:16px/1.5 Georgia,serif}}</style><base target=\"_top\"></head><body>{fragment}{FrameHeight}</body></html>",
            "text/html; charset=utf-8"
        );
}
