using AngleSharp.Html.Parser;
using Antiphon.Core.Channels.Composing;
using Antiphon.Core.Mailing.Digests;
using Antiphon.Core.Mailing.Drawing;

namespace Antiphon.Core.Tests.Mailing;

/// <summary>What stands in a digest.</summary>
public sealed class DigestComposerTests
{
    private static readonly DigestSettings Column = DigestSettings.WithEachPost with { Form = DigestForm.Column };

    [Theory]
    [InlineData("{title}", 1, "Leonids: forty-one trails")]
    [InlineData("{title}{if more} and {more} more{end}", 1, "Leonids: forty-one trails")]
    [InlineData("{title}{if more} and {more} more{end}", 3, "Leonids: forty-one trails and 2 more")]
    [InlineData("{site}, {date}: {count} posts", 2, "Quillmoor Observatory, 27 November 2026: 2 posts")]
    public void Subjects_are_filled(string template, int posts, string expected) =>
        Assert.Equal(expected, Compose(Column with { Subject = template }, posts).Subject);

    [Fact]
    public void A_title_cannot_break_out_of_the_subject()
    {
        var entry = Entry("Fog\r\nBcc: all@quillmoor.example");
        Assert.Equal(
            "Fog Bcc: all@quillmoor.example",
            DigestComposer.Compose(Column, Content([entry], []), DigestColours.Usual).Subject
        );
    }

    [Theory]
    [InlineData(DigestForm.Whole)]
    [InlineData(DigestForm.Column)]
    [InlineData(DigestForm.Pictures)]
    [InlineData(DigestForm.Text)]
    public void Every_form_has_text_links_and_the_way_out_in_every_part(DigestForm form)
    {
        var mail = Compose(
            Column with
            {
                Form = form,
                Opening = "Good evening,\n\nthe sky cleared.",
                Closing = "Quillmoor Observatory, Moor Road 1",
            },
            3,
            titles: 1
        );
        foreach (var part in new[] { mail.Html, mail.Plain }.Where(part => part.Length > 0))
        {
            foreach (
                var needed in new[]
                {
                    "the sky cleared.",
                    "Moor Road 1",
                    "https://night-log.example/1",
                    "https://night-log.example/9",
                    ComposedDigest.LeaveMark,
                    ComposedDigest.ChooseMark,
                }
            )
                Assert.Contains(needed, part, StringComparison.Ordinal);
        }

        Assert.Equal(form == DigestForm.Text, mail.Html.Length == 0);
    }

    [Fact]
    public void Whole_texts_stand_in_both_parts_and_short_ones_keep_to_the_excerpt()
    {
        var whole = Compose(Column with { Form = DigestForm.Whole }, 1);
        Assert.Contains("One\n\nTwo", whole.Plain, StringComparison.Ordinal);
        Assert.DoesNotContain("Two", Compose(Column, 1).Plain, StringComparison.Ordinal);
        Assert.Contains("A clear night", Compose(Column, 1).Plain, StringComparison.Ordinal);
    }

    [Fact]
    public void Every_element_carries_its_style_and_nothing_leans_on_a_sheet()
    {
        var document = new HtmlParser().ParseDocument(Compose(Column with { Form = DigestForm.Whole }, 1).Html);
        Assert.Empty(document.QuerySelectorAll("style, link, script, [class], [srcset]"));
        Assert.All(document.QuerySelectorAll("p, h2, a, img, blockquote"), one =>
            Assert.NotNull(one.GetAttribute("style"))
        );
    }

    [Fact]
    public void Quotes_and_brackets_in_texts_stay_text()
    {
        var mail = DigestComposer.Compose(
            Column with
            {
                Opening = "<script>x</script>",
            },
            Content([Entry("Fog & <b>frost</b> \"tonight\"")], []),
            DigestColours.Usual
        );
        Assert.Contains("Fog &amp; &lt;b&gt;frost&lt;/b&gt; &quot;tonight&quot;", mail.Html, StringComparison.Ordinal);
        Assert.DoesNotContain("<script>", mail.Html, StringComparison.Ordinal);
    }

    [Fact]
    public void Each_subscriber_has_links_and_subject_of_their_own()
    {
        var mail = Compose(Column with { SecondSubject = "Forty-one trails" }, 1);
        var (one, other) = (
            mail.For("https://q.example/u/a?x=1&y=2", "https://q.example/p/a", isSecond: false),
            mail.For("https://q.example/u/b", "https://q.example/p/b", isSecond: true)
        );
        Assert.Equal(("Leonids: forty-one trails", "Forty-one trails"), (one.Subject, other.Subject));
        Assert.Contains("https://q.example/u/a?x=1&amp;y=2", one.Html, StringComparison.Ordinal);
        Assert.Contains("https://q.example/u/a?x=1&y=2", one.Plain, StringComparison.Ordinal);
        Assert.DoesNotContain(".invalid", other.Html + other.Plain, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("de", "Abbestellen")]
    [InlineData("fr-CA", "Se désinscrire")]
    [InlineData("gd", "Unsubscribe")]
    public void The_mail_speaks_the_language_of_the_site(string language, string expected)
    {
        var content = Content([Entry("Nebel")], []) with { Language = language };
        Assert.Contains(
            expected,
            DigestComposer.Compose(Column, content, DigestColours.Usual).Plain,
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void Plain_lines_are_short_and_links_are_never_cut()
    {
        var link = "https://night-log.example/" + new string('a', 120);
        var entry = Entry("Long") with
        {
            Facts = Entry("Long").Facts with
            {
                Link = link,
                Excerpt = string.Join(' ', Enumerable.Repeat("starlight", 40)),
            },
        };
        var lines = DigestComposer.Compose(Column, Content([entry], []), DigestColours.Usual).Plain.Split('\n');
        Assert.Contains(link, lines);
        Assert.All(lines.Where(line => !line.Contains("http", StringComparison.Ordinal)), line =>
            Assert.True(line.Length <= 72, line)
        );
    }

    [Fact]
    public void Counted_links_lead_over_us_and_those_of_the_subscriber_do_not()
    {
        var mail = Compose(Column, 2);
        var addresses = CountedLinks.Of(mail);
        Assert.Contains("https://night-log.example/1", addresses);
        Assert.DoesNotContain(ComposedDigest.LeaveMark, addresses);
        var counted = CountedLinks.Through(
            mail,
            addresses.ToDictionary(address => address, one => "https://q.example/go/" + addresses.ToList().IndexOf(one))
        );
        Assert.DoesNotContain("night-log.example", counted.Html + counted.Plain, StringComparison.Ordinal);
        Assert.All(new[] { counted.Html, counted.Plain }, part =>
            Assert.Contains(ComposedDigest.LeaveMark, part, StringComparison.Ordinal)
        );
    }

    [Theory]
    [InlineData("", "subject")]
    [InlineData("{tittle}", "subject")]
    [InlineData("One\nBcc: all@quillmoor.example", "subject")]
    public void A_subject_that_cannot_work_is_told_at_its_field(string subject, string setting) =>
        Assert.Equal(setting, (Column with { Subject = subject }).Problem()?.Setting);

    [Fact]
    public void Other_settings_that_cannot_work_are_told_at_theirs()
    {
        Assert.Null(Column.Problem());
        Assert.Equal("most", (Column with { Most = 0 }).Problem()?.Setting);
        Assert.Equal("least", (Column with { Least = 51 }).Problem()?.Setting);
        Assert.Equal("trialShare", (Column with { SecondSubject = "b", TrialShare = 100 }).Problem()?.Setting);
        Assert.Equal("accent", (Column with { Colours = new DigestColours(Accent: "url(x)") }).Problem()?.Setting);
        Assert.Equal("type", (Column with { Colours = new DigestColours(Type: "a;b") }).Problem()?.Setting);
        Assert.Equal(
            "dayOfMonth",
            (Column with { Rhythm = new DigestRhythm(DigestEvery.Month, default, DayOfMonth: 32) }).Problem()?.Setting
        );
    }

    private static ComposedDigest Compose(DigestSettings settings, int posts, int titles = 0) =>
        DigestComposer.Compose(
            settings,
            Content(
                [
                    .. Enumerable
                        .Range(1, posts)
                        .Select(n => Entry(n == 1 ? "Leonids: forty-one trails" : $"Night {n}", n)),
                ],
                [.. Enumerable.Range(9, titles).Select(n => Entry($"Night {n}", n))]
            ),
            DigestColours.Usual
        );

    private static DigestContent Content(IReadOnlyList<DigestEntry> shown, IReadOnlyList<DigestEntry> titles) =>
        new("Quillmoor Observatory", "https://quillmoor.example/", "en", "27 November 2026", shown, titles);

    private static DigestEntry Entry(string title, int number = 1) =>
        new(
            new PostFacts(
                title,
                "A clear night over the moor.",
                $"https://night-log.example/{number}",
                "Dov Achterberg",
                "Nights",
                [],
                "24 November 2026",
                "The Night Log",
                "Quillmoor Observatory"
            ),
            "<p class=\"lead\">One</p><p>Two <a href=\"https://moor.example/\">moor</a></p><blockquote>Three</blockquote><img src=\"https://night-log.example/a.png\" srcset=\"b 2x\" alt=\"Stars\">",
            "https://night-log.example/a.png",
            "Star trails"
        );
}
