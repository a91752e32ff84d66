using Antiphon.Data.Listings;
using Antiphon.Server.Tests.Hosting;
using Antiphon.Server.Tests.Work;
using Antiphon.Tests;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Tests.Listings;

/// <summary>
/// What a request says of the page it comes from only proposes; what we find there ourselves makes a blog's home.
/// </summary>
public sealed class SightingTests(WorkHost both) : IClassFixture<WorkHost>
{
    private readonly AntiphonHost _host = both.Host;

    [Fact]
    public async Task A_forged_page_moves_no_address_and_one_with_the_snippet_does()
    {
        await _host.FreshSiteAsync();
        await _host.InDatabaseAsync(database =>
            database
                .Sites.Where(site => site.Id == _host.Site)
                .ExecuteUpdateAsync(set =>
                    set.SetProperty(one => one.AllowedAddresses, new List<string> { both.Site.Address.AbsoluteUri })
                )
        );
        var post = await _host.WriteAsync("Where it lives");
        var listing = await new ListingTalk(_host).BuildAsync(definition => definition["layout"] = "wholeBlog");
        both.Site.Say("<p>Nothing of it here.</p>", "text/html");
        await SeenAsync(listing, "forged");
        await AskedAsync("forged");
        Assert.StartsWith(_host.Address.AbsoluteUri, await AddressAsync(post), StringComparison.Ordinal);

        var snippet = (await _host.Owner.GetJsonAsync($"{_host.Api}listings/{listing.Number("id")}/snippet")).Text(
            "snippet"
        );
        both.Site.Say($"<html><body>{snippet}</body></html>", "text/html; charset=utf-8");
        await SeenAsync(listing, "night-log");
        await AskedAsync("night-log");
        await Eventually.TrueAsync("the home", async () =>
            (await AddressAsync(post)).StartsWith(
                new Uri(both.Site.Address, "night-log").AbsoluteUri,
                StringComparison.Ordinal
            )
        );
        Assert.Equal(
            1,
            await _host.InDatabaseAsync(database =>
                database.Sightings.CountAsync(sighting =>
                    sighting.Listing.SiteId == _host.Site && sighting.ConfirmedAt != null
                )
            )
        );
    }

    // As a script in a page asks: with the page's origin, and the page as where it comes from.
    private async Task SeenAsync(Json listing, string page)
    {
        using var request = new HttpRequestMessage(HttpMethod.Get, $"embed/listings/{listing.Text("key")}.html");
        request.Headers.Add("Origin", both.Site.Address.GetLeftPart(UriPartial.Authority));
        request.Headers.Referrer = new Uri(both.Site.Address, page);
        (await _host.Plain().SendAsync(request)).EnsureSuccessStatusCode();
    }

    private Task<Sighting?> AskedAsync(string page)
    {
        var address = new Uri(both.Site.Address, page).AbsoluteUri;
        return Eventually.IsAsync(
            $"{page} looked at",
            () =>
                _host.InDatabaseAsync(database =>
                    database.Sightings.AsNoTracking().SingleOrDefaultAsync(one => one.PageAddress == address)
                ),
            found => found?.ConfirmingAt is not null
        );
    }

    private async Task<string> AddressAsync(Json post) =>
        (await _host.Owner.GetJsonAsync($"{_host.Api}posts/{post.Number("id")}")).Text("address");
}
