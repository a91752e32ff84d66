using System.Net;
using System.Net.Http.Json;
using Antiphon.Server.Tests.Hosting;

namespace Antiphon.Server.Tests.Posts;

public sealed class CalendarTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    [Fact]
    public async Task A_month_shows_posts_on_the_days_of_the_sites_clocks_and_moves_them()
    {
        var post = await ScheduleAsync("Late", "2199-06-30T23:30");
        var draft = await host.WriteAsync("No day yet", "draft");
        var june = await host.Owner.GetJsonAsync(host.Api + "calendar?month=2199-06");
        Assert.Equal(("Late", "2199-06-30T23:30"), (june.Text("entries.0.title"), june.Text("entries.0.local")));
        Assert.Contains("No day yet", june.Items("undated").Select(item => item.Text("title")));
        await host.Owner.PutJsonAsync(
            $"{host.Api}calendar/{post.Number("id")}",
            new { revision = 1, local = "2199-06-12T09:00" }
        );
        Assert.Equal(
            "2199-06-12T09:00",
            (await host.Owner.GetJsonAsync($"{host.Api}posts/{post.Number("id")}")).Text("publishLocal")
        );
        var dated = await host.Owner.PutJsonAsync(
            $"{host.Api}calendar/{draft.Number("id")}",
            new { revision = 1, local = "2199-06-13T09:00" }
        );
        Assert.Equal("scheduled", dated.Text("status"));
    }

    [Fact]
    public async Task What_is_public_or_over_is_not_moved()
    {
        var published = await host.WriteAsync("Out");
        var scheduled = await ScheduleAsync("Soon", "2198-06-01T09:00");
        Assert.Equal(
            HttpStatusCode.BadRequest,
            (await MoveAsync(published.Number("id"), 1, "2199-06-12T09:00")).StatusCode
        );
        Assert.Equal(
            HttpStatusCode.BadRequest,
            (await MoveAsync(scheduled.Number("id"), 1, "2001-06-12T09:00")).StatusCode
        );
        Assert.Equal(
            HttpStatusCode.Conflict,
            (await MoveAsync(scheduled.Number("id"), 7, "2199-06-12T09:00")).StatusCode
        );
        Assert.Equal(
            HttpStatusCode.BadRequest,
            (await host.Owner.GetAsync(host.Api + "calendar?month=June")).StatusCode
        );
    }

    private Task<Json> ScheduleAsync(string title, string local) =>
        host.Owner.PostJsonAsync(
            host.Api + "posts",
            new
            {
                blogId = host.Blog,
                title,
                bodyHtml = "<p>x</p>",
                status = "scheduled",
                revision = 0,
                publishLocal = local,
            }
        );

    private Task<HttpResponseMessage> MoveAsync(long post, int revision, string local) =>
        host.Owner.PutAsJsonAsync($"{host.Api}calendar/{post}", new { revision, local });
}
