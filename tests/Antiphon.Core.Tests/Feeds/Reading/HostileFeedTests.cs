using System.Globalization;
using System.Text;
using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Feeds.Repair;

namespace Antiphon.Core.Tests.Feeds.Reading;

/// <summary>
/// Large documents of the kinds that make careless programs work for hours: each is answered, and none stops the run.
/// </summary>
public sealed class HostileFeedTests
{
    private const int Many = 100_000;
    private static readonly TimeSpan HangsAfter = TimeSpan.FromMinutes(2);

    public static TheoryData<string, string> Documents =>
        new()
        {
            { "open elements without end", Channel(Repeat("<a>")) },
            { "end tags that end nothing, deep down", Channel(Repeat("<a>") + Repeat("</b>")) },
            { "comments that never end", Channel(Repeat("<!--")) },
            { "end tags without a bracket", Channel(Repeat("</")) },
            { "ampersands", Channel(Repeat("&")) },
            { "entities without end", Channel(Repeat("&aaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaa")) },
            { "sections in sections", Channel(Repeat("<![CDATA[")) },
            {
                "prefixes nobody declared",
                Channel(
                    string.Concat(
                        Enumerable
                            .Range(0, 30_000)
                            .Select(number => string.Create(CultureInfo.InvariantCulture, $"<p{number}:a/>"))
                    )
                )
            },
            {
                "one tag with endless attributes",
                Channel(
                    "<a "
                        + string.Concat(
                            Enumerable
                                .Range(0, Many)
                                .Select(number => string.Create(CultureInfo.InvariantCulture, $"b{number}='x' "))
                        )
                        + "/>"
                )
            },
            { "a huge attribute", Channel($"<a b='{Repeat("xxxxx")}'/>") },
            { "entries that are not closed", Channel(Repeat("<item><title>x")) },
            { "a text in pieces", Channel($"<title>{Repeat("a<!---->")}</title>") },
            { "pictures without end in a text", Item(Repeat("<img ")) },
            { "links without end in a text", Item(Repeat("<a href=\"")) },
            { "spaces after an address", Item("<a href=" + Repeat("  ") + "x>") },
            { "tags of one letter in a text", Item(Repeat("<b>")) },
            { "ends in a text that end nothing, deep down", Item(Repeat("<b>") + Repeat("</i>")) },
            { "tags in a text that cross", Item(Repeat("<p><b></p>") + Repeat("</b>") + Repeat("</i>")) },
            { "scripts in a text without end", Item(Repeat("<script>")) },
            {
                "attributes in a text, each once",
                Item(
                    "<a "
                        + string.Concat(
                            Enumerable
                                .Range(0, Many)
                                .Select(number => string.Create(CultureInfo.InvariantCulture, $"b{number} "))
                        )
                        + "c c>"
                )
            },
            { "one file many times", Channel("<item>" + Repeat("<enclosure url='a'/>") + "</item>") },
            {
                "tags of a post that are none",
                "{\"version\":\"https://jsonfeed.org/version/1.1\",\"items\":[{\"tags\":[" + Repeat("[1],") + "1]}]}"
            },
            {
                "items that are none",
                "{\"version\":\"https://jsonfeed.org/version/1.1\",\"items\":[" + Repeat("[],{},1,") + "1]}"
            },
            { "handlers that are none", Item("<a" + Repeat(" onx") + ">") },
            { "spaces in a date", Channel($"<item><pubDate>Tue,{Repeat(" ")}24</pubDate></item>") },
            { "a date of digits and colons", Channel($"<item><pubDate>{Repeat("1:1")}</pubDate></item>") },
            { "a person of signs", Channel($"<item><author>{Repeat("a@(")}</author></item>") },
            { "one language of letters", Channel($"<language>{Repeat("ab-")}</language>") },
            {
                "entities in entities",
                "<?xml version=\"1.0\"?><!DOCTYPE rss [<!ENTITY a \"aaaaaaaaaa\"><!ENTITY b \"&a;&a;&a;&a;&a;&a;&a;&a;\"><!ENTITY c \"&b;&b;&b;&b;&b;&b;&b;&b;\">]>"
                    + Channel("<title>&c;</title>")
            },
            {
                "a file of this machine",
                "<?xml version=\"1.0\"?><!DOCTYPE rss [<!ENTITY a SYSTEM \"file:///etc/hostname\">]>"
                    + Channel("<title>&a;</title>")
            },
            { "lists in lists", "{\"version\":\"https://jsonfeed.org/version/1.1\",\"items\":" + Repeat("[") },
            {
                "one key again and again",
                "{\"version\":\"https://jsonfeed.org/version/1.1\"" + Repeat(",\"title\":\"x\"") + "}"
            },
            {
                "items of nothing",
                "{\"version\":\"https://jsonfeed.org/version/1.1\",\"items\":["
                    + string.Join(',', Enumerable.Repeat("{}", 50_000))
                    + "]}"
            },
        };

    [Theory]
    [MemberData(nameof(Documents))]
    public async Task An_answer_comes_for(string what, string document)
    {
        var options = new FeedCheckOptions(DateTimeOffset.UnixEpoch.AddYears(56));
        var result = await Task.Run(() => FeedCheck.Run(Encoding.UTF8.GetBytes(document), options))
            .WaitAsync(HangsAfter);
        Assert.True(result.Findings.Count > 0, what);
        Assert.DoesNotContain(
            "aaaaaaaaaaaaaaaaaaaaaaaaaaaaaa",
            result.Feed?.Title ?? string.Empty,
            StringComparison.Ordinal
        );
    }

    [Fact]
    public async Task Repairing_comes_to_an_end_too()
    {
        var document = Encoding.UTF8.GetBytes(Channel(Repeat("<item><title>x &amp;amp; y")));
        Assert.NotNull(
            (
                await Task.Run(() =>
                        FeedRepair.Run(document[..1_000_000], new FeedCheckOptions(DateTimeOffset.UnixEpoch))
                    )
                    .WaitAsync(HangsAfter)
            ).Text
        );
    }

    private static string Repeat(string text) => new StringBuilder(text.Length * Many).Insert(0, text, Many).ToString();

    private static string Channel(string inside) =>
        "<rss version=\"2.0\"><channel><title>t</title>" + inside + "</channel></rss>";

    private static string Item(string html) =>
        Channel($"<item><title>x</title><description><![CDATA[{html}]]></description></item>");
}
