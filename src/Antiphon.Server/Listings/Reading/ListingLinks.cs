using System.Globalization;
using Antiphon.Core.Listings.Entries;

namespace Antiphon.Server.Listings.Reading;

/// <summary>Addresses a fragment leads to.</summary>
/// <param name="Own">The listing's own page with us.</param>
/// <param name="Blog">Page of the first blog.</param>
/// <param name="Feed">Feed of the first blog.</param>
/// <param name="Host">Page of the site in which views of the blog live; null when they live on our own page.</param>
internal sealed record ListingLinks(string Own, string Blog, string Feed, string? Host)
{
    /// <summary>Address of a view; it can be opened without script and shared.</summary>
    /// <param name="view">What it shows.</param>
    /// <param name="page">Number of its page, from 1.</param>
    /// <param name="slug">For a post, readable words.</param>
    public string To(BlogPart view, int page = 1, string? slug = null)
    {
        var number = page.ToString(CultureInfo.InvariantCulture);
        if (Host is not null)
        {
            var address = view.In(Host, slug);
            return page == 1
                ? address
                : $"{address}{(address.Contains('?', StringComparison.Ordinal) ? '&' : '?')}{BlogPart.PageParameter}={number}";
        }

        var parts = new List<string>();
        if (view.Kind != BlogPartKind.Index)
            parts.Add($"view={view}");
        if (page > 1)
            parts.Add($"page={number}");
        return parts.Count == 0 ? Own : $"{Own}?{string.Join('&', parts)}";
    }
}
