using System.Net;
using Antiphon.Core.Comments.Threads;
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

    /// <summary>
    /// A container with a link that works without script, and the script. Without an identifier the same snippet serves
    /// every page: each is known by its canonical address.
    /// </summary>
    /// <param name="options">Where we are.</param>
    /// <param name="siteKey">Public key of the site.</param>
    /// <param name="request">What is placed.</param>
    /// <param name="baked">HTML of the comments there are, or empty.</param>
    public static ThreadSnippetView Make(
        AntiphonOptions options,
        string siteKey,
        ThreadSnippetRequest request,
        string baked = ""
    )
    {
        var (identifier, address) = (
            request.Identifier?.Trim() ?? string.Empty,
            request.Address?.Trim() ?? string.Empty
        );
        var page = PageOf(options, siteKey, request, identifier, address);
        // What a template fills in is written as it is; encoding it is the template's work.
        string Written(string? value) =>
            request.IsTemplate ? value ?? string.Empty : Encoded.Html(value ?? string.Empty);
        var key = new ThreadKey(siteKey, Written(identifier)).ToString();
        var attributes =
            Attribute(ThreadKey.Attribute, key)
            + Attribute(ThreadKey.AddressAttribute, request.IsTemplate ? address : null)
            + Attribute(ThreadKey.NameAttribute, Written(request.Title))
            + Attribute(
                "data-antiphon-theme",
                request.Theme is ThreadTheme.Host ? null : request.Theme.ToString().ToLowerInvariant()
            );
        var script = $"<script src=\"{options.AddressOf("embed/antiphon.js")}\" async></script>";
        var snippet =
            $"<div{attributes}>\n{baked}"
            + $"  <a href=\"{page}\" referrerpolicy=\"no-referrer-when-downgrade\">Read and write comments</a>\n"
            + $"  <link rel=\"webmention\" href=\"{MentionAdvertising.Webmention(options, siteKey)}\">\n</div>\n{script}";
        var target = request.IsTemplate ? AddressOfPost(address) : Encoded.Html(address.Split('#')[0]);
        var count = $"<a href=\"{target}#comments\" {ThreadKey.CountAttribute}=\"{key}\">Comments</a>\n{script}";
        return new ThreadSnippetView(snippet, count, WebUtility.HtmlDecode(page));
    }

    private static string PageOf(
        AntiphonOptions options,
        string siteKey,
        ThreadSnippetRequest request,
        string identifier,
        string address
    )
    {
        if (!request.IsTemplate)
            return Encoded.Html(options.AddressOf(PagePath(siteKey, identifier, address, request.Title)));
        var said = new[] { ("id", identifier), ("url", address) }
            .Where(field => field.Item2.Length > 0)
            .Select(field => $"{field.Item1}={field.Item2}");
        var query = string.Join("&amp;", said);
        return options.AddressOf($"/embed/threads/{siteKey}") + (query.Length > 0 ? "?" + query : string.Empty);
    }

    private static string Attribute(string name, string? value) =>
        string.IsNullOrWhiteSpace(value) ? string.Empty : $" {name}=\"{value}\"";

    // In a list of posts the link of each names its page; what stands there tells whose number is wanted.
    private static string AddressOfPost(string address) => address.Length == 0 ? "ADDRESS-OF-THE-POST" : address;
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
