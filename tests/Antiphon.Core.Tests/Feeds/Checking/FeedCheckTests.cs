using System.Text;
using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Writing;
using CsCheck;

namespace Antiphon.Core.Tests.Feeds.Checking;

public sealed class FeedCheckTests
{
    private static readonly DateTimeOffset Now = new(2026, 11, 24, 12, 0, 0, TimeSpan.Zero);

    public static TheoryData<string> Cases => CaseFiles.In("FeedCheck");

    public static TheoryData<string> Published => CaseFiles.In("PublishedFeeds");

    [Theory]
    [MemberData(nameof(Cases))]
    public void Finds_what_the_case_expects_and_nothing_else(string name) => AssertFound("FeedCheck", name);

    // Feeds as programs of every kind publish them; what is said of each was read by eye before it was written down.
    [Theory]
    [MemberData(nameof(Published))]
    public void Says_of_a_published_feed_what_a_person_would(string name) => AssertFound("PublishedFeeds", name);

    private static void AssertFound(string folder, string name)
    {
        var result = Check(CaseFiles.Input(folder, name));
        var found = result
            .Findings.Select(finding =>
                $"{finding.Rule.Id} {finding.Line?.ToString(System.Globalization.CultureInfo.InvariantCulture) ?? "-"}"
            )
            .Order()
            .ToArray();
        Assert.Equal(CaseFiles.Expected(folder, name).Skip(1).Order().ToArray(), found);
        Assert.Equal(CaseFiles.Expected(folder, name)[0], result.Verdict.ToString());
    }

    [Fact]
    public void Every_rule_has_its_own_name_and_all_its_words()
    {
        Assert.Equal(RuleCatalogue.All.Count, RuleCatalogue.All.Select(rule => rule.Id).Distinct().Count());
        Assert.All(RuleCatalogue.All, rule =>
            Assert.All(new[] { rule.Id, rule.Message, rule.Fix, rule.Reference }, text =>
                Assert.False(string.IsNullOrWhiteSpace(text))
            )
        );
    }

    [Fact]
    public void A_media_type_of_another_kind_is_a_warning()
    {
        var bytes = RssWriter.Write(
            new Feed
            {
                Title = "a",
                Link = "https://quillmoor.example/",
                FeedLink = "https://quillmoor.example/feed",
            }
        );
        var result = FeedCheck.Run(bytes, new FeedCheckOptions(Now, "text/html; charset=utf-8"));
        Assert.Contains(result.Findings, finding => finding.Rule.Id == "http-media-type");
    }

    [Fact]
    public void Long_values_are_shortened_in_messages()
    {
        var xml =
            $"<rss version=\"2.0\"><channel><title>a</title><link>https://a.example/</link><description/><item><title>t</title><link>{new string('x', 5000)}</link></item></channel></rss>";
        var result = Check(Encoding.UTF8.GetBytes(xml));
        Assert.All(result.Findings, finding => Assert.InRange(finding.Message.Length, 1, 200));
    }

    [Fact]
    public void Mutated_feeds_never_throw()
    {
        var good = Encoding.UTF8.GetBytes(
            "<?xml version=\"1.0\"?><rss version=\"2.0\"><channel><title>a &amp; b</title><link>https://a.example/</link><description><![CDATA[<p>x</p>]]></description><item><title>t</title><guid isPermaLink=\"false\">1</guid><pubDate>Tue, 24 Nov 2026 09:30:00 GMT</pubDate></item></channel></rss>"
        );
        Gen.Select(Gen.Int[0, good.Length - 1], Gen.Byte, Gen.Int[0, good.Length])
            .Sample(
                (at, value, length) =>
                {
                    var bytes = good[..Math.Max(1, length)];
                    if (at < bytes.Length)
                        bytes[at] = value;
                    var result = Check(bytes);
                    var lines = result.Source.Count(c => c is '\n' or '\r') + 1;
                    Assert.All(result.Findings, finding => Assert.InRange(finding.Line ?? 1, 1, lines));
                },
                iter: 3000
            );
    }

    [Fact]
    public void Ten_thousand_levels_are_a_finding_and_no_crash()
    {
        var xml =
            "<rss version=\"2.0\"><channel>"
            + string.Concat(Enumerable.Repeat("<a>", 10_000))
            + string.Concat(Enumerable.Repeat("</a>", 10_000))
            + "</channel></rss>";
        Assert.NotEmpty(Check(Encoding.UTF8.GetBytes(xml)).Findings);
    }

    [Fact]
    public void Entities_are_never_expanded()
    {
        const string Bomb =
            "<?xml version=\"1.0\"?><!DOCTYPE rss [<!ENTITY a \"aaaaaaaaaa\"><!ENTITY b \"&a;&a;&a;\">]><rss version=\"2.0\"><channel><title>&b;</title></channel></rss>";
        var result = Check(Encoding.UTF8.GetBytes(Bomb));
        Assert.Equal(Verdict.Invalid, result.Verdict);
        Assert.DoesNotContain("aaaaaaaaaa", result.Feed!.Title, StringComparison.Ordinal);
    }

    private static FeedCheckResult Check(byte[] bytes) => FeedCheck.Run(bytes, new FeedCheckOptions(Now));
}
