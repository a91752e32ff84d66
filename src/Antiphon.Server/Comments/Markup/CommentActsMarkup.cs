using System.Globalization;
using System.Text;
using Antiphon.Core.Comments.Settings;
using Antiphon.Data.Sites;
using Antiphon.Server.Comments.Threads;
using Antiphon.Server.Pages;
using Antiphon.Server.Pages.Texts;

namespace Antiphon.Server.Comments.Markup;

/// <summary>
/// What a reader can do with a comment: agree, reply and react; behind one quiet button disagree, take its address,
/// and report it.
/// </summary>
internal sealed class CommentActsMarkup
{
    private readonly ThreadForm _form;
    private readonly ThreadTexts _texts;
    private readonly ReaderTexts _more;
    private readonly string _copied;
    private readonly string _hidden;
    private readonly string _reasons;

    /// <summary>Writes those of one thread; what every comment repeats is made once.</summary>
    public CommentActsMarkup(Site site, ThreadForm form)
    {
        var language = form.Language(site);
        (_form, _texts, _more, _copied) = (
            form,
            ThreadTexts.For(language),
            ReaderTexts.For(language),
            EmbedTexts.For(language).Copied
        );
        _hidden = form.HiddenFields;
        _reasons = string.Concat(
            _texts.Reasons.Select(pair =>
                $"<label><input type=\"radio\" name=\"report\" value=\"{pair.Key}\" required> {pair.Value}</label>"
            )
        );
    }

    /// <summary>Writes those of one comment.</summary>
    public void Append(StringBuilder html, ReaderComment comment, string permanent)
    {
        html.Append("<div class=\"antiphon-foot\">");
        Open(html, comment, " class=\"antiphon-acts\" part=\"actions acts\"", $" id=\"acts-{comment.Id}\"");
        if (_form.Settings.Votes != VoteMode.None)
            AppendVote(html, "up", _texts.Up, comment.Up, string.Empty);
        if (_form.IsOpen)
            html.Append("<a href=\"")
                .Append(Encoded.Html(_form.Page($"&answers={comment.Id}#antiphon-form")))
                .Append("\" data-answers=\"")
                .Append(comment.Id)
                .Append("\">")
                .Append(_texts.Answer)
                .Append("</a>");
        AppendReactions(html, comment);
        html.Append("</form>");
        AppendQuiet(html, comment, permanent);
        html.Append("</div>");
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

    private StringBuilder Open(StringBuilder html, ReaderComment comment, string attributes, string id) =>
        html.Append("<form")
            .Append(attributes)
            .Append(id)
            .Append(" method=\"post\" action=\"")
            .Append(Encoded.Html(_form.Action))
            .Append("/voice\">")
            .Append(_hidden)
            .Append(ThreadForm.Hidden("comment", comment.Id));

    // One mark for all: which were given, how many, and, opened, a button for each.
    private void AppendReactions(StringBuilder html, ReaderComment comment)
    {
        var offered = _form.Settings.Reactions;
        if (offered.Count == 0)
            return;
        var given = offered.Where(sign => comment.Reactions.GetValueOrDefault(sign) > 0).ToList();
        var count = given.Sum(sign => comment.Reactions[sign]).ToString(CultureInfo.InvariantCulture);
        html.Append("<details class=\"antiphon-react\"><summary aria-label=\"")
            .Append(_more.React)
            .Append(", ")
            .Append(count)
            .Append("\"><span>")
            .Append(given.Count > 0 ? Encoded.Html(string.Concat(given)) : "☺")
            .Append("</span>");
        if (given.Count > 0)
            html.Append(" <b>").Append(count).Append("</b>");
        html.Append("</summary><span class=\"antiphon-list antiphon-row\">");
        AppendReactions(html, offered, comment.Reactions, _more);
        html.Append("</span></details>");
    }

    private void AppendQuiet(StringBuilder html, ReaderComment comment, string permanent)
    {
        html.Append("<details class=\"antiphon-quiet\" part=\"quiet\"><summary aria-label=\"")
            .Append(_texts.MoreActs)
            .Append("\" title=\"")
            .Append(_texts.MoreActs)
            .Append("\">···</summary><div class=\"antiphon-list\">");
        if (_form.Settings.Votes == VoteMode.UpAndDown)
            AppendVote(html, "down", _texts.Down, comment.Down, $" form=\"acts-{comment.Id}\"");
        html.Append("<a class=\"antiphon-permanent\" href=\"")
            .Append(Encoded.Html(permanent))
            .Append("\" data-copied=\"")
            .Append(_copied)
            .Append("\">")
            .Append(_texts.Permanent)
            .Append("</a><details class=\"antiphon-report\"><summary>")
            .Append(_texts.Report)
            .Append("</summary>");
        Open(html, comment, string.Empty, string.Empty)
            .Append(_reasons)
            .Append("<button>")
            .Append(_texts.Send)
            .Append("</button></form></details></div></details>");
    }

    private static void AppendVote(StringBuilder html, string value, string label, int votes, string form) =>
        html.Append("<button name=\"vote\" value=\"")
            .Append(value)
            .Append('"')
            .Append(form)
            .Append(" aria-label=\"")
            .Append(label)
            .Append(", ")
            .Append(votes.ToString(CultureInfo.InvariantCulture))
            .Append("\" title=\"")
            .Append(label)
            .Append("\" aria-pressed=\"false\"><i class=\"antiphon-note\"></i>")
            .Append(form.Length > 0 ? label : string.Empty)
            .Append(" <span>")
            .Append(votes.ToString(CultureInfo.InvariantCulture))
            .Append("</span></button>");
}
