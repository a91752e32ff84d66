using System.Net;
using System.Net.Http.Json;
using Antiphon.Server.Tests.Hosting;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Tests.Posts;

/// <summary>From a contributor's draft to what readers see, and two people at one post.</summary>
public sealed class ReviewTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    [Theory]
    [InlineData("published")]
    [InlineData("withdrawn")]
    [InlineData("scheduled")]
    public async Task A_contributor_publishes_nothing(string status)
    {
        using var contributor = await host.MemberAsync("contributor", $"c-{status}@quillmoor.example");
        var refusal = await contributor.RefusedAsync(
            host.Api + "posts",
            Request("Bold", status, 0, local: "2199-01-01T10:00"),
            HttpStatusCode.Forbidden
        );
        Assert.Equal("Writers do not publish.", refusal.Text("title"));
        var published = await host.WriteAsync($"Out already {status}");
        Assert.Equal(
            HttpStatusCode.Forbidden,
            (
                await contributor.PutAsJsonAsync(
                    $"{host.Api}posts/{published.Number("id")}",
                    Request("Mine now", "draft", 1)
                )
            ).StatusCode
        );
    }

    [Fact]
    public async Task A_post_goes_to_a_reviewer_comes_back_with_remarks_and_is_published()
    {
        using var contributor = await host.MemberAsync("contributor", "ida@quillmoor.example");
        using var editor = await host.MemberAsync("editor", "dov@quillmoor.example");
        var reviewer = (await host.Owner.GetJsonAsync(host.Api + "people"))
            .Items()
            .Single(item => item.Text("mail") == "dov@quillmoor.example")
            .Number("personId");
        var post = await contributor.PostJsonAsync(host.Api + "posts", Request("A lens for the corner", "draft", 0));
        var path = $"{host.Api}posts/{post.Number("id")}";
        post = await contributor.PutJsonAsync(
            path,
            Request("A lens for the corner", "inReview", 1, note: "Is the size right?", reviewer: reviewer)
        );
        Assert.Equal(("inReview", "Is the size right?"), (post.Text("status"), post.Text("reviewNote")));
        var remark = await editor.PostJsonAsync(
            path + "/remarks",
            new { passage = "Clear from nine.", text = "Ten, surely?" }
        );
        post = await editor.PutJsonAsync(path, Request("A lens for the corner", "draft", 2, note: "One question."));
        Assert.Equal(("draft", "One question."), (post.Text("status"), post.Text("reviewNote")));
        var notices = await host.InDatabaseAsync(database =>
            database
                .Notices.Include(notice => notice.Mails)
                .OrderBy(notice => notice.Id)
                .Select(notice => new { notice.Title, To = notice.Mails.Select(mail => mail.Address).ToList() })
                .ToListAsync()
        );
        Assert.Contains(notices, notice =>
            notice.Title.Contains("asks you to review", StringComparison.Ordinal)
            && notice.To.SequenceEqual(["dov@quillmoor.example"])
        );
        Assert.Contains(notices, notice =>
            notice.Title.Contains("passed “A lens for the corner” back", StringComparison.Ordinal)
            && notice.To.SequenceEqual(["ida@quillmoor.example"])
        );
        await contributor.PutAsync($"{path}/remarks/{remark.Number("id")}?done=true", null);
        Assert.True((await contributor.GetJsonAsync(path + "/remarks")).Items().Single().Has("doneAt"));
        post = await editor.PutJsonAsync(path, Request("A lens for the corner", "published", 3));
        Assert.Equal("published", post.Text("status"));
    }

    [Fact]
    public async Task Two_who_have_a_post_open_see_each_other()
    {
        using var editor = await host.MemberAsync("editor", "second@quillmoor.example");
        var post = await host.WriteAsync("Open twice", "draft");
        var path = $"{host.Api}posts/{post.Number("id")}/presence";
        Assert.Empty((await host.Owner.PostJsonAsync(path)).Items("others"));
        Assert.Equal("Imogen Tarrant", (await editor.PostJsonAsync(path)).Text("others.0"));
        Assert.Equal("second", (await host.Owner.PostJsonAsync(path)).Text("others.0"));
        await editor.DeleteAsync(path);
        var alone = await host.Owner.PostJsonAsync(path);
        Assert.Empty(alone.Items("others"));
        Assert.Equal((1, "Imogen Tarrant"), (alone.Number("revision"), alone.Text("savedBy")));
    }

    [Fact]
    public async Task A_change_to_a_public_post_waits_until_it_is_ready()
    {
        var post = await host.WriteAsync("Public words");
        var path = $"{host.Api}posts/{post.Number("id")}";
        Assert.Equal(HttpStatusCode.NoContent, (await host.Owner.GetAsync(path + "/waiting")).StatusCode);
        await host.Owner.PutJsonAsync(path + "/waiting", Request("Better words", "published", 1));
        var waiting = await host.Owner.GetJsonAsync(path + "/waiting");
        Assert.Equal(("Better words", "Imogen Tarrant"), (waiting.Text("content.title"), waiting.Text("by")));
        Assert.Equal("Public words", (await host.Owner.GetJsonAsync(path)).Text("title"));
        await host.Owner.PutJsonAsync(path, Request("Better words", "published", 1));
        Assert.Equal(HttpStatusCode.NoContent, (await host.Owner.GetAsync(path + "/waiting")).StatusCode);
    }

    [Fact]
    public async Task A_post_with_comments_off_takes_none()
    {
        var post = await host.WriteAsync("Quiet", "published");
        await host.Owner.PutJsonAsync(
            $"{host.Api}posts/{post.Number("id")}",
            Request("Quiet", "published", 1, details: new { commentsOff = true })
        );
        var page = await host.Plain().GetStringAsync(post.Text("address"));
        Assert.Contains("Comments are closed.", page, StringComparison.Ordinal);
        Assert.DoesNotContain("antiphon-form\"", page, StringComparison.Ordinal);
        var site = (await host.Owner.GetJsonAsync($"api/sites/{host.Site}")).Text("publicKey");
        var key = await host.InDatabaseAsync(database =>
            database.Posts.Where(one => one.Id == post.Number("id")).Select(one => one.Key).SingleAsync()
        );
        using var form = new FormUrlEncodedContent(
            new Dictionary<string, string>
            {
                ["id"] = "post-" + key,
                ["url"] = post.Text("address"),
                ["title"] = "Quiet",
                ["name"] = "Wilf",
                ["mail"] = "",
                ["text"] = "Hello",
                ["website"] = "",
                ["key"] = "",
            }
        );
        Assert.Equal(
            HttpStatusCode.UnprocessableEntity,
            (await host.Plain().PostAsync($"embed/threads/{site}", form)).StatusCode
        );
        Assert.Equal(0, await host.InDatabaseAsync(database => database.Comments.CountAsync()));
    }

    private object Request(
        string title,
        string status,
        long revision,
        string? note = null,
        long? reviewer = null,
        string? local = null,
        object? details = null
    ) =>
        new
        {
            blogId = host.Blog,
            title,
            bodyHtml = "<p>Clear from nine.</p>",
            status,
            revision,
            reviewNote = note,
            reviewerId = reviewer,
            publishLocal = local,
            details,
        };
}
