using System.Net;
using Antiphon.Server.Tests.Hosting;
using Antiphon.Tests;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Tests.Posts;

/// <summary>Posts that go out later, on the site's clocks.</summary>
public sealed class SchedulingTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    [Fact]
    public async Task A_schedule_is_kept_as_the_clocks_show_it()
    {
        var post = await ScheduleAsync("Summer", "2199-07-01T09:30");
        Assert.Equal(("scheduled", "2199-07-01T09:30"), (post.Text("status"), post.Text("publishLocal")));
        Assert.StartsWith("2199-07-01T08:30:00", post.Text("publishedAt"), StringComparison.Ordinal);
        Assert.Equal(HttpStatusCode.NotFound, (await host.Plain().GetAsync(post.Text("address"))).StatusCode);
    }

    [Theory]
    [InlineData("2027-03-28T01:30", "will be published at 02:00")]
    [InlineData("2027-10-31T01:30", "the first time")]
    public async Task What_the_clocks_do_that_night_is_said(string local, string words) =>
        Assert.Contains(
            words,
            (await ScheduleAsync($"Night {local}", local)).Text("clockNote"),
            StringComparison.Ordinal
        );

    [Theory]
    [InlineData(null)]
    [InlineData("soon")]
    [InlineData("2020-01-01T10:00")]
    public async Task A_time_that_is_none_or_over_is_refused(string? local)
    {
        var refusal = await host.Owner.RefusedAsync(host.Api + "posts", Request("Never", "scheduled", 0, local));
        Assert.Equal(["publishLocal"], refusal.Names("errors"));
    }

    [Fact]
    public async Task A_site_that_changes_its_zone_keeps_what_its_clocks_show()
    {
        var site = await host.Owner.PostJsonAsync("api/sites", Site("Europe/London"));
        var api = $"api/sites/{site.Number("id")}/";
        var blog = (await host.Owner.PostJsonAsync(api + "blogs", new { name = "Moving" })).Number("id");
        var post = await host.Owner.PostJsonAsync(
            api + "posts",
            new
            {
                blogId = blog,
                title = "Breakfast",
                bodyHtml = "<p>x</p>",
                status = "scheduled",
                revision = 0,
                publishLocal = "2199-01-15T09:00",
            }
        );
        await host.Owner.PutJsonAsync($"api/sites/{site.Number("id")}", Site("America/New_York"));
        var moved = await host.Owner.GetJsonAsync($"{api}posts/{post.Number("id")}");
        Assert.Equal("2199-01-15T09:00", moved.Text("publishLocal"));
        Assert.StartsWith("2199-01-15T14:00:00", moved.Text("publishedAt"), StringComparison.Ordinal);
    }

    [Fact]
    public async Task What_comes_due_is_published_once_with_the_date_it_was_scheduled_for()
    {
        var post = await ScheduleAsync("Due", "2199-01-01T00:00");
        var id = post.Number("id");
        var due = DateTimeOffset.FromUnixTimeSeconds(DateTimeOffset.UtcNow.AddMinutes(-3).ToUnixTimeSeconds());
        await host.InDatabaseAsync(database =>
            database
                .Posts.Where(one => one.Id == id)
                .ExecuteUpdateAsync(set => set.SetProperty(one => one.PublishedAt, due))
        );
        var published = await Eventually.IsAsync(
            "the publication",
            () => host.Owner.GetJsonAsync($"{host.Api}posts/{id}"),
            one => one.Text("status") == "published"
        );
        Assert.Equal(
            due,
            DateTimeOffset.Parse(published.Text("publishedAt"), System.Globalization.CultureInfo.InvariantCulture)
        );
        Assert.Equal(
            1,
            await host.InDatabaseAsync(database => database.Threads.CountAsync(thread => thread.PostId == id))
        );
    }

    [Fact]
    public async Task A_scheduled_post_made_a_draft_again_goes_out_no_more()
    {
        var post = await ScheduleAsync("Taken back", "2199-01-01T00:00");
        var draft = await host.Owner.PutJsonAsync(
            $"{host.Api}posts/{post.Number("id")}",
            Request("Taken back", "draft", 1, null)
        );
        Assert.Equal(
            ("draft", false, false),
            (draft.Text("status"), draft.Has("publishedAt"), draft.Has("publishLocal"))
        );
    }

    private Task<Json> ScheduleAsync(string title, string local) =>
        host.Owner.PostJsonAsync(host.Api + "posts", Request(title, "scheduled", 0, local));

    private object Request(string title, string status, long revision, string? local) =>
        new
        {
            blogId = host.Blog,
            title,
            bodyHtml = "<p>x</p>",
            status,
            revision,
            publishLocal = local,
        };

    private static object Site(string timeZone) =>
        new
        {
            name = "Moving",
            address = "https://moving.example/",
            timeZone,
            language = "en",
        };
}
