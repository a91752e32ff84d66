using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Listings.Styles.Matching;
using Antiphon.Server.Outgoing;

namespace Antiphon.Server.Listings.Styles;

/// <summary>Fetches a page with its style sheets and reads its look.</summary>
internal sealed class PageLooks(GuardedClient client)
{
    private const int MostSheets = 12;

    /// <summary>
    /// The look, or what went wrong in words. A style sheet that cannot be had is told; the rest is read all the same.
    /// </summary>
    public async Task<(PageLookView? Look, string? Problem)> ReadAsync(Uri address, CancellationToken cancellation)
    {
        var fetched = await client.GetPageAsync(address, cancellation);
        if (fetched.Problem is { } problem)
            return (null, FetchWords.For(problem, fetched.Detail));
        var page = fetched.Page!;
        var (read, missing) = (new List<PageSheet>(), new List<string>());
        foreach (var sheet in PageSheets.Of(page, fetched.Address).Take(MostSheets))
        {
            if (await FillAsync(sheet, cancellation) is { } filled)
                read.Add(filled);
            else
                missing.Add(sheet.Name);
        }

        return (
            new PageLookView(
                fetched.Address.AbsoluteUri,
                LookMatcher.Match(page, read),
                [.. read.Select(sheet => sheet.Name).Distinct()],
                missing
            ),
            null
        );
    }

    private async Task<PageSheet?> FillAsync(PageSheet sheet, CancellationToken cancellation)
    {
        if (sheet.Address is null)
            return sheet;
        var fetched = await client.GetAsync(sheet.Address, cancellation: cancellation);
        return fetched.Problem is null
            ? sheet with
            {
                Css = DecodedFeed.From(fetched.Bytes, fetched.ContentType).Text,
            }
            : null;
    }
}
