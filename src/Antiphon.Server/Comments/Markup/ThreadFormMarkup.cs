using System.Globalization;
using System.Text;
using Antiphon.Core.Comments;
using Antiphon.Core.Comments.Settings;
using Antiphon.Data.Sites;
using Antiphon.Server.Comments.Threads;
using Antiphon.Server.Pages;
using Antiphon.Server.Pages.Texts;

namespace Antiphon.Server.Comments.Markup;

/// <summary>The form of a thread as HTML.</summary>
internal static class ThreadFormMarkup
{
    /// <summary>Writes it.</summary>
    /// <param name="html">Where to.</param>
    /// <param name="form">What it holds.</param>
    /// <param name="site">The site.</param>
    /// <param name="answered">Name of the writer it answers, or null.</param>
    public static void Append(StringBuilder html, ThreadForm form, Site site, string? answered)
    {
        var language = form.Language(site);
        var (texts, more, reader) = (EmbedTexts.For(language), ThreadTexts.For(language), ReaderTexts.For(language));
        html.Append("<form class=\"antiphon-form\" id=\"antiphon-form\" part=\"form\" method=\"post\" action=\"")
            .Append(Encoded.Html(form.Action))
            .Append(form.Settings.AllowsPictures ? "\" enctype=\"multipart/form-data\" novalidate" : "\" novalidate")
            .Append(OwnWords(form, more, reader))
            .Append(">\n")
            .Append("<p class=\"antiphon-form-title\" part=\"form-title\"><strong>")
            .Append(texts.WriteOne)
            .Append("</strong></p>\n");
        AppendRules(html, form.Settings, reader);
        html.Append(form.HiddenFields).Append(ThreadForm.Hidden("answers", answered is null ? null : form.Answers));
        AppendAnswered(html, form, more, answered);
        AppendWriter(html, form, texts, reader);
        if (form.Settings.AsksRating)
            AppendRating(html, form, reader);
        AppendText(html, form, texts, more, reader);
        if (form.Settings.AllowsPictures)
            AppendPicture(html, form, reader);
        html.Append(
                "<p class=\"antiphon-trap\" aria-hidden=\"true\"><label>"
                    + texts.Trap
                    + " <input name=\"website\" tabindex=\"-1\" autocomplete=\"off\"></label></p>\n"
            )
            .Append("<p class=\"antiphon-sending\"><button class=\"antiphon-send\" part=\"send\">")
            .Append(texts.Send)
            .Append("</button> ");
        AppendFollow(html, form, reader);
        html.Append("</p>\n</form>\n");
    }

    // The field with the buttons that belong to it, as one control; the script shows the buttons, as they do nothing
    // without it.
    private static void AppendText(
        StringBuilder html,
        ThreadForm form,
        EmbedTexts texts,
        ThreadTexts more,
        ReaderTexts reader
    )
    {
        html.Append("<div class=\"antiphon-field\"><label for=\"antiphon-text\">")
            .Append(texts.Comment)
            .Append("</label><div class=\"antiphon-writing\" part=\"writing\">");
        AppendTools(html, more, reader);
        html.Append(
                CultureInfo.InvariantCulture,
                $"<textarea id=\"antiphon-text\" name=\"text\" rows=\"5\" maxlength=\"{CommentBody.MaxLength}\" required{Invalid(form, "text")}>{Encoded.Html(form.Text)}</textarea></div>"
            )
            .Append("<p class=\"antiphon-count\" role=\"status\" data-words=\"")
            .Append(Encoded.Html(reader.Left))
            .Append("\" hidden></p>");
        Problem(html, form, "text");
        html.Append("<div class=\"antiphon-preview\" part=\"preview\" hidden></div></div>\n");
    }

    private static void AppendRules(StringBuilder html, EffectiveSettings settings, ReaderTexts reader)
    {
        if (settings.Message.Length > 0)
            html.Append("<div class=\"antiphon-message\" part=\"message\">")
                .Append(CommentBody.ToHtml(settings.Message))
                .Append("</div>\n");
        if (settings.HouseRules.Length > 0)
            html.Append("<details class=\"antiphon-rules\" part=\"rules\"><summary>")
                .Append(reader.HouseRules)
                .Append("</summary>")
                .Append(CommentBody.ToHtml(settings.HouseRules))
                .Append("</details>\n");
    }

    private static void AppendAnswered(StringBuilder html, ThreadForm form, ThreadTexts texts, string? answered) =>
        html.Append("<p class=\"antiphon-answered\"")
            .Append(answered is null ? " hidden" : string.Empty)
            .Append('>')
            .Append(texts.AnswersTo)
            .Append(" <b>")
            .Append(Encoded.Html(answered))
            .Append("</b> <a href=\"")
            .Append(Encoded.Html(form.Page("#antiphon-form")))
            .Append("\" data-leave>")
            .Append(texts.Leave)
            .Append("</a></p>\n");

    private static void AppendWriter(StringBuilder html, ThreadForm form, EmbedTexts texts, ReaderTexts reader)
    {
        html.Append("<div class=\"antiphon-pair\">");
        var mayHide = form.Settings.AllowsAnonymous;
        Field(
            html,
            form,
            "name",
            texts.Name,
            mayHide ? reader.NameHint : null,
            $"<input name=\"name\" value=\"{Encoded.Html(form.Name)}\" autocomplete=\"name\" maxlength=\"100\"{(mayHide ? string.Empty : " required")}{Invalid(form, "name")}>"
        );
        var isNeeded = form.Settings.AsksMail;
        Field(
            html,
            form,
            "mail",
            texts.Mail,
            isNeeded ? null : texts.MailHint,
            $"<input name=\"mail\" type=\"email\" value=\"{Encoded.Html(form.Mail)}\" autocomplete=\"email\" maxlength=\"200\"{(isNeeded ? " required" : string.Empty)}{Invalid(form, "mail")}>"
        );
        html.Append("</div>");
    }

    // What the script offers the writer on the device a comment was written on.
    private static string OwnWords(ThreadForm form, ThreadTexts texts, ReaderTexts reader) =>
        $" data-own=\"{Encoded.Html(form.Action)}/own\" data-edit=\"{Encoded.Html(reader.Edit)}\" data-withdraw=\"{Encoded.Html(reader.Withdraw)}\" data-sure=\"{Encoded.Html(reader.WithdrawSure)}\" data-save=\"{Encoded.Html(reader.Save)}\" data-leave-it=\"{Encoded.Html(texts.Leave)}\" data-waits=\"{Encoded.Html(texts.WaitsHere)}\"";

    private static void AppendRating(StringBuilder html, ThreadForm form, ReaderTexts texts)
    {
        html.Append("<fieldset class=\"antiphon-rate\"")
            .Append(Invalid(form, "rating"))
            .Append("><legend>")
            .Append(texts.Rating)
            .Append("</legend>");
        for (var rating = 1; rating <= 5; rating++)
        {
            var words = texts.RatingGiven.With("rating", rating);
            html.Append("<label title=\"")
                .Append(words)
                .Append("\"><input type=\"radio\" name=\"rating\" value=\"")
                .Append(rating)
                .Append("\" aria-label=\"")
                .Append(words)
                .Append('"')
                .Append(form.Rating == rating ? " checked" : string.Empty)
                .Append("><span aria-hidden=\"true\">★</span><small aria-hidden=\"true\">")
                .Append(words)
                .Append("</small></label>");
        }

        Problem(html, form, "rating");
        html.Append("</fieldset>\n");
    }

    private static void AppendPicture(StringBuilder html, ThreadForm form, ReaderTexts texts)
    {
        html.Append("<div class=\"antiphon-pair\">");
        Field(
            html,
            form,
            "picture",
            texts.Picture,
            texts.PictureHint,
            $"<input name=\"picture\" type=\"file\" accept=\"image/jpeg,image/png,image/webp,image/gif\"{Invalid(form, "picture")}>"
        );
        Field(html, form, "pictureAlt", texts.PictureAlt, null, "<input name=\"pictureAlt\" maxlength=\"300\">");
        html.Append("</div>");
    }

    private static void AppendFollow(StringBuilder html, ThreadForm form, ReaderTexts texts)
    {
        html.Append("<label class=\"antiphon-follow\">").Append(texts.Follow).Append(" <select name=\"follow\">");
        foreach (
            var (value, words) in new[]
            {
                (string.Empty, texts.FollowNothing),
                ("answers", texts.FollowAnswers),
                ("all", texts.FollowAll),
            }
        )
        {
            html.Append("<option value=\"")
                .Append(value)
                .Append('"')
                .Append(value == form.Follow ? " selected" : string.Empty)
                .Append('>')
                .Append(words)
                .Append("</option>");
        }

        html.Append("</select></label>");
    }

    private static void AppendTools(StringBuilder html, ThreadTexts texts, ReaderTexts reader)
    {
        html.Append("<div class=\"antiphon-tools\" role=\"toolbar\" hidden>");
        (string Mark, string Name, string Before, string After)[] tools =
        [
            ("<b>B</b>", texts.Bold, "**", "**"),
            ("<i>I</i>", texts.Italic, "*", "*"),
            ("“ ”", texts.Quote, "> ", ""),
            ("&lt;/&gt;", texts.Code, "`", "`"),
            (Sign("M9 6h11M9 12h11M9 18h11M4 6h.5M4 12h.5M4 18h.5"), texts.List, "- ", ""),
            (
                Sign("M10 14a4 4 0 0 0 6 0l3-3a4 4 0 0 0-6-6l-1 1M14 10a4 4 0 0 0-6 0l-3 3a4 4 0 0 0 6 6l1-1"),
                texts.Link,
                "[",
                "](https://)"
            ),
        ];
        foreach (var (mark, name, before, after) in tools)
        {
            html.Append("<button type=\"button\" title=\"")
                .Append(name)
                .Append("\" aria-label=\"")
                .Append(name)
                .Append("\" data-before=\"")
                .Append(Encoded.Html(before))
                .Append("\" data-after=\"")
                .Append(Encoded.Html(after))
                .Append("\">")
                .Append(mark)
                .Append("</button>");
        }

        html.Append("<button type=\"button\" data-emoji aria-expanded=\"false\" title=\"")
            .Append(reader.Emoji)
            .Append("\" aria-label=\"")
            .Append(reader.Emoji)
            .Append("\">☺</button><button type=\"button\" class=\"antiphon-see\">")
            .Append(reader.Preview)
            .Append("</button></div>");
    }

    private static string Sign(string path) =>
        $"<svg viewBox=\"0 0 24 24\" aria-hidden=\"true\"><path d=\"{path}\"/></svg>";

    private static string Invalid(ThreadForm form, string field) =>
        form.Problems?.ContainsKey(field) == true
            ? $" aria-invalid=\"true\" aria-describedby=\"antiphon-problem-{field}\""
            : string.Empty;

    private static void Field(
        StringBuilder html,
        ThreadForm form,
        string field,
        string label,
        string? hint,
        string input
    )
    {
        html.Append("<p><label>").Append(label);
        if (hint is not null)
            html.Append(" <small>").Append(hint).Append("</small>");
        html.Append(input).Append("</label>");
        Problem(html, form, field);
        html.Append("</p>\n");
    }

    private static void Problem(StringBuilder html, ThreadForm form, string field)
    {
        if (form.Problems is { } problems && problems.TryGetValue(field, out var problem))
            html.Append("<span class=\"antiphon-problem\" id=\"antiphon-problem-")
                .Append(field)
                .Append("\">")
                .Append(Encoded.Html(problem))
                .Append("</span>");
    }
}
