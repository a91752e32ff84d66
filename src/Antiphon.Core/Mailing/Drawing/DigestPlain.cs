using System.Globalization;
using System.Text;
using Antiphon.Core.Html;
using Antiphon.Core.Mailing.Digests;

namespace Antiphon.Core.Mailing.Drawing;

/// <summary>The plain-text part of a digest.</summary>
internal sealed class DigestPlain(DigestSettings settings, DigestContent content)
{
    private const int Width = 72;
    private readonly DigestWords _words = DigestWords.For(content.Language);
    private readonly StringBuilder _text = new();

    /// <summary>Writes it.</summary>
    public string Write()
    {
        if (settings.Opening.Length > 0)
            Paragraph(settings.Opening);
        foreach (var entry in content.Shown)
            Entry(entry);
        if (content.Titles.Count > 0)
        {
            Paragraph(_words.AlsoNew);
            foreach (var entry in content.Titles)
                Paragraph($"* {entry.Facts.Title}\n  {entry.Facts.Link}");
        }

        if (settings.Closing.Length > 0)
            Paragraph(settings.Closing);
        // Two dashes and a space begin a signature (RFC 3676 §4.3).
        _text
            .Append("-- \n")
            .Append(_words.Why.With("site", content.Site))
            .Append('\n')
            .Append(_words.Choose)
            .Append(": ")
            .Append(ComposedDigest.ChooseMark)
            .Append('\n')
            .Append(_words.Stop)
            .Append(": ")
            .Append(ComposedDigest.LeaveMark)
            .Append('\n');
        return _text.ToString();
    }

    private void Entry(DigestEntry entry)
    {
        Paragraph(
            $"{entry.Facts.Title}\n{new string('=', Math.Min(Width, new StringInfo(entry.Facts.Title).LengthInTextElements))}\n{entry.Byline}"
        );
        if (settings.Form == DigestForm.Whole)
            Paragraph(HtmlText.WithLines(entry.BodyHtml));
        else if (entry.Facts.Excerpt.Length > 0)
            Paragraph(entry.Facts.Excerpt);
        Paragraph(
            $"{(settings.Form == DigestForm.Whole ? _words.Answer.With("site", content.Site) : _words.ReadOn)}:\n{entry.Facts.Link}"
        );
    }

    private void Paragraph(string text)
    {
        foreach (var line in text.ReplaceLineEndings("\n").Split('\n'))
            Wrapped(line);
        _text.Append('\n');
    }

    // Words are never cut, so that a long link stays one.
    private void Wrapped(string line)
    {
        var length = 0;
        foreach (var word in line.Split(' '))
        {
            if (length > 0 && length + 1 + word.Length > Width)
            {
                _text.Append('\n');
                length = 0;
            }
            else if (length > 0)
            {
                _text.Append(' ');
                length++;
            }

            _text.Append(word);
            length += word.Length;
        }

        _text.Append('\n');
    }
}
