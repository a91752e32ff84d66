using Antiphon.Server.Tests.Hosting;
using Antiphon.Tests;

namespace Antiphon.Server.Tests.Sites;

/// <summary>Links by which readers pass posts on, below posts and in listings.</summary>
public sealed class ShareWayTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    [Fact]
    public async Task Posts_and_listings_that_show_them_have_the_links_as_soon_as_they_are_named()
    {
        var post = await host.WriteAsync("Fog & frost");
        var definition = System.Text.Json.JsonSerializer.SerializeToNode(host.Definition())!.AsObject();
        var listing = await host.Owner.PostJsonAsync(host.Api + "listings", new { name = "Shared", definition });
        var whole = listing.Root!["definition"]!.DeepClone().AsObject();
        whole["form"]!["share"] = true;
        await host.Owner.PutJsonAsync(
            $"{host.Api}listings/{listing.Number("id")}",
            new { name = "Shared", definition = whole }
        );
        using var reader = host.Plain();
        var fragment = $"embed/listings/{listing.Text("key")}.html";
        Assert.Contains(
            "mailto:?subject=Fog%20%26%20frost",
            await reader.GetStringAsync(fragment),
            StringComparison.Ordinal
        );
        await host.Owner.PutJsonAsync(
            $"{host.Api}share-ways",
            new[] { new { name = "Lantern", address = "https://lantern.example/new?text={title}%20{url}" } }
        );
        foreach (var page in new[] { fragment, new Uri(post.Text("address")).PathAndQuery })
            await Eventually.IsAsync(
                "the link",
                () => reader.GetStringAsync(page),
                html =>
                    html.Contains("https://lantern.example/new?text=Fog%20%26%20frost%20http", StringComparison.Ordinal)
            );
    }

    [Theory]
    [InlineData("", "https://lantern.example/?u={url}", "0.name")]
    [InlineData("Lantern", "https://lantern.example/", "0.address")]
    [InlineData("Lantern", "javascript:alert(1)//{url}", "0.address")]
    public async Task A_place_that_cannot_take_a_post_is_refused_at_its_field(
        string name,
        string address,
        string field
    ) =>
        Assert.Equal(
            [field],
            (
                await (
                    await host.Owner.PutAsync(
                        $"{host.Api}share-ways",
                        System.Net.Http.Json.JsonContent.Create(new[] { new { name, address } })
                    )
                ).ProblemAsync(System.Net.HttpStatusCode.BadRequest)
            ).Names("errors")
        );
}
