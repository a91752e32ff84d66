using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Feeds.Writing;
using CsCheck;

namespace Antiphon.Core.Tests.Feeds.Writing;

public sealed class FeedWriterTests
{
    private static readonly DateTimeOffset Now = new(2026, 11, 24, 12, 0, 0, TimeSpan.Zero);

    public static TheoryData<string> Formats => ["rss", "atom", "json"];

    [Theory]
    [MemberData(nameof(Formats))]
    public void What_we_write_passes_our_own_check(string format)
    {
        var result = FeedCheck.Run(Write(format, Sample("A title")), new FeedCheckOptions(Now, TypeOf(format)));
        Assert.Empty(result.Findings.Select(finding => finding.Rule.Id + " " + finding.Message));
        Assert.Equal(Verdict.Valid, result.Verdict);
    }

    [Theory]
    [MemberData(nameof(Formats))]
    public void What_is_written_is_read_back_the_same(string format) =>
        Gen
            .String.Where(text => text.Trim().Length > 0)
            .Sample(
                title =>
                {
                    var clean = new string([
                        .. title.Where(c => !char.IsControl(c) && !char.IsSurrogate(c) && c < 0xFFF0),
                    ]).Trim();
                    if (clean.Length == 0)
                        return;
                    var before = Sample(clean);
                    var after = FeedReader.Read(Write(format, before), new FeedReadOptions()).Feed!;
                    Assert.Equal(
                        before.Items[0].Title!.ReplaceLineEndings("\n"),
                        after.Items[0].Title!.ReplaceLineEndings("\n")
                    );
                    Assert.Equal(
                        (
                            before.Items[0].Id,
                            before.Items[0].Link,
                            before.Items[0].ContentHtml,
                            before.Items[0].Published,
                            before.Items[0].Authors[0].Name,
                            before.FeedLink
                        ),
                        (
                            after.Items[0].Id,
                            after.Items[0].Link,
                            after.Items[0].ContentHtml,
                            after.Items[0].Published,
                            after.Items[0].Authors[0].Name,
                            after.FeedLink
                        )
                    );
                },
                iter: 300
            );

    [Theory]
    [MemberData(nameof(Formats))]
    public void The_same_feed_gives_the_same_bytes(string format) =>
        Assert.Equal(Write(format, Sample("x")), Write(format, Sample("x")));

    [Fact]
    public void Characters_xml_forbids_are_left_out()
    {
        var feed = FeedReader.Read(RssWriter.Write(Sample("a\u0001b\uD800c")), new FeedReadOptions()).Feed!;
        Assert.Equal("abc", feed.Items[0].Title);
    }

    private static string TypeOf(string format) =>
        format switch
        {
            "rss" => "application/rss+xml",
            "atom" => "application/atom+xml",
            _ => "application/feed+json",
        };

    private static byte[] Write(string format, Feed feed) =>
        format switch
        {
            "rss" => RssWriter.Write(feed),
            "atom" => AtomWriter.Write(feed),
            _ => JsonFeedWriter.Write(feed),
        };

    private static Feed Sample(string title)
    {
        var feed = new Feed
        {
            Id = "tag:quillmoor.example,2026:log",
            Title = "The Night Log",
            Description = "Nights",
            Link = "https://quillmoor.example/",
            FeedLink = "https://quillmoor.example/feed",
            Language = "en-GB",
            Updated = Now,
        };
        var item = new FeedItem
        {
            Id = "tag:quillmoor.example,2026:1",
            Title = title,
            Link = "https://quillmoor.example/1",
            Summary = "Short",
            ContentHtml = "<p>Long &amp; good</p>",
            Published = Now.AddDays(-1),
            Updated = Now.AddDays(-1),
            Image = "https://quillmoor.example/a.svg",
        };
        item.Authors.Add(new FeedPerson("Imogen Tarrant", null, null));
        item.Categories.Add("Night Log");
        feed.Items.Add(item);
        return feed;
    }
}
