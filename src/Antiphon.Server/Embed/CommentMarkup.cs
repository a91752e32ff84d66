using System.Globalization;
using System.Text;
using Antiphon.Core.Comments.Settings;
using Antiphon.Data.Entities;

namespace Antiphon.Server.Embed;

/// <summary>A comment of a thread as HTML, with what a reader can do with it.</summary>
internal sealed class CommentMarkup
{
    private readonly Site _site;
    private readonly ThreadForm _form;
    private readonly ThreadTexts _texts;
    private readonly string _team;
    private readonly string _hidden;
    private readonly string _reasons;

    /// <summary>Writes comments of one thread; what every comment repeats is made once.</summary>
    public CommentMarkup(Site site, ThreadForm form)
    {
        (_site, _form, _texts, _team) = (site, form, ThreadTexts.For(site.Language), EmbedTexts.For(site.Language).Team);
        _hidden = form.HiddenFields;
        _reasons = string.Concat(_texts.Reasons.Select(one => $"<label><input type=\"radio\" name=\"report\" value=\"{one.Key}\" required> {one.Value}</label>"));
    }

    /// <summary>Writes one.</summary>
    public void Append(StringBuilder html, ReaderComment comment)
    {
        var depth = Math.Min(comment.Depth, _form.Settings.Depth);
        html.Append("<li class=\"antiphon-comment\" part=\"comment\" id=\"comment-").Append(comment.Id).Append("\" data-depth=\"").Append(depth).Append("\">")
            .Append("<p class=\"antiphon-writer\" part=\"writer\"><strong>").Append(Encoded.Html(comment.Author)).Append("</strong> ");
        if (comment.IsTeam) html.Append("<span class=\"antiphon-team\">· ").Append(_team).Append("</span> ");
        html.Append("· <a class=\"antiphon-permanent\" href=\"").Append(Encoded.Html(Permanent(comment))).Append("\" title=\"").Append(_texts.Permanent).Append("\"><time datetime=\"")
            .Append(comment.Published.UtcDateTime.ToString("yyyy-MM-dd'T'HH:mm:ss'Z'", CultureInfo.InvariantCulture)).Append("\">")
            .Append(Encoded.Html(SiteCulture.LongDate(comment.Published, _site.Language, _site.TimeZone))).Append("</time></a></p><div class=\"antiphon-said\" part=\"said\">")
            .Append(comment.Html).Append("</div>");
        AppendActs(html, comment);
        html.Append("</li>\n");
    }

    private string Permanent(ReaderComment comment) => Core.Feeds.Reading.LinkResolver.IsWeb(_form.Address) ? $"{_form.Address.Split('#')[0]}#comment-{comment.Id}" : $"#comment-{comment.Id}";

    private void AppendActs(StringBuilder html, ReaderComment comment)
    {
        html.Append("<form class=\"antiphon-acts\" part=\"acts\" method=\"post\" action=\"").Append(Encoded.Html(_form.Action)).Append("/voice\">").Append(_hidden)
            .Append(ThreadForm.Hidden("comment", comment.Id));
        if (_form.Settings.Votes != VoteMode.None) AppendVote(html, "up", "↑", _texts.Up, comment.Up);
        if (_form.Settings.Votes == VoteMode.UpAndDown) AppendVote(html, "down", "↓", _texts.Down, comment.Down);
        if (_form.IsOpen) html.Append("<a href=\"").Append(Encoded.Html(_form.Page($"&answers={comment.Id}#antiphon-form"))).Append("\" data-answers=\"").Append(comment.Id).Append("\">").Append(_texts.Answer).Append("</a>");
        html.Append("</form><details class=\"antiphon-report\"><summary>").Append(_texts.Report).Append("</summary><form method=\"post\" action=\"").Append(Encoded.Html(_form.Action)).Append("/voice\">").Append(_hidden)
            .Append(ThreadForm.Hidden("comment", comment.Id)).Append(_reasons).Append("<button>").Append(_texts.Send).Append("</button></form></details>");
    }

    private static void AppendVote(StringBuilder html, string value, string mark, string label, int votes) =>
        html.Append("<button name=\"vote\" value=\"").Append(value).Append("\" aria-label=\"").Append(label).Append(", ").Append(votes.ToString(CultureInfo.InvariantCulture)).Append("\" aria-pressed=\"false\">")
            .Append(mark).Append(" <span>").Append(votes.ToString(CultureInfo.InvariantCulture)).Append("</span></button>");
}
