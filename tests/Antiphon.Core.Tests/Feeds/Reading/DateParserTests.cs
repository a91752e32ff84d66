using Antiphon.Core.Feeds.Reading.Dates;

namespace Antiphon.Core.Tests.Feeds.Reading;

public sealed class DateParserTests
{
    [Theory]
    [InlineData("Tue, 24 Nov 2026 09:30:00 GMT", "2026-11-24T09:30:00Z")]
    [InlineData("24 Nov 2026 09:30 +0100", "2026-11-24T08:30:00Z")]
    [InlineData("Tue, 24 November 2026 09:30:00 EST", "2026-11-24T14:30:00Z")]
    [InlineData("Tue, 24 Nov 26 09:30:00 GMT", "2026-11-24T09:30:00Z")]
    [InlineData("Sun, 24 Nov 96 09:30:00 GMT", "1996-11-24T09:30:00Z")]
    [InlineData("2026-11-24T09:30:00.123+02:00", "2026-11-24T07:30:00.123Z")]
    [InlineData("2026-11-24", "2026-11-24T00:00:00Z")]
    [InlineData("2026-11-24 09:30:00", "2026-11-24T09:30:00Z")]
    public void Dates_are_read_however_they_are_written(string text, string expected) =>
        Assert.Equal(
            DateTimeOffset.Parse(expected, System.Globalization.CultureInfo.InvariantCulture),
            PublishedDateParser.Parse(text)
        );

    [Theory]
    [InlineData("Tue, 31 Feb 2026 10:00:00 GMT")]
    [InlineData("yesterday")]
    [InlineData("")]
    [InlineData("2026-13-01T00:00:00Z")]
    [InlineData("Tue, 24 Nov 2026 25:00:00 GMT")]
    public void What_is_no_date_gives_nothing(string text) => Assert.Null(PublishedDateParser.Parse(text));
}
