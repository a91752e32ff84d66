using Antiphon.Core.Mailing.Checking;
using Antiphon.Core.Mailing.Drawing;

namespace Antiphon.Core.Tests.Mailing;

/// <summary>What the check of a mail finds, each rule with a mail that breaks it.</summary>
public sealed class MailCheckTests
{
    private const string Words =
        "<p>Forty-one trails stood on the plate this morning, more than in any year since the camera was mounted on the west pier of the old dome.</p>";

    [Fact]
    public void A_good_mail_has_nothing_to_mend() => Assert.Empty(MailCheck.Run(Mail(Words)));

    [Theory]
    [InlineData("<a href=\"/membership\">Join us</a>", "mail-link-local")]
    [InlineData("<a href=\"http://moor.example/\">The moor</a>", "mail-link-insecure")]
    [InlineData("<a href=\"https://elsewhere.example/\">https://quillmoor.example/visit</a>", "mail-link-disguised")]
    [InlineData("<a href=\"https://elsewhere.example/\">www.quillmoor.example</a>", "mail-link-disguised")]
    [InlineData("<img src=\"https://night-log.example/a.png\">", "mail-picture-without-words")]
    [InlineData("<iframe src=\"https://films.example/\"></iframe>", "mail-not-in-mail")]
    public void What_does_not_work_in_mail_is_found(string html, string rule) =>
        Assert.Equal([rule], MailCheck.Run(Mail(Words + html)).Select(finding => finding.Rule.Id));

    [Theory]
    [InlineData("<a href=\"https://www.quillmoor.example/visit\">https://quillmoor.example/visit</a>")]
    [InlineData("<a href=\"mailto:post@quillmoor.example\">Write to us</a>")]
    [InlineData("<a href=\"https://elsewhere.example/\">https is safer</a>")]
    [InlineData("<img width=\"1\" src=\"https://q.example/opened/a\" alt=\"\">")]
    public void What_works_is_not(string html) => Assert.Empty(MailCheck.Run(Mail(Words + html)));

    [Theory]
    [InlineData("LEONIDS OVER THE MOOR", "mail-subject-shouts")]
    [InlineData("Leonids tonight!!", "mail-subject-shouts")]
    [InlineData("Act now: places for the Leonids night", "mail-spam-wording")]
    [InlineData(
        "A subject that goes on and on about everything that was seen over the moor in November",
        "mail-subject-long"
    )]
    public void Subjects_are_weighed(string subject, string rule) =>
        Assert.Equal([rule], MailCheck.Run(Mail(Words) with { Subject = subject }).Select(finding => finding.Rule.Id));

    [Theory]
    [InlineData("We compact nowhere near the dome.")]
    [InlineData("The winners' certificates are framed.")]
    public void Wording_is_told_by_whole_words(string text) =>
        Assert.DoesNotContain(MailCheck.Run(Mail(Words) with { Plain = text + ComposedDigest.LeaveMark }), finding =>
            finding.Rule == MailRules.SpamWords
        );

    [Fact]
    public void A_mail_without_a_way_out_is_an_error_in_each_part()
    {
        var mail = new ComposedDigest("Fog", null, Words, "Fog");
        Assert.Equal(2, MailCheck.Run(mail).Count(finding => finding.Rule == MailRules.LeaveMissing));
    }

    [Fact]
    public void A_mail_that_would_be_cut_is_told_its_size()
    {
        var finding = Assert.Single(
            MailCheck.Run(Mail(Words + $"<p>{string.Join(' ', Enumerable.Repeat("starlight", 12_000))}</p>"))
        );
        Assert.Equal(MailRules.TooLarge, finding.Rule);
        Assert.Contains("120 kB", finding.Message, StringComparison.Ordinal);
    }

    [Fact]
    public void A_mail_of_pictures_alone_is_told() =>
        Assert.Equal(
            [MailRules.FewWords],
            MailCheck
                .Run(
                    Mail("<img src=\"https://q.example/a.png\" alt=\"Stars\">") with
                    {
                        Plain = "Fog " + ComposedDigest.LeaveMark,
                    }
                )
                .Select(finding => finding.Rule)
        );

    [Fact]
    public void Addresses_to_be_opened_leave_out_those_of_the_subscriber() =>
        Assert.Equal(
            ["https://a.example/", "https://a.example/b.png"],
            MailCheck.Addresses(
                Mail(
                    "<a href=\"https://a.example/\">A</a><a href=\"https://a.example/\">A</a><img src=\"https://a.example/b.png\" alt=\"B\">"
                )
            )
        );

    private static ComposedDigest Mail(string html) =>
        new(
            "Leonids over the moor",
            null,
            $"<body>{html}<a href=\"{ComposedDigest.LeaveMark}\">Unsubscribe</a></body>",
            $"Leonids\n{ComposedDigest.LeaveMark}\n"
        );
}
