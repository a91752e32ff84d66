using Microsoft.EntityFrameworkCore;

namespace Antiphon.Data.Sites;

/// <summary>The language a site speaks, where the site itself is not at hand.</summary>
public static class SiteLanguages
{
    /// <summary>Its language tag (BCP 47).</summary>
    /// <exception cref="InvalidOperationException">There is no such site.</exception>
    public static Task<string> LanguageOfAsync(
        this AntiphonContext database,
        long site,
        CancellationToken cancellation
    ) => database.Sites.Where(row => row.Id == site).Select(row => row.Language).SingleAsync(cancellation);
}
