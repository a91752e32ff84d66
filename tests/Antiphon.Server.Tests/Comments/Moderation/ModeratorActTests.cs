using System.Net;
using System.Net.Http.Json;
using Antiphon.Server.Tests.Hosting;

namespace Antiphon.Server.Tests.Comments.Moderation;

/// <summary>What moderators do beside deciding.</summary>
public sealed class ModeratorActTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    private const string Device = "device-one-0123456789";

    [Fact]
    public async Task A_deleted_comment_leaves_the_thread_and_comes_back()
    {
        var (thread, id) = await OneAsync("public");
        await DecideAsync(id, "deleted", "public");
        Assert.Empty((await thread.JsonAsync()).Items("comments"));
        await DecideAsync(id, "public", "deleted");
        Assert.Single((await thread.JsonAsync()).Items("comments"));
    }

    [Fact]
    public async Task What_is_gone_keeps_its_place_while_others_answer_it()
    {
        var (thread, id) = await OneAsync("public");
        await host.Owner.PostJsonAsync(Path(id, "answer"), new { text = "North-east." });
        await DecideAsync(id, "deleted", "public");
        var comments = (await thread.JsonAsync()).Items("comments");
        Assert.Equal(["true", "false"], comments.Select(comment => comment.Text("isGone")));
        Assert.Equal(["", "Imogen Tarrant"], comments.Select(one => one.Text("author")));
        Assert.Equal(["0", "1"], comments.Select(one => one.Text("depth")));
        var html = await thread.HtmlAsync();
        Assert.Contains("This comment is not available.", html, StringComparison.Ordinal);
        Assert.DoesNotContain("Which way", html, StringComparison.Ordinal);
    }

    [Fact]
    public async Task An_edit_is_marked_and_what_was_before_stands_in_the_record()
    {
        var (thread, id) = await OneAsync("public");
        await GoodAsync(host.Owner.PutAsJsonAsync(Path(id, "text"), new { text = "Which way did you face?" }));
        var html = await thread.HtmlAsync();
        Assert.Contains("Which way did you face?", html, StringComparison.Ordinal);
        Assert.Contains("edited by the team", html, StringComparison.Ordinal);
        var deed = (await RecordAsync(id))[0];
        Assert.Equal(
            ("edited", "Which way were you facing?", "Which way did you face?", "Imogen Tarrant"),
            (deed.Text("kind"), deed.Text("before"), deed.Text("after"), deed.Text("personName"))
        );
        Assert.Equal(
            ["text"],
            (
                await (await host.Owner.PutAsJsonAsync(Path(id, "text"), new { text = " " })).ProblemAsync(
                    HttpStatusCode.BadRequest
                )
            ).Names("errors")
        );
    }

    [Fact]
    public async Task A_comment_moves_with_its_answers_and_back()
    {
        var (from, id) = await OneAsync("public");
        await host.Owner.PostJsonAsync(Path(id, "answer"), new { text = "North-east." });
        var (to, other) = await OneAsync("public");
        var thread = (await host.Owner.GetJsonAsync(Path(other, "conversation"))).Number("threadId");
        var before = await host.Owner.PutJsonAsync(Path(id, "place"), new { threadId = thread });
        Assert.Equal(
            (0, 3),
            ((await from.JsonAsync()).Items("comments").Count, (await to.JsonAsync()).Items("comments").Count)
        );
        Assert.Equal("3 comments", (await to.CountsAsync()).Text($"{to.Identifier}.words"));
        await host.Owner.PutJsonAsync(Path(id, "place"), new { threadId = before.Number("threadId") });
        Assert.Equal(["0", "1"], (await from.JsonAsync()).Items("comments").Select(item => item.Text("depth")));
    }

    [Fact]
    public async Task Nothing_stands_below_itself_or_in_another_sites_thread()
    {
        var (_, id) = await OneAsync("public");
        var answer = (await host.Owner.PostJsonAsync(Path(id, "answer"), new { text = "North-east." })).Number("id");
        var thread = (await host.Owner.GetJsonAsync(Path(id, "conversation"))).Number("threadId");
        Assert.Equal(
            ["parentId"],
            (
                await (
                    await host.Owner.PutAsJsonAsync(Path(id, "place"), new { threadId = thread, parentId = answer })
                ).ProblemAsync(HttpStatusCode.BadRequest)
            ).Names("errors")
        );
        Assert.Equal(
            ["threadId"],
            (
                await (await host.Owner.PutAsJsonAsync(Path(id, "place"), new { threadId = 999_999 })).ProblemAsync(
                    HttpStatusCode.BadRequest
                )
            ).Names("errors")
        );
    }

    [Fact]
    public async Task A_colleague_is_asked_and_finds_it_and_notes_stay_within_the_team()
    {
        var (thread, id) = await OneAsync("waiting");
        var me = (await host.Owner.GetJsonAsync(host.Api + "people")).Items()[0].Number("personId");
        await GoodAsync(host.Owner.PutAsJsonAsync(Path(id, "assignee"), new { personId = me }));
        Assert.Equal(
            id,
            Assert
                .Single((await host.Owner.GetJsonAsync($"{host.Api}comments?choice=mine")).Items("comments"))
                .Number("id")
        );
        var note = await host.Owner.PostJsonAsync(Path(id, "notes"), new { text = "Is this the owl again?" });
        Assert.Equal(
            "Is this the owl again?",
            (await host.Owner.GetJsonAsync(Path(id, "conversation"))).Text("case.notes.0.text")
        );
        Assert.DoesNotContain("owl again", await thread.HtmlAsync(), StringComparison.Ordinal);
        await GoodAsync(host.Owner.DeleteAsync($"{Path(id, "notes")}/{note.Number("id")}"));
        await GoodAsync(host.Owner.PutAsJsonAsync(Path(id, "assignee"), new { personId = (long?)null }));
        Assert.Empty((await host.Owner.GetJsonAsync($"{host.Api}comments?choice=mine")).Items("comments"));
    }

    [Fact]
    public async Task A_ban_by_mail_takes_what_was_written_before_and_puts_aside_what_comes()
    {
        var (thread, id) = await OneAsync("waiting", "deals@bulk.example");
        await thread.WriteAsync("Deals", "Another one.", "deals@bulk.example");
        var made = await host.Owner.PostJsonAsync(
            Path(id, "mark"),
            new
            {
                mark = "banned",
                by = "mail",
                past = "hidden",
            }
        );
        Assert.Equal((2, 2), (made.Items("decided").Count, await thread.CountAsync("hidden")));
        await thread.WriteAsync("Other name", "A third.", "DEALS@bulk.example");
        var third = Assert.Single(await thread.QueueAsync("spam"));
        Assert.Equal(("ban", "deals@bulk.example"), (third.Text("trace.step"), third.Text("trace.found")));
        await GoodAsync(host.Owner.DeleteAsync($"{host.Api}comments/marks/{made.Number("id")}"));
        await thread.WriteAsync("Deals", "A fourth.", "deals@bulk.example");
        Assert.Equal(1, await thread.CountAsync("waiting"));
    }

    [Theory]
    [InlineData("host", "bargain-lens.example", "see http://www.bargain-lens.example/x", "nobody", true)]
    [InlineData("host", "bargain-lens.example", "see http://lens.example/x", "nobody", false)]
    [InlineData("name", null, "Plain.", "Deal Man", true)]
    [InlineData("name", null, "Plain.", "Deal Woman", false)]
    public async Task A_ban_holds_for_what_it_is_told_by(
        string by,
        string? name,
        string text,
        string author,
        bool isHeld
    )
    {
        var thread = await ThreadTalk.NewAsync(host, "https://quillmoor.example/bans");
        await thread.WriteAsync("Deal Man", "see http://bargain-lens.example/now");
        var id = (await thread.QueueAsync("waiting"))[0].Number("id");
        var made = await host.Owner.PostJsonAsync(
            Path(id, "mark"),
            new
            {
                mark = "banned",
                by,
                host = name,
            }
        );
        await thread.WriteAsync(author, text);
        Assert.Equal(isHeld ? 1 : 0, await thread.CountAsync("spam"));
        await GoodAsync(host.Owner.DeleteAsync($"{host.Api}comments/marks/{made.Number("id")}"));
    }

    [Fact]
    public async Task A_ban_goes_with_the_device_and_not_with_whoever_types_the_same_mail()
    {
        const string Spammer = "device-spam-0123456789";
        const string Reader = "device-wilf-0123456789";
        var thread = await ThreadTalk.NewAsync(host, "https://quillmoor.example/typed");
        Task<HttpResponseMessage> WriteAsync(string device, string mail, string text) =>
            thread.SendAsync(string.Empty, ("name", "Somebody"), ("mail", mail), ("text", text), ("device", device));
        await GoodAsync(WriteAsync(Spammer, "wilf@fellside.example", "Buy a dome, says Wilf."));
        var id = (await thread.QueueAsync("waiting"))[0].Number("id");
        var made = await host.Owner.PostJsonAsync(
            Path(id, "mark"),
            new
            {
                mark = "banned",
                by = "mail",
                past = "spam",
            }
        );
        await GoodAsync(WriteAsync(Reader, "wilf@fellside.example", "That was not me."));
        await GoodAsync(WriteAsync(Spammer, "other@fellside.example", "Buy two domes."));
        Assert.Equal(["That was not me."], (await thread.QueueAsync("waiting")).Select(one => one.Text("start")));
        Assert.Equal(2, await thread.CountAsync("spam"));
        await GoodAsync(host.Owner.DeleteAsync($"{host.Api}comments/marks/{made.Number("id")}"));
    }

    [Fact]
    public async Task A_ban_of_a_place_ends_after_thirty_days_at_most_and_no_address_is_told()
    {
        var (thread, id) = await OneAsync("waiting");
        var made = await host.Owner.PostJsonAsync(
            Path(id, "mark"),
            new
            {
                mark = "banned",
                by = "place",
                until = DateTimeOffset.UtcNow.AddDays(300),
            }
        );
        Assert.True(DateTimeOffset.Parse(made.Text("until"), null) <= DateTimeOffset.UtcNow.AddDays(30));
        await thread.WriteAsync("Neighbour", "From the same house.");
        Assert.Equal(1, await thread.CountAsync("spam"));
        Assert.DoesNotContain(
            "127.0.0.1",
            (await host.Owner.GetJsonAsync($"{host.Api}comments/marks")).ToString(),
            StringComparison.Ordinal
        );
        await GoodAsync(host.Owner.DeleteAsync($"{host.Api}comments/marks/{made.Number("id")}"));
    }

    [Fact]
    public async Task Trust_goes_by_mail_and_by_the_device_that_wrote_before()
    {
        var thread = await ThreadTalk.NewAsync(host, "https://quillmoor.example/trust");
        await SendAsync(thread, "Wilf Ormerod", "First.", "wilf@fellside.example", Device);
        var id = (await thread.QueueAsync("waiting"))[0].Number("id");
        await DecideAsync(id, "public", "waiting");
        Assert.Equal(
            ["by"],
            (await host.Owner.RefusedAsync(Path(id, "mark"), new { mark = "trusted", by = "place" })).Names("errors")
        );
        await host.Owner.PostJsonAsync(Path(id, "mark"), new { mark = "trusted", by = "mail" });
        await SendAsync(thread, "Wilf Ormerod", "Second.", "wilf@fellside.example", Device);
        Assert.Equal(2, await thread.CountAsync("public"));
        // Somebody else may type the mail, but not on that device.
        await SendAsync(thread, "Wilf Ormerod", "Not Wilf.", "wilf@fellside.example", "device-two-0123456789");
        Assert.Equal("Not Wilf.", Assert.Single(await thread.QueueAsync("waiting")).Text("start"));
    }

    [Fact]
    public async Task Erasing_removes_every_trace_of_the_person_and_keeps_the_place()
    {
        var (thread, id) = await OneAsync("public", "ida@reader.example");
        await host.Owner.PostJsonAsync(Path(id, "answer"), new { text = "North-east." });
        await GoodAsync(host.Owner.PutAsJsonAsync(Path(id, "text"), new { text = "Which way did you face?" }));
        await host.Owner.PostJsonAsync(Path(id, "notes"), new { text = "Ida again." });
        await GoodAsync(host.Owner.PostAsJsonAsync(Path(id, "erasure"), new { }));
        var known =
            (await host.Owner.GetJsonAsync(Path(id, "conversation"))).ToString()
            + (await host.Owner.GetJsonAsync($"{host.Api}comments/record?comment={id}"));
        foreach (var gone in new[] { "ida@reader.example", "Wilf Ormerod", "Which way", "Ida again" })
            Assert.DoesNotContain(gone, known, StringComparison.Ordinal);
        Assert.Equal(2, (await thread.JsonAsync()).Items("comments").Count);
    }

    [Fact]
    public async Task A_whole_thread_is_cleared_and_brought_back()
    {
        var (thread, id) = await OneAsync("public");
        await thread.WriteAsync("Hedda Voss", "Second.");
        var (other, _) = await OneAsync("public");
        var number = (await host.Owner.GetJsonAsync(Path(id, "conversation"))).Number("threadId");
        var done = await host.Owner.PostJsonAsync($"{host.Api}threads/{number}/clear", new { standing = "hidden" });
        Assert.Equal(
            (2, 2, 1),
            (done.Items("decided").Count, await thread.CountAsync("hidden"), await other.CountAsync("public"))
        );
        await host.Owner.PostJsonAsync(
            $"{host.Api}comments/decisions",
            new
            {
                decisions = done.Items("decided")
                    .Select(item => new
                    {
                        id = item.Number("id"),
                        standing = item.Text("before"),
                        before = item.Text("standing"),
                    })
                    .ToList(),
            }
        );
        Assert.Equal((1, 1), (await thread.CountAsync("public"), await thread.CountAsync("waiting")));
    }

    [Fact]
    public async Task Who_looks_at_a_comment_is_told_to_the_others()
    {
        var (_, id) = await OneAsync("waiting");
        using var colleague = await host.MemberAsync("moderator", $"looking-{Guid.NewGuid():N}@quillmoor.example");
        await colleague.PutJsonAsync(Path(id, "look"), new { });
        Assert.Contains(
            "looking-",
            (await host.Owner.PutJsonAsync(Path(id, "look"), new { })).Items().Single().ToString(),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public async Task A_choice_is_kept_for_the_person_alone()
    {
        var view = await host.Owner.PostJsonAsync(
            $"{host.Api}comments/views",
            new { name = "With links", query = "choice=withLinks" }
        );
        using var colleague = await host.MemberAsync("moderator", $"views-{Guid.NewGuid():N}@quillmoor.example");
        Assert.Empty((await colleague.GetJsonAsync($"{host.Api}comments/views")).Items());
        Assert.Equal("choice=withLinks", (await host.Owner.GetJsonAsync($"{host.Api}comments/views")).Text("0.query"));
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await colleague.DeleteAsync($"{host.Api}comments/views/{view.Number("id")}")).StatusCode
        );
        await GoodAsync(host.Owner.DeleteAsync($"{host.Api}comments/views/{view.Number("id")}"));
        Assert.Equal(
            ["name"],
            (await host.Owner.RefusedAsync($"{host.Api}comments/views", new { name = " ", query = "" })).Names("errors")
        );
    }

    [Theory]
    [InlineData("withLinks", "see http://a.example", true)]
    [InlineData("withLinks", "no link", false)]
    [InlineData("newWriters", "no link", true)]
    [InlineData("reported", "no link", false)]
    [InlineData("likelySpam", "no link", false)]
    public async Task The_queue_is_narrowed(string choice, string text, bool isShown)
    {
        var thread = await ThreadTalk.NewAsync(host, "https://quillmoor.example/choices");
        await thread.WriteAsync("Joan Farthing", text);
        var id = (await thread.QueueAsync("waiting"))[0].Number("id");
        Assert.Equal(
            isShown,
            (await host.Owner.GetJsonAsync($"{host.Api}comments?choice={choice}"))
                .Items("comments")
                .Any(item => item.Number("id") == id)
        );
        Assert.Contains(
            (await host.Owner.GetJsonAsync($"{host.Api}comments?choice=reported&comment={id}")).Items("comments"),
            one => one.Number("id") == id
        );
    }

    [Fact]
    public async Task The_queue_of_all_sites_holds_those_the_person_belongs_to()
    {
        var (_, id) = await OneAsync("waiting");
        using var stranger = await host.MemberAsync("moderator", $"all-{Guid.NewGuid():N}@quillmoor.example");
        Assert.Contains((await stranger.GetJsonAsync("api/comments")).Items("comments"), one =>
            one.Number("id") == id && one.Text("siteName").Length > 0
        );
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
        );
        var elsewhere = new ThreadTalk(
            host,
            (await host.Owner.GetJsonAsync($"api/sites/{other.Number("id")}")).Text("publicKey"),
            "elsewhere",
            "https://other.example/page"
        );
        await elsewhere.WriteAsync("Nell Hartley", "On the other site.");
        Assert.DoesNotContain((await stranger.GetJsonAsync("api/comments")).Items("comments"), one =>
            one.Text("siteName") == "Other"
        );
        Assert.Contains((await host.Owner.GetJsonAsync("api/comments")).Items("comments"), one =>
            one.Text("siteName") == "Other"
        );
    }

    [Theory]
    [InlineData("text")]
    [InlineData("place")]
    [InlineData("assignee")]
    public async Task A_contributor_does_none_of_it(string act)
    {
        var (_, id) = await OneAsync("waiting");
        using var contributor = await host.MemberAsync(
            "contributor",
            $"not-{act}-{Guid.NewGuid():N}@quillmoor.example"
        );
        Assert.Equal(
            HttpStatusCode.Forbidden,
            (await contributor.PutAsJsonAsync(Path(id, act), new { text = "x", threadId = 1 })).StatusCode
        );
    }

    private async Task<(ThreadTalk Thread, long Comment)> OneAsync(string standing, string mail = "")
    {
        var thread = await ThreadTalk.NewAsync(host, "https://quillmoor.example/programmes");
        await thread.WriteAsync("Wilf Ormerod", "Which way were you facing?", mail);
        var id = (await thread.QueueAsync("waiting")).Single().Number("id");
        if (standing != "waiting")
            await DecideAsync(id, standing, "waiting");
        return (thread, id);
    }

    private static async Task SendAsync(ThreadTalk thread, string name, string text, string mail, string device) =>
        await GoodAsync(thread.SendAsync("", ("name", name), ("text", text), ("mail", mail), ("device", device)));

    private async Task<IReadOnlyList<Json>> RecordAsync(long comment) =>
        (await host.Owner.GetJsonAsync($"{host.Api}comments/record?comment={comment}")).Items("deeds");

    private static async Task GoodAsync(Task<HttpResponseMessage> answer) => await HttpTalk.GoodAsync(await answer);

    private Task<Json> DecideAsync(long comment, string standing, string seen) =>
        host.Owner.PostJsonAsync(Path(comment, "decision"), new { standing, seen });

    private string Path(long comment, string act) => $"{host.Api}comments/{comment}/{act}";
}
