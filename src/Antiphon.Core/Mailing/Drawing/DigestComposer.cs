using System.Globalization;
using Antiphon.Core.Channels.Composing;
using Antiphon.Core.Mailing.Digests;
using Antiphon.Core.Text;

namespace Antiphon.Core.Mailing.Drawing;

/// <summary>Makes up digests.</summary>
public static class DigestComposer
{
    /// <summary>Makes up the mail.</summary>
    /// <param name="settings">How the digest works; its subjects are templates that can be read.</param>
    /// <param name="content">What it is made of, at least one post.</param>
    /// <param name="colours">The look, with nothing left open.</param>
    public static ComposedDigest Compose(DigestSettings settings, DigestContent content, DigestColours colours) =>
        new(
            Subject(settings.Subject, content),
            settings.SecondSubject is { } second ? Subject(second, content) : null,
            settings.Form == DigestForm.Text ? string.Empty : new DigestHtml(settings, content, colours).Write(),
            new DigestPlain(settings, content).Write()
        );

    private static string Subject(string template, DigestContent content)
    {
        var first = content.Shown[0].Facts;
        var count = content.Shown.Count + content.Titles.Count;
        var filled = TextTemplate
            .Read(template, DigestSettings.SubjectFields)
            .Template?.Fill(
                new Dictionary<string, string>
                {
                    ["title"] = first.Title,
                    ["excerpt"] = first.Excerpt,
                    ["author"] = first.Author ?? string.Empty,
                    ["category"] = first.Category ?? string.Empty,
                    ["blog"] = first.Blog,
                    ["count"] = count.ToString(CultureInfo.InvariantCulture),
                    ["more"] = count > 1 ? (count - 1).ToString(CultureInfo.InvariantCulture) : string.Empty,
                    ["site"] = content.Site,
                    ["date"] = content.Date,
                }
            );
        return HeaderText.Of(filled ?? first.Title);
    }
}
