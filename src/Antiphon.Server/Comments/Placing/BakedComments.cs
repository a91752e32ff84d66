using System.Globalization;
using System.Text;
using Antiphon.Core.Comments.Threads;
using Antiphon.Data.Sites;
using Antiphon.Server.Comments.Threads;
using Antiphon.Server.Pages;
using Antiphon.Server.Pages.Texts;

namespace Antiphon.Server.Comments.Placing;

/// <summary>
/// The first comments of a page as plain HTML for its snippet: read without script and by search engines, and replaced
/// by the thread where the script runs.
/// </summary>
internal sealed class BakedComments(ThreadReader threads, ThreadPages pages)
{
    /// <summary>Most comments at the top level that go into a page.</summary>
    public const int Most = 20;

    /// <summary>A list; empty where nobody has written.</summary>
    /// <param name="site">The site.</param>
    /// <param name="identifier">Identifier of the thread, or empty.</param>
    /// <param name="address">Address of the page.</param>
    /// <param name="cancellation">Ends it.</param>
    public async Task<string> BakeAsync(Site site, string identifier, string address, CancellationToken cancellation)
    {
        if (await threads.FindAsync(site, identifier, address, cancellation) is not { } thread)
            return string.Empty;
        var settings = (await threads.RulesAsync(site, thread, cancellation)).Settings;
        var page = await pages.ReadAsync(thread, new ThreadSlice(settings.Order, Most), cancellation);
        if (page.Count == 0)
            return string.Empty;
        var (texts, html) = (ReaderTexts.For(site.Language), new StringBuilder("  <ol>\n"));
        foreach (var comment in page.Comments.Where(one => !one.IsGone))
            Append(html, comment, site, texts);
        return html.Append("  </ol>\n").ToString();
    }

    private static void Append(StringBuilder html, ReaderComment comment, Site site, ReaderTexts texts)
    {
        html.Append("    <li><p><strong>").Append(Encoded.Html(comment.Author)).Append("</strong>");
        if (comment.Answers is { } answered)
            html.Append(CultureInfo.InvariantCulture, $" · {texts.InAnswerTo} {Encoded.Html(answered)}");
        html.Append(" · ")
            .Append(Encoded.Html(SiteCulture.LongDate(comment.Published, site.Language, site.TimeZone)))
            .Append("</p>")
            .Append(comment.Html)
            .Append("</li>\n");
    }
}
