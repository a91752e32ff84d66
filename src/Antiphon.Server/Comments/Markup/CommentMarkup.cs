using System.Globalization;
using System.Text;
using Antiphon.Core.Comments.Threads;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Data.Sites;
using Antiphon.Server.Comments.Threads;
using Antiphon.Server.Pages;
using Antiphon.Server.Pages.Texts;

namespace Antiphon.Server.Comments.Markup;

/// <summary>A comment of a thread as HTML, with what a reader can do with it.</summary>
internal sealed class CommentMarkup
{
    private readonly Site _site;
    private readonly ThreadForm _form;
    private readonly ReaderTexts _more;
    private readonly string _team;
    private readonly CommentActsMarkup _acts;

    /// <summary>Writes comments of one thread; what every comment repeats is made once.</summary>
    public CommentMarkup(Site site, ThreadForm form)
    {
        var language = form.Language(site);
        (_site, _form, _more, _team) = (site, form, ReaderTexts.For(language), EmbedTexts.For(language).Team);
        _acts = new CommentActsMarkup(site, form);
    }

    /// <summary>Writes one.</summary>
    public void Append(StringBuilder html, ReaderComment comment)
    {
        var depth = Math.Min(comment.Depth, _form.Settings.Depth);
        html.Append("<li class=\"antiphon-comment\" part=\"comment\" id=\"comment-")
            .Append(comment.Id)
            .Append("\" data-depth=\"")
            .Append(depth.ToString(CultureInfo.InvariantCulture))
            .Append("\">");
        if (comment.IsGone)
            html.Append("<p class=\"antiphon-gone\">").Append(_more.Gone).Append("</p>");
        else
            AppendShown(html, comment, comment.Depth > _form.Settings.Depth || comment.Depth == ThreadTree.MaxDepth);
        if (comment.AnswersLeft > 0)
            html.Append("<p><a class=\"antiphon-more\" href=\"")
                .Append(Encoded.Html(_form.Page($"&at={comment.Id}#comment-{comment.Id}")))
                .Append("\" data-at=\"")
                .Append(comment.Id)
                .Append("\">")
                .Append(_more.MoreAnswers.With("count", comment.AnswersLeft))
                .Append("</a></p>");
        html.Append("</li>\n");
    }

    private void AppendShown(StringBuilder html, ReaderComment comment, bool isFlat)
    {
        if (_form.Settings.ShowsFaces)
            WriterFace.Append(html, comment.Author, comment.Face);
        html.Append("<div class=\"antiphon-what\"><p class=\"antiphon-writer\" part=\"writer\"><strong>")
            .Append(Encoded.Html(comment.Author))
            .Append("</strong> ");
        if (comment.IsTeam)
            html.Append("<span class=\"antiphon-team\" part=\"team\">").Append(_team).Append("</span> ");
        if (isFlat && comment.Answers is not null)
            html.Append("<span class=\"antiphon-aside\">· ")
                .Append(_more.InAnswerTo)
                .Append(' ')
                .Append(Encoded.Html(comment.Answers))
                .Append("</span> ");
        html.Append("<span class=\"antiphon-aside\">· ").Append(Time(comment.Published)).Append("</span>");
        if (comment.EditedAt is not null)
            html.Append(" <span class=\"antiphon-aside\">· ")
                .Append(comment.IsEditedByTeam ? _more.EditedByTeam : _more.Edited)
                .Append("</span>");
        html.Append("</p>");
        if (comment.Rating is { } rating)
            html.Append("<p class=\"antiphon-rated antiphon-stars\" role=\"img\" aria-label=\"")
                .Append(_more.RatingGiven.With("rating", rating))
                .Append("\">")
                .Append('★', rating)
                .Append("<i>")
                .Append('★', 5 - rating)
                .Append("</i></p>");
        if (comment.From is { } from)
            AppendFrom(html, from);
        html.Append("<div class=\"antiphon-said\" part=\"body said\">").Append(comment.Html).Append("</div>");
        if (comment.Picture is { } picture)
            AppendPicture(html, picture);
        _acts.Append(html, comment, Permanent(comment));
        html.Append("</div>");
    }

    // What stands elsewhere says so, and leads there.
    private void AppendFrom(StringBuilder html, ReaderMention from) =>
        html.Append("<p class=\"antiphon-from\" part=\"from\">")
            .Append(_more.Mentions[from.Kind])
            .Append(" <a href=\"")
            .Append(Encoded.Html(from.Address))
            .Append("\" rel=\"nofollow ugc\">")
            .Append(Encoded.Html(from.Title ?? from.Host))
            .Append("</a>")
            .Append(from.Title is null ? string.Empty : $" · {Encoded.Html(from.Host)}")
            .Append("</p>");

    // Its room is kept before it comes.
    private static void AppendPicture(StringBuilder html, ReaderPicture picture)
    {
        var width = Math.Min(picture.Width, ReaderPicture.UsualWidth);
        html.Append(
            CultureInfo.InvariantCulture,
            $"<p class=\"antiphon-picture\" part=\"picture\"><a href=\"{Encoded.Html(picture.Whole)}\"><img src=\"{Encoded.Html(picture.Address)}\" width=\"{width}\" height=\"{picture.Height * width / picture.Width}\" alt=\"{Encoded.Html(picture.Alt)}\" loading=\"lazy\"></a></p>"
        );
    }

    private string Time(DateTimeOffset at) =>
        $"<time datetime=\"{at.UtcDateTime.ToString("yyyy-MM-dd'T'HH:mm:ss'Z'", CultureInfo.InvariantCulture)}\">{Encoded.Html(SiteCulture.LongDate(at, _form.Language(_site), _site.TimeZone))}</time>";

    private string Permanent(ReaderComment comment) =>
        LinkResolver.IsWeb(_form.Address)
            ? $"{_form.Address.Split('#')[0]}#comment-{comment.Id}"
            : $"#comment-{comment.Id}";
}
