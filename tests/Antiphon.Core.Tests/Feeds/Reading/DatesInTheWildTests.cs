using System.Globalization;
using Antiphon.Core.Feeds.Reading.Dates;

namespace Antiphon.Core.Tests.Feeds.Reading;

/// <summary>Dates as they are written by people and programs that read no standard.</summary>
public sealed class DatesInTheWildTests
{
    [Theory]
    [InlineData("Thu, 01 Jan 2004 19:48:21 GMT", "2004-01-01T19:48:21")]
    [InlineData("Thu, 1 Jan 2004 19:48:21", "2004-01-01T19:48:21")]
    [InlineData("Thu, 01 Jan 2004 19:48:21 XYZ", "2004-01-01T19:48:21")]
    [InlineData("Thu, 01 Jan 2004 19:48:21 A", "2004-01-01T19:48:21")]
    [InlineData("Thu, 01 Jan 2004 19:48 EST", "2004-01-02T00:48:00")]
    [InlineData("Thu 01 Jan 2004 9:48:21 PM GMT", "2004-01-01T21:48:21")]
    [InlineData("Thu Jan  1 19:48:21 2004", "2004-01-01T19:48:21")]
    [InlineData("Thu Jan 01 19:48:21 GMT+2 2004", "2004-01-01T19:48:21")]
    [InlineData("Thu, 01 Jan 04 19:48:21 +0100", "2004-01-01T18:48:21")]
    [InlineData("Mon, 31 Dec 2003 24:00:00 GMT", "2004-01-01T00:00:00")]
    [InlineData("2003-12-31T24:00:00Z", "2004-01-01T00:00:00")]
    [InlineData("2004-01-01T19:48:21.5-05:00", "2004-01-02T00:48:21")]
    [InlineData("2004/01/01 19:48", "2004-01-01T19:48:00")]
    [InlineData("01.02.2004", "2004-02-01T00:00:00")]
    [InlineData("1/2/2004", "2004-01-02T00:00:00")]
    [InlineData("31/12/2003", "2003-12-31T00:00:00")]
    [InlineData("2003-335", "2003-12-01T00:00:00")]
    [InlineData("2003", "2003-01-01T00:00:00")]
    [InlineData("2003-12", "2003-12-01T00:00:00")]
    [InlineData("1072915200", "2004-01-01T00:00:00")]
    [InlineData("1072915200000", "2004-01-01T00:00:00")]
    [InlineData("Do, 1 Jan 2004 10:00:00 MEZ", "2004-01-01T09:00:00")]
    [InlineData("1. März 2004", "2004-03-01T00:00:00")]
    [InlineData("jeu., 1 janv. 2004 10:00:00 +0000", "2004-01-01T10:00:00")]
    [InlineData("1 août 2004 09:05", "2004-08-01T09:05:00")]
    [InlineData("Κυρ, 11 Ιουλ 2004 12:00:00 EST", "2004-07-11T17:00:00")]
    [InlineData("15 января 2004 10:00", "2004-01-15T10:00:00")]
    [InlineData("January 5, 2004", "2004-01-05T00:00:00")]
    public void ADateIsRead(string text, string utc) =>
        Assert.Equal(
            utc,
            PublishedDateParser.Parse(text)?.UtcDateTime.ToString("yyyy-MM-dd'T'HH:mm:ss", CultureInfo.InvariantCulture)
        );

    [Theory]
    [InlineData("yesterday")]
    [InlineData("31 Feb 2026 10:00 GMT")]
    [InlineData("Tue, 32 Jan 2004 10:00:00 GMT")]
    [InlineData("2004-13-01")]
    [InlineData("12345")]
    [InlineData("25:61")]
    public void WhatIsNoDateIsNone(string text) => Assert.Null(PublishedDateParser.Parse(text));
}
