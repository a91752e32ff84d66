using Antiphon.Core.Listings.Definition;
using Antiphon.Core.Listings.Entries;

namespace Antiphon.Core.Listings.Choosing;

/// <summary>When what a listing shows changes by itself, though nothing is written.</summary>
public static class NextChange
{
    /// <summary>The next such moment after one; <see cref="DateTimeOffset.MaxValue"/> when it never does.</summary>
    /// <param name="definition">The listing.</param>
    /// <param name="candidates">Posts of the site, in any order, those dated ahead too.</param>
    /// <param name="now">The moment.</param>
    /// <param name="zone">The site's zone, whose midnight shuffles anew.</param>
    public static DateTimeOffset After(
        ListingDefinition definition,
        IEnumerable<ListingCandidate> candidates,
        DateTimeOffset now,
        TimeZoneInfo zone
    )
    {
        var next = definition.Order == ListingOrder.Shuffled ? Midnight(now, zone) : DateTimeOffset.MaxValue;
        foreach (var post in candidates)
        {
            if (post.PublishedAt is not { } date || !definition.Blogs.Contains(post.BlogId))
                continue;
            if (date > now)
                next = Earlier(next, date);
            // The last moment at which it is young enough is its own; the next one no more.
            else if (definition.Filter.MaxAgeDays is { } days && date.AddDays(days) >= now)
                next = Earlier(next, date.AddDays(days).AddTicks(1));
        }

        return next;
    }

    private static DateTimeOffset Earlier(DateTimeOffset one, DateTimeOffset other) => one < other ? one : other;

    private static DateTimeOffset Midnight(DateTimeOffset now, TimeZoneInfo zone)
    {
        var tomorrow = TimeZoneInfo.ConvertTime(now, zone).Date.AddDays(1);
        // Where clocks go forward at midnight the day begins an hour later.
        while (zone.IsInvalidTime(tomorrow))
            tomorrow = tomorrow.AddMinutes(15);
        return new DateTimeOffset(tomorrow, zone.GetUtcOffset(tomorrow));
    }
}
