using System.Net;
using System.Net.Http.Json;
using Antiphon.Server.Tests.Hosting;

namespace Antiphon.Server.Tests.Feeds.Published;

/// <summary>Settings, archives and the feeds beside those of blogs.</summary>
public sealed class OwnFeedSettingsTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    private static readonly object Usual = Settings();

    public static TheoryData<string> Forms => [".rss", ".atom", ".json"];

    [Fact]
    public async Task Title_length_and_rights_are_as_the_owner_says()
    {
        var (blog, key) = await BlogAsync("Plain", 3);
        await SetAsync(
            "blog",
            blog,
            Settings(
                entries: 2,
                isFullText: false,
                hasHistory: false,
                title: "Nights in short",
                copyright: "© Quillmoor",
                language: "de",
                picture: "https://quillmoor.example/p.png"
            )
        );
        var feed = await FeedAsync($"feeds/{key}.json");
        Assert.Equal(
            ("Nights in short", "de", 2),
            (feed.Text("title"), feed.Text("language"), feed.Items("items").Count)
        );
        var rss = await host.Plain().GetStringAsync($"feeds/{key}.rss");
        Assert.DoesNotContain("content:encoded>", rss, StringComparison.Ordinal);
        Assert.Contains("<copyright>© Quillmoor</copyright>", rss, StringComparison.Ordinal);
        Assert.Contains("<url>https://quillmoor.example/p.png</url>", rss, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_form_that_is_off_leads_to_one_that_is_on()
    {
        var (blog, key) = await BlogAsync("Atom only", 1);
        await SetAsync("blog", blog, Settings(rss: false, json: false));
        var answer = await host.Plain().GetAsync($"feeds/{key}.rss?tag=x");
        Assert.Equal(
            (HttpStatusCode.Found, $"{host.Address}feeds/{key}.atom?tag=x"),
            (answer.StatusCode, answer.Headers.Location!.OriginalString)
        );
        Assert.Equal(HttpStatusCode.OK, (await host.Plain().GetAsync($"feeds/{key}.atom")).StatusCode);
    }

    [Fact]
    public async Task A_feed_that_moved_leads_there_for_good_in_every_form()
    {
        var (blog, key) = await BlogAsync("Moved", 1);
        await SetAsync("blog", blog, Settings(redirectTo: "https://elsewhere.example/feed"));
        foreach (var form in new[] { ".rss", ".atom", ".json" })
        {
            var answer = await host.Plain().GetAsync($"feeds/{key}{form}");
            Assert.Equal(
                (HttpStatusCode.MovedPermanently, "https://elsewhere.example/feed"),
                (answer.StatusCode, answer.Headers.Location!.OriginalString)
            );
        }

        await SetAsync("blog", blog, Usual);
        Assert.Equal(HttpStatusCode.OK, (await host.Plain().GetAsync($"feeds/{key}.rss")).StatusCode);
    }

    [Theory]
    [InlineData("entries", 0, true, true, null, null)]
    [InlineData("entries", 10, true, true, null, null)]
    [InlineData("asRss", 25, true, false, null, null)]
    [InlineData("language", 25, true, true, "englisch!", null)]
    [InlineData("redirectTo", 25, true, true, null, "somewhere")]
    public async Task Bad_settings_are_refused_by_field(
        string field,
        int entries,
        bool history,
        bool forms,
        string? language,
        string? redirectTo
    )
    {
        var (blog, _) = await BlogAsync("Refused", 0);
        var answer = await host.Owner.PutAsJsonAsync(
            $"{host.Api}feeds/blog/{blog}",
            Settings(
                entries,
                hasHistory: history,
                rss: forms,
                atom: forms,
                json: forms,
                language: language,
                redirectTo: redirectTo
            )
        );
        Assert.True((await answer.ProblemAsync(HttpStatusCode.BadRequest)).Has($"errors.{field}"));
    }

    [Fact]
    public async Task A_feed_cannot_lead_to_itself()
    {
        var (blog, key) = await BlogAsync("Round", 0);
        var answer = await host.Owner.PutAsJsonAsync(
            $"{host.Api}feeds/blog/{blog}",
            Settings(redirectTo: $"{host.Address}feeds/{key}.atom")
        );
        Assert.True((await answer.ProblemAsync(HttpStatusCode.BadRequest)).Has("errors.redirectTo"));
    }

    [Theory]
    [MemberData(nameof(Forms))]
    public async Task Archives_lead_back_to_the_first_post_and_pass_our_check(string form)
    {
        var (_, key) = await BlogAsync("Long" + form, 53);
        var (address, met) = ($"feeds/{key}{form}", new HashSet<string>());
        for (var at = 0; at < 5 && address is not null; at++)
        {
            var (feed, next) = await ReadAsync(address, at > 0 && form != ".json");
            met.UnionWith(feed);
            address = next;
        }

        Assert.Equal(53, met.Count);
        Assert.Equal(HttpStatusCode.NotFound, (await host.Plain().GetAsync($"feeds/{key}/3{form}")).StatusCode);
    }

    [Theory]
    [MemberData(nameof(Forms))]
    public async Task A_listing_has_a_feed_of_the_posts_it_shows(string form)
    {
        await host.WriteAsync("In the listing");
        var listing = await host.ListAsync();
        var text = await CheckedAsync($"feeds/listings/{listing.Text("key")}{form}");
        Assert.Contains("In the listing", text, StringComparison.Ordinal);
    }

    [Theory]
    [MemberData(nameof(Forms))]
    public async Task Comments_of_a_post_and_of_the_site_have_feeds(string form)
    {
        var post = await host.WriteAsync("Talked about");
        await CommentAsync(post, "Clear here <b>too</b>");
        var site = (await host.Owner.GetJsonAsync($"api/sites/{host.Site}")).Text("publicKey");
        Assert.Contains(
            "Clear here",
            await CheckedAsync($"feeds/comments/{site}/{KeyOf(post)}{form}"),
            StringComparison.Ordinal
        );
        Assert.Contains("Clear here", await CheckedAsync($"feeds/comments/{site}{form}"), StringComparison.Ordinal);
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await host.Plain().GetAsync($"feeds/comments/{site}/unknown{form}")).StatusCode
        );
    }

    [Fact]
    public async Task A_post_tells_its_comments_and_where_they_are_followed()
    {
        var post = await host.WriteAsync("Counted");
        await CommentAsync(post, "One");
        var key = (await host.Owner.GetJsonAsync(host.Api + "blogs"))
            .Items()
            .First(blog => blog.Number("id") == host.Blog)
            .Text("key");
        var atom = await host.Plain().GetStringAsync($"feeds/{key}.atom");
        Assert.Contains($"/{KeyOf(post)}.atom\" type=\"application/atom+xml\"", atom, StringComparison.Ordinal);
        Assert.Contains("<thr:total>1</thr:total>", atom, StringComparison.Ordinal);
    }

    [Fact]
    public async Task All_feeds_stand_in_one_list()
    {
        var all = await host.Owner.GetJsonAsync(host.Api + "feeds/all");
        var list = await host.Plain().GetStringAsync(all.Text("listAddress"));
        Assert.All(all.Items("feeds").Where(feed => !feed.Has("settings.redirectTo")), feed =>
            Assert.Contains(
                feed.Text(feed.Text("settings.asRss") == "true" ? "rss" : "atom"),
                list,
                StringComparison.Ordinal
            )
        );
    }

    private static string KeyOf(Json post) => post.Text("address").Split('/')[^2];

    private async Task CommentAsync(Json post, string text)
    {
        var id = post.Number("id");
        var thread = await host.InDatabaseAsync(async database =>
        {
            var found = database.Threads.Single(thread => thread.PostId == id);
            database.Comments.Add(
                new()
                {
                    Key = Guid.NewGuid().ToString("N")[..12],
                    SiteId = host.Site,
                    ThreadId = found.Id,
                    Author = "Nell",
                    Text = text,
                    Html = $"<p>{text}</p>",
                    Standing = Antiphon.Core.Comments.CommentStanding.Public,
                    CreatedAt = DateTimeOffset.UtcNow,
                }
            );
            await database.SaveChangesAsync();
            return found.Id;
        });
        Assert.True(thread > 0);
    }

    private async Task<(List<string> Titles, string? Next)> ReadAsync(string address, bool isArchive)
    {
        var text = await CheckedAsync(address);
        var feed = Antiphon.Core.Feeds.Reading.FeedReader.Read(text, new()).Feed!;
        Assert.Equal(isArchive, feed.Paging.IsArchive);
        var next = feed.Paging.PreviousArchive
            ?? (address.EndsWith(".json", StringComparison.Ordinal) ? feed.Paging.Next : null);
        return ([.. feed.Items.Select(item => item.Title!)], next);
    }

    /// <summary>A feed of ours, which must pass our own check without a warning.</summary>
    private async Task<string> CheckedAsync(string address)
    {
        var answer = await host.Plain().GetAsync(address);
        var content = await answer.Content.ReadAsByteArrayAsync();
        using var bytes = new ByteArrayContent(content);
        bytes.Headers.ContentType = answer.Content.Headers.ContentType;
        var check = await HttpTalk.GoodAsync(await host.Owner.PostAsync("api/feeds/check", bytes));
        Assert.Equal((address, "valid", "[]"), (address, check.Text("verdict"), check.Text("findings")));
        return System.Text.Encoding.UTF8.GetString(content);
    }

    private async Task<(long Id, string Key)> BlogAsync(string name, int posts)
    {
        var blog = await host.Owner.PostJsonAsync(host.Api + "blogs", new { name, description = "Nights" });
        for (var number = 1; number <= posts; number++)
            await host.Owner.PostJsonAsync(
                host.Api + "posts",
                new
                {
                    blogId = blog.Number("id"),
                    title = $"{name} {number}",
                    bodyHtml = "<p>Clear.</p>",
                    status = "published",
                    revision = 0,
                }
            );
        return (blog.Number("id"), blog.Text("key"));
    }

    private async Task<Json> FeedAsync(string path) =>
        new(System.Text.Json.Nodes.JsonNode.Parse(await host.Plain().GetStringAsync(path)));

    private Task<Json> SetAsync(string subject, long id, object settings) =>
        host.Owner.PutJsonAsync($"{host.Api}feeds/{subject}/{id}", settings);

    private static object Settings(
        int entries = 25,
        bool isFullText = true,
        bool hasHistory = true,
        bool rss = true,
        bool atom = true,
        bool json = true,
        string? title = null,
        string? copyright = null,
        string? language = null,
        string? picture = null,
        string? redirectTo = null
    ) =>
        new
        {
            entries,
            isFullText,
            hasHistory,
            asRss = rss,
            asAtom = atom,
            asJson = json,
            title,
            description = (string?)null,
            pictureAddress = picture,
            language,
            copyright,
            redirectTo,
        };
}
