using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Feeds.Writing;
using Antiphon.Core.Importing.Reading;
using Antiphon.Core.Posts.Fields;

namespace Antiphon.Core.Tests.Posts.Fields;

public sealed class FieldsInFeedsTests
{
    private static readonly (OwnField Field, string Value)[] Fields =
    [
        (new("instrument", "Instrument & mount", OwnFieldKind.Text, [], null, false, true), "150 mm <refractor>"),
        (new("seeing", "Seeing", OwnFieldKind.Number, [], "″", false, true), "2.5"),
    ];

    public static TheoryData<FeedFormat> Formats => [FeedFormat.Rss, FeedFormat.Atom, FeedFormat.JsonFeed];

    [Theory]
    [MemberData(nameof(Formats))]
    public void What_a_feed_carries_of_own_fields_is_read_again(FeedFormat format)
    {
        var item = FeedReader.Read(Written(format, Fields), new FeedReadOptions()).Feed!.Items.Single();
        Assert.Equal(
            [new FieldValue("instrument", "150 mm <refractor>"), new FieldValue("seeing", "2.5")],
            FieldsInFeeds.Read(item.Extensions)
        );
    }

    [Theory]
    [MemberData(nameof(Formats))]
    public void The_check_of_a_feed_finds_nothing_wrong_with_them(FeedFormat format)
    {
        string[] CodesOf(byte[] bytes) =>
            [
                .. FeedCheck
                    .Run(bytes, new FeedCheckOptions(DateTimeOffset.UnixEpoch.AddYears(60)))
                    .Findings.Select(finding => finding.Rule.Id)
                    .Distinct()
                    .Order(),
            ];
        Assert.Equal(CodesOf(Written(format, [])), CodesOf(Written(format, Fields)));
    }

    [Fact]
    public void A_feed_brought_in_gives_them_as_columns()
    {
        var table = FeedTable.Of(FeedReader.Read(Written(FeedFormat.Atom, Fields), new FeedReadOptions()).Feed!);
        Assert.Contains("instrument", table.Columns);
        Assert.Contains("2.5", table.Rows[0]);
    }

    [Theory]
    [InlineData("\"text\"")]
    [InlineData("[1,2]")]
    [InlineData("{\"deep\":{\"er\":1}}")]
    public void A_member_of_another_shape_is_passed_over(string raw) =>
        Assert.Empty(FieldsInFeeds.Read([new FeedExtension(null, FieldsInFeeds.Member, raw)]));

    private static byte[] Written(FeedFormat format, IReadOnlyList<(OwnField, string)> fields)
    {
        var feed = new Feed
        {
            Title = "The Night Log",
            Link = "https://quillmoor.example/",
            Id = "tag:quillmoor.example,2026:log",
            Description = "Nights",
        };
        var item = new FeedItem
        {
            Id = "tag:quillmoor.example,2026:1",
            Title = "Clear",
            Link = "https://quillmoor.example/clear",
            ContentHtml = "<p>Clear.</p>",
            Published = DateTimeOffset.UnixEpoch.AddYears(50),
        };
        item.Extensions.AddRange(FieldsInFeeds.Write(fields));
        feed.Items.Add(item);
        return format switch
        {
            FeedFormat.Atom => AtomWriter.Write(feed),
            FeedFormat.JsonFeed => JsonFeedWriter.Write(feed),
            _ => RssWriter.Write(feed),
        };
    }
}
