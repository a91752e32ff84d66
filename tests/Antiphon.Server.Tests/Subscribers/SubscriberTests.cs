using System.Net;
using Antiphon.Server.Tests.Hosting;

namespace Antiphon.Server.Tests.Subscribers;

public sealed class SubscriberTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    [Fact]
    public async Task The_list_pages_through_everybody_once_and_finds_by_part_of_the_address()
    {
        for (var i = 0; i < 105; i++)
            await AddAsync($"paged{i}@fellside.example");
        var first = await host.Owner.GetJsonAsync(host.Api + "subscribers?search=paged");
        var second = await host.Owner.GetJsonAsync($"{host.Api}subscribers?search=paged&before={first.Text("next")}");
        var seen = first
            .Items("subscribers")
            .Concat(second.Items("subscribers"))
            .Select(one => one.Text("mail"))
            .ToList();
        Assert.Equal((105, 105), (seen.Count, seen.Distinct().Count()));
        Assert.Single((await host.Owner.GetJsonAsync(host.Api + "subscribers?search=paged77@")).Items("subscribers"));
    }

    [Fact]
    public async Task Whoever_left_can_be_brought_back()
    {
        await AddAsync("moody@fellside.example");
        var id = (await host.Owner.GetJsonAsync(host.Api + "subscribers?search=moody")).Number("subscribers.0.id");
        await host.Owner.PostJsonAsync($"{host.Api}subscribers/{id}/leave");
        Assert.True((await host.Owner.GetJsonAsync(host.Api + "subscribers?search=moody")).Has("subscribers.0.leftAt"));
        var again = await host.Owner.RefusedAsync(host.Api + "subscribers", new { mail = "moody@fellside.example" });
        Assert.Contains("unsubscribed", again.Text("title"), StringComparison.Ordinal);
        await host.Owner.PostJsonAsync($"{host.Api}subscribers/{id}/return");
        Assert.False(
            (await host.Owner.GetJsonAsync(host.Api + "subscribers?search=moody")).Has("subscribers.0.leftAt")
        );
    }

    [Fact]
    public async Task A_subscriber_of_another_site_does_not_exist()
    {
        await AddAsync("here@fellside.example");
        var id = (await host.Owner.GetJsonAsync(host.Api + "subscribers?search=here@")).Number("subscribers.0.id");
        var other = (
            await host.Owner.PostJsonAsync(
                "api/sites",
                new
                {
                    name = "Other",
                    address = "https://other.example/",
                    timeZone = "UTC",
                    language = "en",
                }
            )
        ).Number("id");
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await host.Owner.PostAsync($"api/sites/{other}/subscribers/{id}/leave", null)).StatusCode
        );
    }

    [Theory]
    [InlineData("wilf@fellside.example, hedda@fellside.example")]
    [InlineData("Wilf <wilf@fellside.example>")]
    [InlineData("wilf@")]
    [InlineData("wilf\r\nBcc: all@fellside.example")]
    public async Task Only_one_plain_address_is_taken(string mail) =>
        Assert.Equal(["mail"], (await host.Owner.RefusedAsync(host.Api + "subscribers", new { mail })).Names("errors"));

    [Fact]
    public async Task An_unknown_link_out_of_the_mails_says_so()
    {
        var answer = await host.Plain().GetAsync("unsubscribe/unknown");
        Assert.Equal(HttpStatusCode.NotFound, answer.StatusCode);
        Assert.Contains("This link is not valid", await answer.Content.ReadAsStringAsync(), StringComparison.Ordinal);
    }

    private Task<Json> AddAsync(string mail) => host.Owner.PostJsonAsync(host.Api + "subscribers", new { mail });
}
