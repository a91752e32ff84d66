using Antiphon.Server.Tests.Hosting;

namespace Antiphon.Server.Tests.Posts;

/// <summary>A post that belongs to several categories is found, chosen, fed and renamed by each of them.</summary>
public sealed class SeveralCategoriesTests(AntiphonHost host) : IClassFixture<AntiphonHost>, IAsyncLifetime
{
    private long _post;
    private string _blog = string.Empty;

    public async Task InitializeAsync()
    {
        await host.FreshSiteAsync();
        _blog = (await host.Owner.GetJsonAsync(host.Api + "blogs")).Text("0.key");
        _post = (await SaveAsync("Open dome", "Events", ["Night Log", "events", " Night Log "])).Number("id");
        await SaveAsync("Frost", "Night Log", []);
    }

    public Task DisposeAsync() => Task.CompletedTask;

    [Fact]
    public async Task They_are_kept_each_once_and_left_alone_when_nothing_is_said_of_them()
    {
        Assert.Equal("Night Log", Assert.Single((await PostAsync()).Items("moreCategories")).ToString().Trim('"'));
        await host.Owner.PutJsonAsync(
            $"{host.Api}posts/{_post}",
            new
            {
                blogId = host.Blog,
                title = "Open dome",
                bodyHtml = "<p>x</p>",
                status = "published",
                revision = 1,
                category = "Events",
            }
        );
        Assert.Single((await PostAsync()).Items("moreCategories"));
    }

    [Theory]
    [InlineData("Events", "Open dome")]
    [InlineData("Night Log", "Frost | Open dome")]
    public async Task Lists_pages_and_feeds_know_all_of_them(string category, string titles)
    {
        var name = Uri.EscapeDataString(category);
        Assert.Equal(
            titles,
            string.Join(
                " | ",
                (await host.Owner.GetJsonAsync($"{host.Api}posts?category={name}&sort=title"))
                    .Items("posts")
                    .Select(post => post.Text("title"))
            )
        );
        Assert.Contains("Open dome", await host.Plain().GetStringAsync($"blogs/{_blog}/category/{name}"));
        Assert.Contains("Open dome", await host.Plain().GetStringAsync($"feeds/{_blog}.rss?category={name}"));
        Assert.Contains(
            $"<category>{category}</category>",
            await host.Plain().GetStringAsync($"feeds/{_blog}.rss?category=Events")
        );
    }

    [Fact]
    public async Task A_listing_takes_the_post_by_any_of_them()
    {
        object Terms(params string[] any) =>
            new
            {
                any,
                all = Array.Empty<string>(),
                none = Array.Empty<string>(),
            };
        var details = new
        {
            picture = true,
            excerpt = true,
            date = true,
            author = true,
            category = true,
        };
        var filter = new
        {
            categories = Terms("Night Log"),
            tags = Terms(),
            authors = Array.Empty<string>(),
            featuredOnly = false,
            maxAgeDays = (int?)null,
            withPictureOnly = false,
            titleWords = (string?)null,
        };
        var listing = await host.Owner.PostJsonAsync(
            host.Api + "listings",
            new
            {
                name = "Log",
                definition = new
                {
                    blogs = new[] { host.Blog },
                    count = 5,
                    order = "newest",
                    layout = "lines",
                    heading = "Log",
                    details,
                    filter,
                },
            }
        );
        Assert.Contains("Open dome", await host.Plain().GetStringAsync($"embed/listings/{listing.Text("key")}.html"));
    }

    [Fact]
    public async Task Renaming_reaches_them_wherever_they_stand()
    {
        Assert.Equal(
            2,
            (
                await host.Owner.PostJsonAsync(
                    host.Api + "terms/rename",
                    new
                    {
                        kind = "category",
                        name = "night log",
                        to = "Nights",
                    }
                )
            ).Number("posts")
        );
        Assert.Equal("Nights", Assert.Single((await PostAsync()).Items("moreCategories")).ToString().Trim('"'));
        await host.Owner.PostJsonAsync(
            host.Api + "terms/rename",
            new
            {
                kind = "category",
                name = "Events",
                to = string.Empty,
            }
        );
        var post = await PostAsync();
        Assert.Equal(("Nights", 0), (post.Text("category"), post.Items("moreCategories").Count));
    }

    private Task<Json> PostAsync() => host.Owner.GetJsonAsync($"{host.Api}posts/{_post}");

    private Task<Json> SaveAsync(string title, string category, string[] more) =>
        host.Owner.PostJsonAsync(
            host.Api + "posts",
            new
            {
                blogId = host.Blog,
                title,
                bodyHtml = "<p>x</p>",
                status = "published",
                revision = 0,
                category,
                moreCategories = more,
            }
        );
}
