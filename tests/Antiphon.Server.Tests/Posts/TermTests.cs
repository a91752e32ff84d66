using Antiphon.Server.Tests.Hosting;

namespace Antiphon.Server.Tests.Posts;

/// <summary>Categories in their tree, tags, authors, and a blog's own fields.</summary>
public sealed class TermTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    [Fact]
    public async Task A_category_is_placed_and_no_circle_can_be_closed()
    {
        await KeepAsync("Observing", null);
        await KeepAsync("Deep sky", "Observing");
        await KeepAsync("Galaxies", "Deep sky");
        var galaxies = (await host.Owner.GetJsonAsync(host.Api + "terms"))
            .Items("categories")
            .Single(item => item.Text("name") == "Galaxies");
        Assert.Equal(["Observing", "Deep sky", "Galaxies"], galaxies.Items("path").Select(one => one.Root!.ToString()));
        using var circle = System.Net.Http.Json.JsonContent.Create(new { name = "Observing", above = "Galaxies" });
        var refusal = await (await host.Owner.PutAsync(host.Api + "terms/categories", circle)).ProblemAsync(
            System.Net.HttpStatusCode.BadRequest
        );
        Assert.Equal(["above"], refusal.Names("errors"));
    }

    [Fact]
    public async Task A_new_name_reaches_every_post_and_two_names_become_one()
    {
        await WriteAsync("Frost one", "Rime", ["rime", "cold"], "P. Lindqvist");
        await WriteAsync("Frost two", "Hoar", ["hoar"], "Priya Lindqvist");
        Assert.Equal(("1", "true"), await RenameAsync("tag", "Rime", "hoar"));
        Assert.Equal(("1", "true"), await RenameAsync("category", "rime", "Hoar"));
        Assert.Equal(("1", "true"), await RenameAsync("author", "P. Lindqvist", "Priya Lindqvist"));
        var found = (
            await host.Owner.GetJsonAsync($"{host.Api}posts?tag=hoar&category=Hoar&author=Priya%20Lindqvist")
        ).Items("posts");
        Assert.Equal(2, found.Count);
        Assert.Equal(("2", "false"), await RenameAsync("tag", "hoar", ""));
        Assert.Empty((await host.Owner.GetJsonAsync($"{host.Api}posts?tag=hoar")).Items("posts"));
    }

    [Fact]
    public async Task A_guest_is_described_once_for_all_posts()
    {
        await host.Owner.PutJsonAsync(
            host.Api + "terms/authors",
            new
            {
                name = "Ida Marsh",
                about = "Counts meteors and draws them.",
                link = "https://ida.example/",
            }
        );
        var ida = (await host.Owner.GetJsonAsync(host.Api + "terms"))
            .Items("authors")
            .Single(item => item.Text("name") == "Ida Marsh");
        Assert.Equal(("Counts meteors and draws them.", 0), (ida.Text("about"), ida.Number("posts")));
        using var wrong = System.Net.Http.Json.JsonContent.Create(new { name = "Ida Marsh", link = "ida" });
        Assert.Equal(
            ["link"],
            (
                await (await host.Owner.PutAsync(host.Api + "terms/authors", wrong)).ProblemAsync(
                    System.Net.HttpStatusCode.BadRequest
                )
            ).Names("errors")
        );
    }

    [Fact]
    public async Task A_blog_has_fields_of_its_own_which_its_posts_fill()
    {
        var blog = (await host.Owner.PostJsonAsync(host.Api + "blogs", new { name = "Observations" })).Number("id");
        var fields = await FieldsAsync(
            blog,
            Field("Instrument", "text", required: true),
            Field("Seeing", "choice", choices: ["good", "poor"]),
            Field("Aperture", "number", unit: "mm")
        );
        Assert.Equal(["instrument", "seeing", "aperture"], fields.Items().Select(one => one.Text("key")));
        object Post(string status, params (string Key, string Value)[] values) =>
            new
            {
                blogId = blog,
                title = "M 31",
                bodyHtml = "<p>x</p>",
                status,
                revision = 0,
                ownValues = values.Select(one => new { key = one.Key, value = one.Value }),
            };
        var refusal = await host.Owner.RefusedAsync(
            host.Api + "posts",
            Post("published", ("seeing", "splendid"), ("aperture", "wide"))
        );
        Assert.Equal(
            ["ownValues.aperture", "ownValues.instrument", "ownValues.seeing"],
            refusal.Names("errors").Order()
        );
        var draft = await host.Owner.PostJsonAsync(host.Api + "posts", Post("draft"));
        Assert.Empty(draft.Items("ownValues"));
        var post = await host.Owner.PostJsonAsync(
            host.Api + "posts",
            Post("published", ("instrument", "Refractor"), ("seeing", "GOOD"), ("aperture", "102,5"))
        );
        Assert.Equal(["Refractor", "good", "102.5"], post.Items("ownValues").Select(item => item.Text("value")));
    }

    [Fact]
    public async Task Values_come_back_with_a_field_that_was_taken_away()
    {
        var blog = (await host.Owner.PostJsonAsync(host.Api + "blogs", new { name = "Changing" })).Number("id");
        await FieldsAsync(blog, Field("Instrument", "text"));
        var post = await host.Owner.PostJsonAsync(
            host.Api + "posts",
            new
            {
                blogId = blog,
                title = "M 31",
                bodyHtml = "<p>x</p>",
                status = "draft",
                revision = 0,
                ownValues = new[] { new { key = "instrument", value = "Refractor" } },
            }
        );
        await FieldsAsync(blog);
        var saved = await host.Owner.PutJsonAsync(
            $"{host.Api}posts/{post.Number("id")}",
            new
            {
                blogId = blog,
                title = "M 31",
                bodyHtml = "<p>y</p>",
                status = "draft",
                revision = 1,
                ownValues = Array.Empty<object>(),
            }
        );
        Assert.Equal("Refractor", saved.Text("ownValues.0.value"));
    }

    [Theory]
    [InlineData("", "text", "0.label")]
    [InlineData("Seeing", "choice", "0.choices")]
    public async Task A_field_that_makes_no_sense_is_refused(string label, string kind, string name)
    {
        using var content = System.Net.Http.Json.JsonContent.Create(new[] { Field(label, kind) });
        Assert.Equal(
            [name],
            (
                await (await host.Owner.PutAsync($"{host.Api}blogs/{host.Blog}/fields", content)).ProblemAsync(
                    System.Net.HttpStatusCode.BadRequest
                )
            ).Names("errors")
        );
    }

    private static object Field(
        string label,
        string kind,
        string[]? choices = null,
        string? unit = null,
        bool required = false
    ) =>
        new
        {
            key = "",
            label,
            kind,
            choices = choices ?? [],
            unit,
            isRequired = required,
            isPublic = true,
        };

    private Task<Json> FieldsAsync(long blog, params object[] fields) =>
        host.Owner.PutJsonAsync($"{host.Api}blogs/{blog}/fields", fields);

    private Task<Json> KeepAsync(string name, string? above) =>
        host.Owner.PutJsonAsync(host.Api + "terms/categories", new { name, above });

    private Task<Json> WriteAsync(string title, string category, string[] tags, string author) =>
        host.Owner.PostJsonAsync(
            host.Api + "posts",
            new
            {
                blogId = host.Blog,
                title,
                bodyHtml = "<p>x</p>",
                status = "draft",
                revision = 0,
                category,
                tags,
                author,
            }
        );

    private async Task<(string Posts, string Merged)> RenameAsync(string kind, string name, string to)
    {
        var result = await host.Owner.PostJsonAsync(
            host.Api + "terms/rename",
            new
            {
                kind,
                name,
                to,
            }
        );
        return (result.Text("posts"), result.Text("merged"));
    }
}
