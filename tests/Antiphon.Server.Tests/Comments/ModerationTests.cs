using System.Net;
using System.Net.Http.Json;
using Antiphon.Server.Tests.Hosting;

namespace Antiphon.Server.Tests.Comments;

/// <summary>What moderators do.</summary>
public sealed class ModerationTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    [Fact]
    public async Task A_decision_can_be_taken_back()
    {
        var (thread, comment) = await OneWaitingAsync();
        await DecideAsync(comment, "spam", "waiting");
        Assert.Equal(1, await thread.CountAsync("spam"));
        await DecideAsync(comment, "waiting", "spam");
        Assert.Equal((1, 0), (await thread.CountAsync("waiting"), await thread.CountAsync("spam")));
    }

    [Fact]
    public async Task Two_moderators_do_not_override_each_other_unseen()
    {
        var (_, comment) = await OneWaitingAsync();
        await DecideAsync(comment, "public", "waiting");
        var second = await host.Owner.PostAsJsonAsync(
            Path(comment, "decision"),
            new { standing = "spam", seen = "waiting" }
        );
        var refusal = await second.ProblemAsync(HttpStatusCode.Conflict);
        Assert.Contains("public now", refusal.Text("title"), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Of_ten_decisions_at_once_one_counts()
    {
        var (_, comment) = await OneWaitingAsync();
        var answers = await Task.WhenAll(
            Enumerable
                .Range(0, 10)
                .Select(_ =>
                    host.Owner.PostAsJsonAsync(Path(comment, "decision"), new { standing = "public", seen = "waiting" })
                )
        );
        Assert.Single(answers, answer => answer.IsSuccessStatusCode);
    }

    [Fact]
    public async Task The_conversation_shows_the_comment_among_the_others()
    {
        var (thread, first) = await OneWaitingAsync();
        await DecideAsync(first, "public", "waiting");
        await thread.WriteAsync("Hedda Voss", "I laughed too.");
        var second = (await thread.QueueAsync("waiting")).Single().Number("id");
        var conversation = await host.Owner.GetJsonAsync(Path(second, "conversation"));
        Assert.Equal([first, second], conversation.Items("comments").Select(comment => comment.Number("id")));
        Assert.Equal(["public", "waiting"], conversation.Items("comments").Select(comment => comment.Text("standing")));
    }

    [Fact]
    public async Task Answering_what_waits_publishes_both()
    {
        var (thread, comment) = await OneWaitingAsync();
        await host.Owner.PostJsonAsync(
            Path(comment, "answer"),
            new { text = "North-east, with the wall at our backs." }
        );
        var comments = (await thread.JsonAsync()).Items("comments");
        Assert.Equal(["Wilf Ormerod", "Imogen Tarrant"], comments.Select(one => one.Text("author")));
        Assert.Equal(["0", "1"], comments.Select(one => one.Text("depth")));
        Assert.Equal("true", comments[1].Text("isTeam"));
    }

    [Fact]
    public async Task A_moderator_may_decide_and_a_stranger_may_not()
    {
        var (_, comment) = await OneWaitingAsync();
        using var moderator = await host.MemberAsync("moderator", "priya@quillmoor.example");
        await moderator.PostJsonAsync(Path(comment, "decision"), new { standing = "hidden", seen = "waiting" });
        using var nobody = host.Plain();
        Assert.Equal(
            HttpStatusCode.Unauthorized,
            (
                await nobody.PostAsJsonAsync(Path(comment, "decision"), new { standing = "public", seen = "hidden" })
            ).StatusCode
        );
    }

    [Fact]
    public async Task A_comment_of_another_site_does_not_exist()
    {
        var (_, comment) = await OneWaitingAsync();
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
        var answer = await host.Owner.PostAsJsonAsync(
            $"api/sites/{other}/comments/{comment}/decision",
            new { standing = "public", seen = "waiting" }
        );
        Assert.Equal(HttpStatusCode.NotFound, answer.StatusCode);
    }

    [Theory]
    [InlineData("see http://a.example", "firstTimeWriterWithLink")]
    [InlineData("Beautiful writing.", "firstTimeWriter")]
    public async Task The_queue_says_why_a_comment_waits(string text, string reason)
    {
        var thread = await ThreadTalk.NewAsync(host, "https://quillmoor.example/why");
        await thread.WriteAsync("Joan Farthing", text);
        Assert.Equal(reason, (await thread.QueueAsync("waiting")).Single().Text("waitReason"));
    }

    [Fact]
    public async Task An_empty_answer_is_refused_at_its_field()
    {
        var (_, comment) = await OneWaitingAsync();
        Assert.Equal(
            ["text"],
            (await host.Owner.RefusedAsync(Path(comment, "answer"), new { text = " " })).Names("errors")
        );
    }

    [Fact]
    public async Task Everything_of_a_writer_is_decided_at_once_and_taken_back()
    {
        var thread = await ThreadTalk.NewAsync(host, "https://quillmoor.example/writer");
        foreach (var text in new[] { "One.", "Two.", "Three." })
            await thread.WriteAsync("deals", text, mail: "deals@bulk.example");
        await thread.WriteAsync("Ida Marsh", "Not me.", mail: "ida@reader.example");
        var first = (await thread.QueueAsync("waiting"))[0].Number("id");
        await DecideAsync(first, "public", "waiting");
        var decided = await host.Owner.PostJsonAsync(Path(first, "writer"), new { standing = "hidden" });
        Assert.Equal(
            (3, 3, 1),
            (decided.Items("decided").Count, await thread.CountAsync("hidden"), await thread.CountAsync("waiting"))
        );
        Assert.Equal(3, (await host.Owner.GetJsonAsync(Path(first, "conversation"))).Number("case.writer.hidden"));

        var back = decided
            .Items("decided")
            .Select(item => new
            {
                id = item.Number("id"),
                standing = item.Text("before"),
                before = item.Text("standing"),
            })
            .ToList();
        await DecideAsync(first, "spam", "hidden");
        var undone = await host.Owner.PostJsonAsync($"{host.Api}comments/decisions", new { decisions = back });
        Assert.Equal(
            (2, 3, 1),
            (undone.Items("decided").Count, await thread.CountAsync("waiting"), await thread.CountAsync("spam"))
        );
    }

    private async Task<(ThreadTalk Thread, long Comment)> OneWaitingAsync()
    {
        var thread = await ThreadTalk.NewAsync(host, "https://quillmoor.example/programmes");
        await thread.WriteAsync("Wilf Ormerod", "Which way were you facing?");
        return (thread, (await thread.QueueAsync("waiting")).Single().Number("id"));
    }

    private Task<Json> DecideAsync(long comment, string standing, string seen) =>
        host.Owner.PostJsonAsync(Path(comment, "decision"), new { standing, seen });

    private string Path(long comment, string act) => $"{host.Api}comments/{comment}/{act}";
}
