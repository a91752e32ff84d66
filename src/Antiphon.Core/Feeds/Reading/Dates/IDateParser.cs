namespace Antiphon.Core.Feeds.Reading.Dates;

/// <summary>Reads one way of writing a date.</summary>
internal interface IDateParser
{
    /// <summary>The instant, or null when the text is not written this way or names no real day.</summary>
    DateTimeOffset? Parse(string text);
}
