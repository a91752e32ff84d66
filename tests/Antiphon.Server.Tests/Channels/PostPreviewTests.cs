using Antiphon.Server.Tests.Hosting;

namespace Antiphon.Server.Tests.Channels;

/// <summary>What every channel would say is seen before it is said, with wishes that are not saved yet.</summary>
[Collection("channels")]
public sealed class PostPreviewTests(ChannelHost both)
{
    private readonly AntiphonHost _host = both.Host;

    [Fact]
    public async Task Wishes_are_tried_out_and_not_saved()
    {
        var channels = await both.FreshAsync();
        var social = await channels.LanternAsync(new { variants = new[] { "Second: {title} {link}" } });
        var post = await DraftAsync(ChannelTalk.Unique("Tried out"));
        Assert.Equal((0, 2), await TurnAsync(post, social));
        Assert.Equal((1, 2), await TurnAsync(post, social, new { channel = social, turn = 1 }));
        var own = Assert.Single(
            await PreviewAsync(
                post,
                new
                {
                    channel = social,
                    goes = true,
                    text = "In our own words",
                }
            )
        );
        Assert.Equal(("In our own words", 16), (own.Text("text"), own.Number("count")));
        Assert.Contains(FindingsOf(own), finding =>
            finding.StartsWith("The text has no link.", StringComparison.Ordinal)
        );
        var kept = Assert.Single(
            (await _host.Owner.GetJsonAsync($"{_host.Api}posts/{post.Number("id")}/channels")).Items()
        );
        Assert.False(kept.Has("wish"));
    }

    [Fact]
    public async Task Fields_of_a_text_of_its_own_are_filled_and_unknown_ones_refused_before_publishing()
    {
        var channels = await both.FreshAsync();
        var social = await channels.LanternAsync();
        var title = ChannelTalk.Unique("With fields");
        var post = await DraftAsync(title);
        var good = Assert.Single(await PreviewAsync(post, new { channel = social, text = "Tonight: {title} {link}" }));
        Assert.StartsWith($"Tonight: {title} http", good.Text("text"), StringComparison.Ordinal);
        Assert.False(good.Has("textProblem"));
        var bad = Assert.Single(await PreviewAsync(post, new { channel = social, text = "Tonight: {titel}" }));
        Assert.Contains("Unknown field “titel”", bad.Text("textProblem"), StringComparison.Ordinal);
        using var asked = new HttpRequestMessage(
            HttpMethod.Post,
            $"{_host.Api}posts/{post.Number("id")}/channels/preview"
        )
        {
            Content = System.Net.Http.Json.JsonContent.Create(
                new { wishes = new[] { new { channel = social, text = "Heute: {titel}" } } }
            ),
        };
        asked.Headers.AcceptLanguage.ParseAdd("de");
        Assert.StartsWith(
            "Unbekanntes Feld „titel“ (bei 8).",
            Assert.Single((await HttpTalk.GoodAsync(await _host.Owner.SendAsync(asked))).Items()).Text("textProblem"),
            StringComparison.Ordinal
        );
        object Body(string status, string text) =>
            new
            {
                blogId = _host.Blog,
                title,
                bodyHtml = "<p>Clear and cold.</p>",
                status,
                revision = 1,
                details = new { channels = new[] { new { channel = social, text } } },
            };
        var path = $"{_host.Api}posts/{post.Number("id")}";
        var refusal = await (
            await _host.Owner.PutAsync(path, System.Net.Http.Json.JsonContent.Create(Body("published", "{titel}")))
        ).ProblemAsync(System.Net.HttpStatusCode.BadRequest);
        Assert.Equal([$"details.channels.{social}"], refusal.Names("errors"));
        // A draft may be left in the middle of a word.
        await _host.Owner.PutJsonAsync(path, Body("draft", "{ti"));
    }

    [Fact]
    public async Task Links_are_opened_only_when_asked_and_those_that_fail_are_told()
    {
        var channels = await both.FreshAsync();
        var social = await channels.LanternAsync();
        var post = await DraftAsync(ChannelTalk.Unique("With a dead link"));
        var (dead, alive) = (new Uri(both.World.World, "no-such-page"), new Uri(both.World.World, "lantern/"));
        var wish = new { channel = social, text = $"See {dead} and {alive}" };
        Assert.DoesNotContain(FindingsOf((await PreviewAsync(post, wish))[0]), finding =>
            finding.Contains("cannot be opened", StringComparison.Ordinal)
        );
        var looked = await PostAsync(post, true, wish);
        Assert.Single(FindingsOf(looked[0]), finding =>
            finding.StartsWith(
                $"The link {dead} cannot be opened: The site answers with error 404",
                StringComparison.Ordinal
            )
        );
    }

    [Fact]
    public async Task A_draft_is_not_blamed_for_an_address_that_is_not_public_yet()
    {
        var channels = await both.FreshAsync();
        await channels.LanternAsync();
        var post = await DraftAsync(ChannelTalk.Unique("Not there yet"));
        Assert.DoesNotContain(FindingsOf((await PostAsync(post, true))[0]), finding =>
            finding.Contains("cannot be opened", StringComparison.Ordinal)
        );
    }

    [Fact]
    public async Task A_partner_shows_the_text_as_its_readers_see_it()
    {
        var channels = await both.FreshAsync();
        await channels.AddAsync("partner", "parish/micropub", "parish-token", new { extent = "excerpt" });
        var post = await DraftAsync(ChannelTalk.Unique("As they see it"));
        Assert.StartsWith("<p>Clear", Assert.Single(await PreviewAsync(post)).Text("html"), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_draft_is_seen_in_the_mails_that_will_bring_it()
    {
        await both.FreshAsync();
        var post = await DraftAsync(ChannelTalk.Unique("In the letter"));
        var digest = (await _host.Owner.GetJsonAsync($"{_host.Api}posts/{post.Number("id")}/forecast"))
            .Items("digests")[0]
            .Number("id");
        var mail = await _host.Owner.GetJsonAsync($"{_host.Api}channels/digests/{digest}/posts/{post.Number("id")}");
        Assert.Contains(post.Text("title"), mail.Text("subject"), StringComparison.Ordinal);
        Assert.Equal(
            System.Net.HttpStatusCode.NotFound,
            (await _host.Owner.GetAsync($"{_host.Api}channels/digests/{digest}/posts/999999")).StatusCode
        );
    }

    private Task<Json> DraftAsync(string title) =>
        _host.Owner.PostJsonAsync(
            $"{_host.Api}posts",
            new
            {
                blogId = _host.Blog,
                title,
                bodyHtml = "<p>Clear and cold.</p>",
                status = "draft",
                revision = 0,
            }
        );

    private async Task<(long Turn, long Turns)> TurnAsync(Json post, long channel, params object[] wishes)
    {
        var one = (await PreviewAsync(post, wishes)).Single(one => one.Number("channelId") == channel);
        return (one.Number("turn"), one.Number("turns"));
    }

    private Task<IReadOnlyList<Json>> PreviewAsync(Json post, params object[] wishes) => PostAsync(post, false, wishes);

    private async Task<IReadOnlyList<Json>> PostAsync(Json post, bool opensLinks, params object[] wishes) =>
        (
            await _host.Owner.PostJsonAsync(
                $"{_host.Api}posts/{post.Number("id")}/channels/preview",
                new { wishes, opensLinks }
            )
        ).Items();

    private static IReadOnlyList<string> FindingsOf(Json preview) =>
        [.. preview.Items("findings").Select(item => item.Root!.ToString())];
}
