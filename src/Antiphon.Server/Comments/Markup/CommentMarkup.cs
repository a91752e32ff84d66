using System.Globalization;
using System.Text;
using Antiphon.Core.Comments.Settings;
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
    private readonly ThreadTexts _texts;
    private readonly ReaderTexts _more;
    private readonly string _team;
    private readonly string _hidden;
    private readonly string _reasons;

    /// <summary>Writes comments of one thread; what every comment repeats is made once.</summary>
    public CommentMarkup(Site site, ThreadForm form)
    {
        var language = form.Language(site);
        (_site, _form, _texts, _more, _team) = (
            site,
            form,
            ThreadTexts.For(language),
            ReaderTexts.For(language),
            EmbedTexts.For(language).Team
        );
        _hidden = form.HiddenFields;
        _reasons = string.Concat(
            _texts.Reasons.Select(pair =>
                $"<label><input type=\"radio\" name=\"report\" value=\"{pair.Key}\" required> {pair.Value}</label>"
            )
        );
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
        html.Append("<p class=\"antiphon-writer\" part=\"writer\"><strong>")
            .Append(Encoded.Html(comment.Author))
            .Append("</strong> ");
        if (comment.IsTeam)
            html.Append("<span class=\"antiphon-team\">· ").Append(_team).Append("</span> ");
        if (isFlat && comment.Answers is not null)
            html.Append("<span class=\"antiphon-team\">· ")
                .Append(_more.InAnswerTo)
                .Append(' ')
                .Append(Encoded.Html(comment.Answers))
                .Append("</span> ");
        html.Append("· <a class=\"antiphon-permanent\" href=\"")
            .Append(Encoded.Html(Permanent(comment)))
            .Append("\" title=\"")
            .Append(_texts.Permanent)
            .Append("\">")
            .Append(Time(comment.Published))
            .Append("</a>");
        if (comment.EditedAt is not null)
            html.Append(" <span class=\"antiphon-team\">· ")
                .Append(comment.IsEditedByTeam ? _more.EditedByTeam : _more.Edited)
                .Append("</span>");
        html.Append("</p>");
        if (comment.Rating is { } rating)
            html.Append("<p class=\"antiphon-rated\" role=\"img\" aria-label=\"")
                .Append(_more.RatingGiven.With("rating", rating))
                .Append("\">")
                .Append('★', rating)
                .Append('☆', 5 - rating)
                .Append("</p>");
        if (comment.From is { } from)
            AppendFrom(html, from);
        html.Append("<div class=\"antiphon-said\" part=\"body said\">").Append(comment.Html).Append("</div>");
        if (comment.Picture is { } picture)
            AppendPicture(html, picture);
        AppendActs(html, comment);
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

    private void AppendActs(StringBuilder html, ReaderComment comment)
    {
        html.Append(
                "<div class=\"antiphon-foot\"><form class=\"antiphon-acts\" part=\"actions acts\" method=\"post\" action=\""
            )
            .Append(Encoded.Html(_form.Action))
            .Append("/voice\">")
            .Append(_hidden)
            .Append(ThreadForm.Hidden("comment", comment.Id));
        if (_form.Settings.Votes != VoteMode.None)
            AppendVote(html, "up", "↑", _texts.Up, comment.Up);
        if (_form.Settings.Votes == VoteMode.UpAndDown)
            AppendVote(html, "down", "↓", _texts.Down, comment.Down);
        AppendGiven(html, comment);
        if (_form.IsOpen)
            html.Append("<a href=\"")
                .Append(Encoded.Html(_form.Page($"&answers={comment.Id}#antiphon-form")))
                .Append("\" data-answers=\"")
                .Append(comment.Id)
                .Append("\">")
                .Append(_texts.Answer)
                .Append("</a>");
        html.Append("</form><details class=\"antiphon-report\"><summary>")
            .Append(_texts.Report)
            .Append("</summary><form method=\"post\" action=\"")
            .Append(Encoded.Html(_form.Action))
            .Append("/voice\">")
            .Append(_hidden)
            .Append(ThreadForm.Hidden("comment", comment.Id))
            .Append(_reasons)
            .Append("<button>")
            .Append(_texts.Send)
            .Append("</button></form></details></div>");
    }

    // Those nobody gave yet open from one mark, so that a quiet thread stays quiet.
    private void AppendGiven(StringBuilder html, ReaderComment comment)
    {
        var given = _form.Settings.Reactions.Where(sign => comment.Reactions.GetValueOrDefault(sign) > 0).ToList();
        AppendReactions(html, given, comment.Reactions, _more);
        if (given.Count == _form.Settings.Reactions.Count)
            return;
        html.Append("<details class=\"antiphon-react\"><summary aria-label=\"")
            .Append(_more.React)
            .Append("\">☺</summary>");
        AppendReactions(html, [.. _form.Settings.Reactions.Except(given)], comment.Reactions, _more);
        html.Append("</details>");
    }

    /// <summary>The buttons of reactions, within a form that says what they are about.</summary>
    public static void AppendReactions(
        StringBuilder html,
        IReadOnlyList<string> offered,
        IReadOnlyDictionary<string, int> given,
        ReaderTexts texts
    )
    {
        foreach (var sign in offered)
        {
            var count = given.GetValueOrDefault(sign).ToString(CultureInfo.InvariantCulture);
            html.Append("<button name=\"react\" value=\"")
                .Append(Encoded.Html(sign))
                .Append("\" aria-label=\"")
                .Append(texts.React)
                .Append(' ')
                .Append(Encoded.Html(sign))
                .Append(", ")
                .Append(count)
                .Append("\" aria-pressed=\"false\">")
                .Append(Encoded.Html(sign))
                .Append(" <span>")
                .Append(count)
                .Append("</span></button>");
        }
    }

    private static void AppendVote(StringBuilder html, string value, string mark, string label, int votes) =>
        html.Append("<button name=\"vote\" value=\"")
            .Append(value)
            .Append("\" aria-label=\"")
            .Append(label)
            .Append(", ")
            .Append(votes.ToString(CultureInfo.InvariantCulture))
            .Append("\" aria-pressed=\"false\">")
            .Append(mark)
            .Append(" <span>")
            .Append(votes.ToString(CultureInfo.InvariantCulture))
            .Append("</span></button>");
}
