using System.Net;
using Antiphon.Server.Tests.Hosting;

namespace Antiphon.Server.Tests.Posts;

/// <summary>What posts were.</summary>
public sealed class PostVersionTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    [Fact]
    public async Task Saves_of_one_sitting_are_one_version_and_what_was_public_is_kept()
    {
        var post = await host.WriteAsync("First words", "draft", "<p>One</p>");
        post = await SaveAsync(post, "First words", "<p>One two</p>", "draft");
        Assert.Single(await VersionsAsync(post));
        post = await SaveAsync(post, "First words", "<p>One two three</p>", "published");
        post = await SaveAsync(post, "Second words", "<p>Four</p>", "published");
        var versions = await VersionsAsync(post);
        Assert.Equal(["true", "true", "false"], versions.Select(version => version.Text("wasPublic")));
        Assert.Equal(["Second words", "First words", "First words"], versions.Select(version => version.Text("title")));
        Assert.Equal("Imogen Tarrant", versions[0].Text("by"));
        var full = await host.Owner.GetJsonAsync(
            $"{host.Api}posts/{post.Number("id")}/versions/{versions[1].Number("id")}"
        );
        Assert.Equal("<p>One two three</p>", full.Text("bodyHtml"));
    }

    [Fact]
    public async Task A_post_from_before_versions_is_kept_as_it_was_at_its_next_save()
    {
        var post = await host.WriteAsync("Old words", body: "<p>Old</p>");
        var id = post.Number("id");
        await host.InDatabaseAsync(async database =>
        {
            database.PostVersions.RemoveRange(database.PostVersions.Where(version => version.PostId == id));
            return await database.SaveChangesAsync();
        });
        await SaveAsync(post, "New words", "<p>New</p>", "published");
        var versions = await VersionsAsync(post);
        Assert.Equal(["New words", "Old words"], versions.Select(version => version.Text("title")));
        Assert.Equal(("true", false), (versions[1].Text("wasPublic"), versions[1].Has("by")));
    }

    [Fact]
    public async Task A_save_that_is_refused_makes_no_version()
    {
        var post = await host.WriteAsync("Contested", "draft");
        await SaveAsync(post, "Contested", "<p>Mine</p>", "draft");
        using var stale = System.Net.Http.Json.JsonContent.Create(
            Request("Contested", "<p>Yours</p>", "draft", post.Number("revision"))
        );
        Assert.Equal(
            HttpStatusCode.Conflict,
            (await host.Owner.PutAsync($"{host.Api}posts/{post.Number("id")}", stale)).StatusCode
        );
        var version = Assert.Single(await VersionsAsync(post)).Number("id");
        Assert.Equal(
            "<p>Mine</p>",
            (await host.Owner.GetJsonAsync($"{host.Api}posts/{post.Number("id")}/versions/{version}")).Text("bodyHtml")
        );
    }

    [Fact]
    public async Task Versions_of_another_post_are_not_found()
    {
        var (one, other) = (await host.WriteAsync("One"), await host.WriteAsync("Other"));
        var version = (await VersionsAsync(one))[0].Number("id");
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await host.Owner.GetAsync($"{host.Api}posts/{other.Number("id")}/versions/{version}")).StatusCode
        );
    }

    private object Request(string title, string body, string status, long revision) =>
        new
        {
            blogId = host.Blog,
            title,
            bodyHtml = body,
            status,
            revision,
        };

    private Task<Json> SaveAsync(Json post, string title, string body, string status) =>
        host.Owner.PutJsonAsync(
            $"{host.Api}posts/{post.Number("id")}",
            Request(title, body, status, post.Number("revision"))
        );

    private async Task<IReadOnlyList<Json>> VersionsAsync(Json post) =>
        (await host.Owner.GetJsonAsync($"{host.Api}posts/{post.Number("id")}/versions")).Items();
}
