using Antiphon.Server.Embed;
using Antiphon.Server.Hosting;

namespace Antiphon.Server.Comments;

/// <summary>What is pasted into a page to place a thread.</summary>
internal static class ThreadSnippet
{
    /// <summary>Path of the page that shows a thread on its own.</summary>
    public static string PagePath(string siteKey, string identifier, string address, string? title) => $"/embed/threads/{siteKey}{Query(identifier, address, title)}";

    /// <summary>What tells a thread, behind any address that is asked for one.</summary>
    public static string Query(string identifier, string address, string? title) =>
        $"?id={Uri.EscapeDataString(identifier)}&url={Uri.EscapeDataString(address)}&title={Uri.EscapeDataString(title ?? string.Empty)}";

    /// <summary>A container with a link that works without script, and the script.</summary>
    public static ThreadSnippetView Make(AntiphonOptions options, string siteKey, ThreadSnippetRequest request)
    {
        var page = options.AddressOf(PagePath(siteKey, request.Identifier, request.Address, request.Title));
        var title = string.IsNullOrWhiteSpace(request.Title) ? string.Empty : $" data-antiphon-title=\"{Encoded.Html(request.Title)}\"";
        var snippet = $"<div id=\"antiphon-thread\" data-antiphon-thread=\"{Encoded.Html(request.Identifier)}\" data-antiphon-site=\"{siteKey}\" data-antiphon-url=\"{Encoded.Html(request.Address)}\"{title}>\n"
            + $"  <a href=\"{Encoded.Html(page)}\">Read and write comments</a>\n</div>\n<script src=\"{options.AddressOf("embed/antiphon.js")}\" async></script>";
        var count = $"<a href=\"{Encoded.Html(request.Address.Split('#')[0])}#antiphon-thread\" data-antiphon-count=\"{Encoded.Html(request.Identifier)}\" data-antiphon-site=\"{siteKey}\">Comments</a>\n<script src=\"{options.AddressOf("embed/antiphon.js")}\" async></script>";
        return new ThreadSnippetView(snippet, count, page);
    }
}
