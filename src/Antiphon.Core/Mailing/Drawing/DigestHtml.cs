using System.Globalization;
using System.Net;
using System.Text;
using Antiphon.Core.Mailing.Digests;
using Antiphon.Core.Text;

namespace Antiphon.Core.Mailing.Drawing;

/// <summary>
/// The HTML part of a digest: one column held by a table, every style inline, since mail programs keep little else.
/// </summary>
internal sealed class DigestHtml(DigestSettings settings, DigestContent content, DigestColours colours)
{
    private const int PreviewLength = 140;
    private readonly DigestWords _words = DigestWords.For(content.Language);
    private readonly MailStyles _styles = new(colours);
    private readonly StringBuilder _html = new();

    /// <summary>Writes it.</summary>
    public string Write()
    {
        _html
            .Append(
                CultureInfo.InvariantCulture,
                $"<!doctype html><html lang=\"{E(content.Language)}\"><head><meta charset=\"utf-8\"><meta name=\"viewport\" content=\"width=device-width\"><title>{E(content.Site)}</title></head>"
            )
            .Append(
                CultureInfo.InvariantCulture,
                $"<body style=\"margin:0;background:{colours.Paper}\"><div style=\"display:none;max-height:0;overflow:hidden\">{E(Preview())}</div>"
            )
            .Append(
                CultureInfo.InvariantCulture,
                $"<table role=\"presentation\" width=\"100%\" cellpadding=\"0\" cellspacing=\"0\" style=\"background:{colours.Paper}\"><tr><td align=\"center\" style=\"padding:24px 16px\">"
            )
            .Append(
                CultureInfo.InvariantCulture,
                $"<table role=\"presentation\" width=\"100%\" cellpadding=\"0\" cellspacing=\"0\" style=\"max-width:600px;text-align:left\"><tr><td style=\"{_styles.Text}\">"
            );
        _html.Append(
            CultureInfo.InvariantCulture,
            $"<p style=\"{_styles.Masthead}\"><a href=\"{E(content.SiteAddress)}\" style=\"{_styles.Quiet}\">{E(content.Site)}</a>{(content.Date.Length > 0 ? " · " + E(content.Date) : string.Empty)}</p>"
        );
        Words(settings.Opening);
        foreach (var entry in content.Shown)
            Entry(entry);
        Titles();
        Words(settings.Closing);
        Foot();
        if (content.OpenedAddress is { } dot)
            _html.Append(
                CultureInfo.InvariantCulture,
                $"<img src=\"{E(dot)}\" width=\"1\" height=\"1\" alt=\"\" style=\"display:block\">"
            );
        return _html.Append("</td></tr></table></td></tr></table></body></html>").ToString();
    }

    // The line mail programs show beside the subject.
    private string Preview() =>
        content.Shown.Count == 1
            ? Shortened.ToLength(content.Shown[0].Facts.Excerpt, PreviewLength)
            : Shortened.ToLength(string.Join(" · ", content.Shown.Select(entry => entry.Facts.Title)), PreviewLength);

    private void Words(string words)
    {
        foreach (var paragraph in words.ReplaceLineEndings("\n").Split("\n\n", StringSplitOptions.RemoveEmptyEntries))
        {
            _html.Append(
                CultureInfo.InvariantCulture,
                $"<p style=\"{_styles.Of("p")}\">{E(paragraph.Trim()).Replace("\n", "<br>", StringComparison.Ordinal)}</p>"
            );
        }
    }

    private void Entry(DigestEntry entry)
    {
        var (facts, link) = (entry.Facts, E(entry.Facts.Link));
        if (settings.Form == DigestForm.Pictures && entry.Picture is { } picture)
        {
            _html.Append(
                CultureInfo.InvariantCulture,
                $"<a href=\"{link}\"><img src=\"{E(picture)}\" alt=\"{E(entry.PictureAlt)}\" width=\"600\" style=\"{_styles.Picture}\"></a>"
            );
        }

        _html.Append(
            CultureInfo.InvariantCulture,
            $"<h2 style=\"{_styles.Title}\"><a href=\"{link}\" style=\"{_styles.TitleLink}\">{E(facts.Title)}</a></h2><p style=\"{_styles.Byline}\">{E(entry.Byline)}</p>"
        );
        if (settings.Form == DigestForm.Whole)
            _html.Append(_styles.Inline(entry.BodyHtml));
        else if (facts.Excerpt.Length > 0)
            _html.Append(CultureInfo.InvariantCulture, $"<p style=\"{_styles.Of("p")}\">{E(facts.Excerpt)}</p>");
        _html.Append(
            CultureInfo.InvariantCulture,
            $"<p style=\"{_styles.More}\"><a href=\"{link}\" style=\"{_styles.Of("a")}\">{E(settings.Form == DigestForm.Whole ? _words.Answer.With("site", content.Site) : _words.ReadOn)}</a></p>"
        );
    }

    private void Titles()
    {
        if (content.Titles.Count == 0)
            return;
        _html.Append(
            CultureInfo.InvariantCulture,
            $"<h3 style=\"{_styles.Of("h3")}\">{E(_words.AlsoNew)}</h3><ul style=\"{_styles.Of("ul")}\">"
        );
        foreach (var entry in content.Titles)
            _html.Append(
                CultureInfo.InvariantCulture,
                $"<li style=\"{_styles.Of("li")}\"><a href=\"{E(entry.Facts.Link)}\" style=\"{_styles.Of("a")}\">{E(entry.Facts.Title)}</a></li>"
            );
        _html.Append("</ul>");
    }

    private void Foot() =>
        _html.Append(
            CultureInfo.InvariantCulture,
            $"<p style=\"{_styles.Foot}\">{E(_words.Why.With("site", content.Site))}<br><a href=\"{ComposedDigest.ChooseMark}\" style=\"{_styles.Quiet}\">{E(_words.Choose)}</a> · <a href=\"{ComposedDigest.LeaveMark}\" style=\"{_styles.Quiet}\">{E(_words.Stop)}</a></p>"
        );

    private static string E(string text) => WebUtility.HtmlEncode(text);
}
