using Antiphon.Server.Pages;
using Antiphon.Server.Platform;

namespace Antiphon.Server.Comments;

/// <summary>What is pasted into a page, or into the template of many, to place a thread.</summary>
internal static class ThreadSnippet
{
    /// <summary>Path of the page that shows a thread on its own.</summary>
    public static string PagePath(string siteKey, string identifier, string address, string? title) =>
        $"/embed/threads/{siteKey}{Query(identifier, address, title)}";

    /// <summary>What tells a thread, behind any address that is asked for one.</summary>
    public static string Query(string identifier, string address, string? title) =>
        $"?id={Uri.EscapeDataString(identifier)}&url={Uri.EscapeDataString(address)}&title={Uri.EscapeDataString(title ?? string.Empty)}";

    /// <summary>A container with a link that works without script, and the script.</summary>
    public static ThreadSnippetView Make(AntiphonOptions options, string siteKey, ThreadSnippetRequest request)
    {
        // What a template fills in is written as it is; encoding it is the template's work.
        string Attribute(string value) => request.IsTemplate ? value : Encoded.Html(value);
        var page = request.IsTemplate
            ? options.AddressOf($"/embed/threads/{siteKey}?id={request.Identifier}&amp;url={request.Address}")
            : Encoded.Html(options.AddressOf(PagePath(siteKey, request.Identifier, request.Address, request.Title)));
        var title = string.IsNullOrWhiteSpace(request.Title)
            ? string.Empty
            : $" data-antiphon-title=\"{Attribute(request.Title)}\"";
        var theme =
            request.Theme is ThreadTheme.Host
                ? string.Empty
                : $" data-antiphon-theme=\"{request.Theme.ToString().ToLowerInvariant()}\"";
        var script = $"<script src=\"{options.AddressOf("embed/antiphon.js")}\" async></script>";
        var snippet =
            $"<div id=\"antiphon-thread\" data-antiphon-thread=\"{Attribute(request.Identifier)}\" data-antiphon-site=\"{siteKey}\" data-antiphon-url=\"{Attribute(request.Address)}\"{title}{theme}>\n"
            + $"  <a href=\"{page}\">Read and write comments</a>\n  <link rel=\"webmention\" href=\"{MentionAdvertising.Webmention(options, siteKey)}\">\n</div>\n{script}";
        var count =
            $"<a href=\"{Attribute(request.Address.Split('#')[0])}#antiphon-thread\" data-antiphon-count=\"{Attribute(request.Identifier)}\" data-antiphon-site=\"{siteKey}\">Comments</a>\n{script}";
        return new ThreadSnippetView(snippet, count, System.Net.WebUtility.HtmlDecode(page));
    }
}

/// <summary>Colours a thread stands in.</summary>
internal enum ThreadTheme
{
    /// <summary>Those of the page.</summary>
    Host,

    /// <summary>Dark on light.</summary>
    Light,

    /// <summary>Light on dark.</summary>
    Dark,
}
