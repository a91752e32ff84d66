using Microsoft.EntityFrameworkCore;

namespace Antiphon.Data.Sites;

/// <summary>What is asked of a site where the site itself is not at hand.</summary>
public static class SiteReading
{
    /// <summary>Its language tag (BCP 47).</summary>
    /// <exception cref="InvalidOperationException">There is no such site.</exception>
    public static Task<string> LanguageOfAsync(
        this AntiphonContext database,
        long site,
        CancellationToken cancellation
    ) => database.Sites.Where(row => row.Id == site).Select(row => row.Language).SingleAsync(cancellation);

    /// <summary>The name of its time zone (IANA), by whose clocks its days begin.</summary>
    /// <exception cref="InvalidOperationException">There is no such site.</exception>
    public static Task<string> TimeZoneOfAsync(
        this AntiphonContext database,
        long site,
        CancellationToken cancellation
    ) => database.Sites.Where(row => row.Id == site).Select(row => row.TimeZone).SingleAsync(cancellation);
}
