using System.Text;
using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Feeds.Reading;
using CsCheck;

namespace Antiphon.Core.Tests.Feeds.Reading;

public sealed class EncodingTests
{
    private const string Cafe =
        "<?xml version=\"1.0\" encoding=\"{0}\"?><rss version=\"2.0\"><channel><title>Café</title></channel></rss>";

    [Theory]
    [InlineData("utf-8", "utf-8", false)]
    [InlineData("utf-8", "windows-1252", true)]
    [InlineData("iso-8859-1", "windows-1252", false)]
    [InlineData("windows-1252", "windows-1252", false)]
    [InlineData("utf-16", "utf-8", false)]
    [InlineData("utf-16", "utf-16", false)]
    [InlineData("utf-16", "utf-16BE", false)]
    [InlineData("nonsense", "utf-8", false)]
    [InlineData("koi8-r", "koi8-r", false)]
    public void WhateverIsDeclaredTheWordsAreRead(string declared, string written, bool isMislabelled)
    {
        _ = DecodedFeed.From([], null);
        var text = Cafe.Replace("{0}", declared);
        if (written == "koi8-r")
            text = text.Replace("Café", "Луна");
        var decoded = DecodedFeed.From(Encoding.GetEncoding(written).GetBytes(text), null);
        Assert.Equal(
            (written == "koi8-r" ? "Луна" : "Café", isMislabelled),
            (FeedReader.Read(decoded.Text, new FeedReadOptions()).Feed!.Title, decoded.IsMislabelled)
        );
    }

    [Fact]
    public void AWrongLabelIsAnError()
    {
        _ = DecodedFeed.From([], null);
        var result = FeedCheck.Run(
            Encoding.GetEncoding("windows-1252").GetBytes(Cafe.Replace("{0}", "utf-8")),
            new FeedCheckOptions(DateTimeOffset.UnixEpoch.AddYears(56))
        );
        Assert.Contains(result.Findings, finding =>
            finding.Rule.Id == "xml-encoding-wrong" && finding.Message.Contains("utf-8", StringComparison.Ordinal)
        );
    }

    [Fact]
    public void OneBrokenByteAmongManyWholeCharactersStaysOne()
    {
        var bytes = Encoding.UTF8.GetBytes(Cafe.Replace("{0}", "utf-8").Replace("Café", "äöüß é à")).ToList();
        bytes.Insert(bytes.Count - 20, 0xFF);
        Assert.False(DecodedFeed.From(bytes.ToArray(), null).IsMislabelled);
    }

    [Fact]
    public void TextInUtf8IsNeverTakenForAnythingElse() =>
        Gen.String.Sample(text =>
            Assert.False(DecodedFeed.From(Encoding.UTF8.GetBytes("<a>" + text + "</a>"), null).IsMislabelled)
        );

    [Fact]
    public void AByteOrderMarkWinsOverEveryLabel()
    {
        byte[] marked = [.. Encoding.Unicode.GetPreamble(), .. Encoding.Unicode.GetBytes(Cafe.Replace("{0}", "utf-8"))];
        Assert.Contains(
            "Café",
            DecodedFeed.From(marked, "text/xml; charset=iso-8859-1").Text,
            StringComparison.Ordinal
        );
    }
}
