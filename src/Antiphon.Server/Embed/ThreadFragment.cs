using System.Text;
using Antiphon.Core.Comments.Order;
using Antiphon.Core.Comments.Settings;
using Antiphon.Data.Entities;
using Antiphon.Server.Hosting;

namespace Antiphon.Server.Embed;

/// <summary>The HTML of a thread with its form, which works without script.</summary>
internal static class ThreadFragment
{
    /// <summary>The fragment with its style sheet.</summary>
    public static string Render(Site site, IReadOnlyList<ReaderComment> comments, ThreadForm form)
    {
        var texts = EmbedTexts.For(site.Language);
        var html = new StringBuilder();
        html.Append("<style>").Append(ThreadStyle.Sheet).Append("</style>\n<section class=\"antiphon-thread\" part=\"thread\" lang=\"").Append(Encoded.Html(site.Language)).Append("\">\n");
        html.Append("<h2 class=\"antiphon-heading\" part=\"heading\">").Append(texts.Comments);
        if (comments.Count > 0) html.Append(" (").Append(comments.Count).Append(')');
        html.Append("</h2>\n");
        if (comments.Count == 0 && form.IsOpen) html.Append("<p class=\"antiphon-none\" part=\"none\">").Append(texts.NoComments).Append("</p>\n");
        else if (comments.Count > 0)
        {
            if (comments.Count > 1) AppendOrders(html, form, site);
            var markup = new CommentMarkup(site, form);
            html.Append("<ol class=\"antiphon-comments\" part=\"comments\">\n");
            foreach (var comment in comments) markup.Append(html, comment);
            html.Append("</ol>\n");
        }

        if (form.IsOpen) ThreadFormMarkup.Append(html, form, site, comments.FirstOrDefault(one => one.Id == form.Answers)?.Author);
        else html.Append("<p class=\"antiphon-none\" part=\"closed\">").Append(texts.Closed).Append("</p>\n");
        return html.Append("</section>").ToString();
    }

    // Links, so that the order changes without script too.
    private static void AppendOrders(StringBuilder html, ThreadForm form, Site site)
    {
        var texts = ThreadTexts.For(site.Language);
        html.Append("<p class=\"antiphon-orders\" part=\"orders\"><span>").Append(texts.OrderBy).Append(":</span>");
        foreach (var order in Offered(form.Settings.Votes))
        {
            var spelled = new Spelled<CommentOrder>(order).ToString();
            html.Append(" <a href=\"").Append(Encoded.Html(form.Page("&order=" + spelled))).Append("\" data-order=\"").Append(spelled).Append('"');
            if (order == form.Order) html.Append(" aria-current=\"true\"");
            html.Append('>').Append(texts.Orders[order]).Append("</a>");
        }

        html.Append("</p>\n");
    }

    private static CommentOrder[] Offered(VoteMode votes) => votes switch
    {
        VoteMode.None => [CommentOrder.Oldest, CommentOrder.Newest, CommentOrder.MostAnswered],
        VoteMode.Up => [CommentOrder.Oldest, CommentOrder.Newest, CommentOrder.Best, CommentOrder.MostLiked, CommentOrder.MostAnswered],
        _ => [CommentOrder.Oldest, CommentOrder.Newest, CommentOrder.Best, CommentOrder.MostLiked, CommentOrder.LeastLiked, CommentOrder.MostAnswered],
    };
}
