using System.Net;
using System.Text;
using Antiphon.Core.Html;

namespace Antiphon.Core.Syndication;

/// <summary>What a mail about one post is composed from.</summary>
/// <param name="SiteName">Name of the site, for the greeting line and footer.</param>
/// <param name="BlogName">Name of the blog.</param>
/// <param name="Title">Title of the post.</param>
/// <param name="Author">Author, or null.</param>
/// <param name="BodyHtml">Cleaned body.</param>
/// <param name="Link">The post's own page.</param>
/// <param name="UnsubscribeLink">Where the receiver leaves with one click.</param>
public sealed record PostMail(
    string SiteName, string BlogName, string Title, string? Author, string BodyHtml, string Link, string UnsubscribeLink)
{
    // Pictures of a post are as wide as its page, which a mail is not.
    private const string PicturesFit = "img{max-width:100%;height:auto}";

    /// <summary>Composes both parts.</summary>
    public MailText Compose() => new(OneLine(Title), Html(), Plain());

    /// <summary>A header value that cannot break out of its line (RFC 5322 §2.2).</summary>
    public static string OneLine(string text)
    {
        var line = new StringBuilder(text.Length);
        foreach (var c in text) line.Append(char.IsControl(c) ? ' ' : c);
        return string.Join(' ', line.ToString().Split(' ', StringSplitOptions.RemoveEmptyEntries));
    }

    private string Html()
    {
        var byline = WebUtility.HtmlEncode(Author is null ? BlogName : $"{BlogName} · {Author}");
        var title = WebUtility.HtmlEncode(Title);
        var link = WebUtility.HtmlEncode(Link);
        return $"""
            <!doctype html>
            <html><head><style>{PicturesFit}</style></head><body style="margin:0;background:#faf7f0;color:#1c2321;font:17px/1.55 Georgia,serif">
            <div style="max-width:600px;margin:0 auto;padding:28px 20px">
            <p style="margin:0;font:14px/1.4 sans-serif;color:#5b625e">{byline}</p>
            <h1 style="margin:6px 0 18px;font-size:27px;line-height:1.2;font-weight:500"><a href="{link}" style="color:#1c2321;text-decoration:none">{title}</a></h1>
            {BodyHtml}
            <p style="margin:24px 0"><a href="{link}" style="color:#1f6f6b;font:600 15px sans-serif">Read and answer on {WebUtility.HtmlEncode(SiteName)}</a></p>
            <p style="margin:24px 0 0;padding-top:14px;border-top:1px solid #d9d2c3;font:13px/1.5 sans-serif;color:#5b625e">You asked {WebUtility.HtmlEncode(SiteName)} for new posts by mail. <a href="{WebUtility.HtmlEncode(UnsubscribeLink)}" style="color:#5b625e">Stop these mails</a></p>
            </div></body></html>
            """;
    }

    private string Plain() =>
        $"{Title}\n{(Author is null ? BlogName : $"{BlogName} · {Author}")}\n\n{HtmlText.WithLines(BodyHtml)}\n\n"
        + $"Read and answer: {Link}\n\n--\nYou asked {SiteName} for new posts by mail.\nStop these mails: {UnsubscribeLink}\n";
}
