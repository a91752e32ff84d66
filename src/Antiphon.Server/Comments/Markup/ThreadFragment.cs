using System.Globalization;
using System.Text;
using Antiphon.Core.Comments.Settings;
using Antiphon.Core.Comments.Threads;
using Antiphon.Core.Languages;
using Antiphon.Data.Sites;
using Antiphon.Server.Comments.Threads;
using Antiphon.Server.Pages;
using Antiphon.Server.Pages.Texts;
using Antiphon.Server.Platform.Requests;

namespace Antiphon.Server.Comments.Markup;

/// <summary>The HTML of a thread with its form, which works without script.</summary>
internal static class ThreadFragment
{
    /// <summary>The fragment with its style sheet.</summary>
    public static string Render(Site site, ThreadPage page, ThreadForm form)
    {
        var language = form.Language(site);
        var (texts, more) = (EmbedTexts.For(language), ReaderTexts.For(language));
        var html = new StringBuilder();
        html.Append("<style>")
            .Append(ThreadStyle.Sheet)
            .Append("</style>\n<section class=\"antiphon-thread\" part=\"thread\" lang=\"")
            .Append(Encoded.Html(language))
            .Append("\" dir=\"")
            .Append(ReaderLanguage.DirectionOf(language))
            .Append("\" data-count=\"")
            .Append(page.Count.ToString(CultureInfo.InvariantCulture))
            .Append("\" data-new=\"")
            .Append(Encoded.Html(more.New))
            .Append("\">\n");
        AppendHead(html, site, page, form, texts);
        RatingMarkup.Append(html, page.Ratings, form, more);
        AppendReactions(html, page, form, more);
        if (page.Comments.Count == 0 && form.IsOpen)
            html.Append("<p class=\"antiphon-none\" part=\"none\">").Append(texts.NoComments).Append("</p>\n");
        else if (page.Comments.Count > 0)
            AppendComments(html, site, page, form, more);
        if (form.IsOpen)
            ThreadFormMarkup.Append(
                html,
                form,
                site,
                page.Comments.FirstOrDefault(comment => comment.Id == form.Answers)?.Author
            );
        else
            html.Append("<p class=\"antiphon-none\" part=\"closed\">")
                .Append(form.Settings.ClosedReason.Length > 0 ? Encoded.Html(form.Settings.ClosedReason) : texts.Closed)
                .Append("</p>\n");
        if (page.Count > 0 || form.IsOpen)
            html.Append("<p class=\"antiphon-mine\"><a href=\"")
                .Append(Encoded.Html(form.Action.Replace("embed/threads/", "embed/mine/", StringComparison.Ordinal)))
                .Append("\">")
                .Append(more.Mine)
                .Append("</a></p>\n");
        return html.Append("</section>").ToString();
    }

    // How many there are, how they are sorted, and the way to the form, in one line.
    private static void AppendHead(StringBuilder html, Site site, ThreadPage page, ThreadForm form, EmbedTexts texts)
    {
        html.Append("<div class=\"antiphon-head\" part=\"head\"><h2 class=\"antiphon-heading\" part=\"heading\">")
            .Append(texts.Comments);
        if (page.Count > 0)
            html.Append(" (").Append(page.Count.ToString(CultureInfo.InvariantCulture)).Append(')');
        html.Append("</h2>");
        if (page.Count > 1)
            AppendOrders(html, form, site);
        if (form.IsOpen && page.Count > 0)
            html.Append("<a class=\"antiphon-write-one\" href=\"")
                .Append(Encoded.Html(form.Page("#antiphon-form")))
                .Append("\" data-write>")
                .Append(texts.WriteOne)
                .Append("</a>");
        html.Append("</div>\n");
    }

    private static void AppendComments(
        StringBuilder html,
        Site site,
        ThreadPage page,
        ThreadForm form,
        ReaderTexts more
    )
    {
        if (page.IsLater)
            html.Append("<p><a class=\"antiphon-start\" href=\"")
                .Append(Encoded.Html(form.Page()))
                .Append("\">")
                .Append(more.FromStart)
                .Append("</a></p>\n");
        var markup = new CommentMarkup(site, form);
        html.Append("<ol class=\"antiphon-comments\" part=\"comments\">\n");
        foreach (var comment in page.Comments)
            markup.Append(html, comment);
        html.Append("</ol>\n");
        if (page.Next is { } next)
            html.Append("<p><a class=\"antiphon-more\" part=\"more\" rel=\"next\" href=\"")
                .Append(Encoded.Html(form.Page($"&order={Spelling(form.Order!.Value)}&after={next}")))
                .Append("\" data-next=\"")
                .Append(next)
                .Append("\">")
                .Append(more.More)
                .Append("</a></p>\n");
    }

    private static void AppendReactions(StringBuilder html, ThreadPage page, ThreadForm form, ReaderTexts more)
    {
        if (form.Settings.Reactions.Count == 0)
            return;
        html.Append("<form class=\"antiphon-acts antiphon-reactions\" part=\"reactions\" method=\"post\" action=\"")
            .Append(Encoded.Html(form.Action))
            .Append("/voice\">")
            .Append(form.HiddenFields)
            .Append(ThreadForm.Hidden("comment", string.Empty));
        CommentActsMarkup.AppendReactions(html, form.Settings.Reactions, page.Reactions, more);
        html.Append("</form>\n");
    }

    private static string Spelling(CommentOrder order) => new Spelled<CommentOrder>(order).ToString();

    // Links, so that the order changes without script too.
    private static void AppendOrders(StringBuilder html, ThreadForm form, Site site)
    {
        var texts = ThreadTexts.For(form.Language(site));
        html.Append("<details class=\"antiphon-orders\" part=\"orders\"><summary>")
            .Append(texts.OrderBy)
            .Append(" <b>")
            .Append(texts.Orders[form.Order!.Value])
            .Append("</b></summary><span class=\"antiphon-list\">");
        foreach (var order in Offered(form.Settings.Votes))
        {
            var spelled = Spelling(order);
            html.Append(" <a href=\"")
                .Append(Encoded.Html(form.Page("&order=" + spelled)))
                .Append("\" data-order=\"")
                .Append(spelled)
                .Append('"');
            if (order == form.Order)
                html.Append(" aria-current=\"true\"");
            html.Append('>').Append(texts.Orders[order]).Append("</a>");
        }

        html.Append("</span></details>");
    }

    private static CommentOrder[] Offered(VoteMode votes) =>
        votes switch
        {
            VoteMode.None => [CommentOrder.Oldest, CommentOrder.Newest, CommentOrder.MostAnswered],
            VoteMode.Up =>
            [
                CommentOrder.Oldest,
                CommentOrder.Newest,
                CommentOrder.Best,
                CommentOrder.MostLiked,
                CommentOrder.MostAnswered,
            ],
            _ =>
            [
                CommentOrder.Oldest,
                CommentOrder.Newest,
                CommentOrder.Best,
                CommentOrder.MostLiked,
                CommentOrder.LeastLiked,
                CommentOrder.MostAnswered,
            ],
        };
}
