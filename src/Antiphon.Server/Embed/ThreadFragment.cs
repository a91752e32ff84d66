using System.Text;
using Antiphon.Core.Comments;
using Antiphon.Data.Entities;

namespace Antiphon.Server.Embed;

/// <summary>What the form holds and says.</summary>
/// <param name="Action">Where it is sent.</param>
/// <param name="Identifier">Identifier of the thread.</param>
/// <param name="Address">Canonical address of the page.</param>
/// <param name="Title">Title of the page.</param>
/// <param name="IsOpen">Whether comments are taken; the form is left out where they are not.</param>
/// <param name="Name">Name typed so far.</param>
/// <param name="Mail">Mail typed so far.</param>
/// <param name="Text">Comment typed so far.</param>
/// <param name="Problems">What to correct, by field.</param>
internal sealed record ThreadForm(
    string Action, string Identifier, string Address, string? Title, bool IsOpen = true, string Name = "", string Mail = "", string Text = "", IReadOnlyDictionary<string, string>? Problems = null);

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
            html.Append("<ol class=\"antiphon-comments\" part=\"comments\">\n");
            foreach (var comment in comments) AppendComment(html, comment, site, texts);
            html.Append("</ol>\n");
        }

        if (form.IsOpen) AppendForm(html, form, texts);
        else html.Append("<p class=\"antiphon-none\" part=\"closed\">").Append(texts.Closed).Append("</p>\n");
        return html.Append("</section>").ToString();
    }

    private static void AppendComment(StringBuilder html, ReaderComment comment, Site site, EmbedTexts texts)
    {
        html.Append("<li class=\"antiphon-comment\" part=\"comment\" id=\"comment-").Append(comment.Id).Append("\" data-depth=\"").Append(comment.Depth).Append("\">")
            .Append("<p class=\"antiphon-writer\" part=\"writer\"><strong>").Append(Encoded.Html(comment.Author)).Append("</strong> ");
        if (comment.IsTeam) html.Append("<span class=\"antiphon-team\">· ").Append(texts.Team).Append("</span> ");
        html.Append("· <time datetime=\"").Append(comment.Published.UtcDateTime.ToString("yyyy-MM-dd'T'HH:mm:ss'Z'", System.Globalization.CultureInfo.InvariantCulture)).Append("\">")
            .Append(Encoded.Html(SiteCulture.LongDate(comment.Published, site.Language, site.TimeZone))).Append("</time></p><div class=\"antiphon-said\" part=\"said\">")
            .Append(comment.Html).Append("</div></li>\n");
    }

    private static void AppendForm(StringBuilder html, ThreadForm form, EmbedTexts texts)
    {
        html.Append("<form class=\"antiphon-form\" part=\"form\" method=\"post\" action=\"").Append(Encoded.Html(form.Action)).Append("\" novalidate>\n")
            .Append("<p part=\"form-title\"><strong>").Append(texts.WriteOne).Append("</strong></p>\n");
        Hidden(html, "id", form.Identifier);
        Hidden(html, "url", form.Address);
        Hidden(html, "title", form.Title ?? string.Empty);
        html.Append("<div class=\"antiphon-pair\">");
        Field(html, form, "name", texts.Name, null, $"<input name=\"name\" value=\"{Encoded.Html(form.Name)}\" autocomplete=\"name\" maxlength=\"100\" required{Invalid(form, "name")}>");
        Field(html, form, "mail", texts.Mail, texts.MailHint, $"<input name=\"mail\" type=\"email\" value=\"{Encoded.Html(form.Mail)}\" autocomplete=\"email\" maxlength=\"200\"{Invalid(form, "mail")}>");
        html.Append("</div>");
        Field(html, form, "text", texts.Comment, null, $"<textarea name=\"text\" rows=\"5\" maxlength=\"{CommentBody.MaxLength}\" required{Invalid(form, "text")}>{Encoded.Html(form.Text)}</textarea>");
        html.Append("<p class=\"antiphon-trap\" aria-hidden=\"true\"><label>Website <input name=\"website\" tabindex=\"-1\" autocomplete=\"off\"></label></p>\n")
            .Append("<button part=\"send\">").Append(texts.Send).Append("</button>\n</form>\n");
    }

    private static string Invalid(ThreadForm form, string field) =>
        form.Problems?.ContainsKey(field) == true ? $" aria-invalid=\"true\" aria-describedby=\"antiphon-problem-{field}\"" : string.Empty;

    private static void Field(StringBuilder html, ThreadForm form, string field, string label, string? hint, string input)
    {
        html.Append("<p><label>").Append(label);
        if (hint is not null) html.Append(" <small>").Append(hint).Append("</small>");
        html.Append(input).Append("</label>");
        if (form.Problems is { } problems && problems.TryGetValue(field, out var problem))
        {
            html.Append("<span class=\"antiphon-problem\" id=\"antiphon-problem-").Append(field).Append("\">").Append(Encoded.Html(problem)).Append("</span>");
        }

        html.Append("</p>\n");
    }

    private static void Hidden(StringBuilder html, string name, string value) =>
        html.Append("<input type=\"hidden\" name=\"").Append(name).Append("\" value=\"").Append(Encoded.Html(value)).Append("\">");
}
