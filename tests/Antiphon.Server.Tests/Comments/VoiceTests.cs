using System.Net;
using Antiphon.Server.Comments;
using Antiphon.Server.Tests.Hosting;

namespace Antiphon.Server.Tests.Comments;

/// <summary>Votes, reports and answers of readers over real HTTP.</summary>
public sealed class VoiceTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    private const string Page = "https://quillmoor.example/visit";

    [Fact]
    public async Task A_reader_votes_once_may_change_it_and_take_it_back()
    {
        var (thread, key) = await PublicAsync();
        await SetAsync(new { votes = "upAndDown" });
        Assert.Equal((1, 0), await VotesAsync(thread, key, "device-one-0123456789", "up"));
        Assert.Equal((1, 0), await VotesAsync(thread, key, "device-one-0123456789", "up"));
        Assert.Equal((1, 1), await VotesAsync(thread, key, "device-two-0123456789", "down"));
        Assert.Equal((0, 2), await VotesAsync(thread, key, "device-one-0123456789", "down"));
        Assert.Equal((0, 1), await VotesAsync(thread, key, "device-two-0123456789", "none"));
    }

    [Fact]
    public async Task Votes_from_one_place_cannot_be_stuffed()
    {
        var (thread, key) = await PublicAsync();
        var votes = (0, 0);
        for (var device = 0; device < 12; device++)
            votes = await VotesAsync(thread, key, $"device-number-{device:D10}", "up");
        Assert.Equal((CommentVoting.MostFromOnePlace, 0), votes);
    }

    [Theory]
    [InlineData("none", "up")]
    [InlineData("up", "down")]
    public async Task What_the_owner_does_not_allow_is_not_counted(string mode, string vote)
    {
        var (thread, key) = await PublicAsync();
        await SetAsync(new { votes = mode });
        Assert.Equal(HttpStatusCode.NotFound, (await thread.SpeakAsync(key, "device-one-0123456789", vote)).StatusCode);
        Assert.DoesNotContain($"value=\"{vote}\"", await thread.HtmlAsync(), StringComparison.Ordinal);
        await SetAsync(new { votes = "up" });
    }

    [Fact]
    public async Task Enough_reports_send_a_comment_back_and_a_kept_one_takes_twice_as_many()
    {
        var (thread, key) = await PublicAsync();
        await SetAsync(new { reportsToWait = 1 });
        await ReportAsync(thread, key, "device-one-0123456789");
        var waiting = Assert.Single(await thread.QueueAsync("waiting"));
        Assert.Equal(1, waiting.Number("reports"));
        var known = (await host.Owner.GetJsonAsync($"{host.Api}comments/{waiting.Number("id")}/conversation")).Items(
            "case.reports"
        );
        Assert.Equal("hurtful", Assert.Single(known).Text("reason"));

        await thread.DecideAllAsync("public");
        await ReportAsync(thread, key, "device-one-0123456789");
        await ReportAsync(thread, key, "device-two-0123456789");
        Assert.Equal(0, await thread.CountAsync("waiting"));
        await ReportAsync(thread, key, "device-three-01234567");
        Assert.Equal(1, await thread.CountAsync("waiting"));
        await SetAsync(new { reportsToWait = 3 });
    }

    [Fact]
    public async Task What_is_reported_comes_first_in_the_queue()
    {
        var (older, _) = await WaitingAsync();
        var (thread, key) = await PublicAsync();
        await SetAsync(new { reportsToWait = 1 });
        await ReportAsync(thread, key, "device-one-0123456789");
        var queue = (await host.Owner.GetJsonAsync($"{host.Api}comments")).Items("comments");
        Assert.True(queue[0].Number("reports") > 0);
        Assert.Equal(1, await older.CountAsync("waiting"));
        await SetAsync(new { reportsToWait = 3 });
    }

    [Fact]
    public async Task An_answer_stands_below_what_it_answers_and_answers_nothing_hidden()
    {
        var (thread, key) = await PublicAsync();
        await HttpTalk.GoodAsync(await thread.PostAsync("Hedda Voss", "So did we.", answers: key));
        await HttpTalk.GoodAsync(await thread.PostAsync("Joan Farthing", "Where?", answers: "nowhere"));
        await thread.DecideAllAsync("public");
        Assert.Equal(["0", "1", "0"], (await thread.JsonAsync()).Items("comments").Select(item => item.Text("depth")));
    }

    [Fact]
    public async Task Readers_choose_the_order_and_the_owner_the_first_one()
    {
        var (thread, first) = await PublicAsync();
        await thread.WriteAsync("Hedda Voss", "Second.");
        await thread.DecideAllAsync("public");
        await thread.SpeakAsync((await thread.JsonAsync()).Text("comments.1.id"), "device-one-0123456789", "up");
        Assert.True(Place(await thread.HtmlAsync(), first) < Place(await thread.HtmlAsync(), "Second."));
        var best = await thread.HtmlAsync("best");
        Assert.True(Place(best, "Second.") < Place(best, $"comment-{first}"));
        Assert.Contains("data-order=\"best\" aria-current=\"true\"", best, StringComparison.Ordinal);
        await SetAsync(new { order = "newest" });
        var newest = await thread.HtmlAsync();
        Assert.True(Place(newest, "Second.") < Place(newest, $"comment-{first}"));
        await SetAsync(new { order = "oldest" });
    }

    [Fact]
    public async Task Numbers_of_comments_are_told_for_many_threads_at_once()
    {
        var (thread, _) = await PublicAsync();
        Assert.Equal(
            ("1 comment", "No comments"),
            (
                (await thread.CountsAsync()).Text($"{thread.Identifier}.words"),
                (await thread.CountsAsync()).Text("nowhere.words")
            )
        );
        await thread.WriteAsync("Hedda Voss", "Second.");
        Assert.Equal("1 comment", (await thread.CountsAsync()).Text($"{thread.Identifier}.words"));
        await thread.DecideAllAsync("public");
        Assert.Equal("2 comments", (await thread.CountsAsync()).Text($"{thread.Identifier}.words"));
    }

    [Fact]
    public async Task Without_script_a_vote_leads_back_to_the_thread_and_a_report_says_thanks()
    {
        var (thread, key) = await PublicAsync();
        var voted = await thread.SpeakAsync(key, "", "up", asJson: false);
        Assert.Contains($"comment-{key}", await FollowAsync(voted), StringComparison.Ordinal);
        var reported = await thread.SpeakAsync(key, "", report: "advertising", asJson: false);
        Assert.Contains("the team will look at it", await FollowAsync(reported), StringComparison.Ordinal);
    }

    private async Task<string> FollowAsync(HttpResponseMessage answer)
    {
        Assert.Equal(HttpStatusCode.Redirect, answer.StatusCode);
        return await host.Plain().GetStringAsync(answer.Headers.Location!.OriginalString.TrimStart('/'));
    }

    private static int Place(string html, string part) => html.IndexOf(part, StringComparison.Ordinal);

    private static async Task<(int Up, int Down)> VotesAsync(ThreadTalk thread, string key, string device, string vote)
    {
        var votes = await HttpTalk.GoodAsync(await thread.SpeakAsync(key, device, vote));
        return ((int)votes.Number("up"), (int)votes.Number("down"));
    }

    private static async Task ReportAsync(ThreadTalk thread, string key, string device) =>
        (await thread.SpeakAsync(key, device, report: "hurtful")).EnsureSuccessStatusCode();

    private Task SetAsync(object settings) =>
        host.Owner.PutJsonAsync($"{host.Api}comments/settings", new { blogId = (long?)null, settings });

    private async Task<(ThreadTalk Thread, long Comment)> WaitingAsync()
    {
        var thread = await ThreadTalk.NewAsync(host, Page);
        await thread.WriteAsync("Wilf Ormerod", "Which way were you facing?");
        return (thread, (await thread.QueueAsync("waiting")).Single().Number("id"));
    }

    private async Task<(ThreadTalk Thread, string Key)> PublicAsync()
    {
        var (thread, _) = await WaitingAsync();
        await thread.DecideAllAsync("public");
        return (thread, (await thread.JsonAsync()).Text("comments.0.id"));
    }
}
