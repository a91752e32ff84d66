using System.Net.Http.Json;
using Antiphon.Core.Channels;
using Antiphon.Core.Channels.Timing;
using Antiphon.Data.Channels;
using Antiphon.Data.Notices;
using Antiphon.Server.Platform.Language;
using Antiphon.Server.Tests.Hosting;

namespace Antiphon.Server.Tests.Platform;

/// <summary>A team is answered in the language its workplace speaks.</summary>
public sealed class TeamLanguageTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    [Theory]
    [InlineData("de", "Das ist keine Webadresse. Schreiben Sie sie wie https://www.site.example/feed.xml.")]
    [InlineData("de-AT,en;q=0.5", "Das ist keine Webadresse. Schreiben Sie sie wie https://www.site.example/feed.xml.")]
    [InlineData("en", "This is no web address. Write it like https://www.site.example/feed.xml.")]
    [InlineData("fr", "This is no web address. Write it like https://www.site.example/feed.xml.")]
    public async Task A_refusal_is_said_in_it(string language, string expected)
    {
        var problem = await AskAsync(
            HttpMethod.Post,
            "feeds/checks",
            language,
            new { url = "::", text = (string?)null }
        );
        Assert.Equal((expected, expected), (problem.Text("title"), problem.Text("errors.url.0")));
    }

    [Fact]
    public async Task A_value_within_a_sentence_stays_as_it_is()
    {
        var problem = await AskAsync(
            HttpMethod.Post,
            "feeds/runs",
            "de",
            new { list = "gopher hole", hasDocuments = false }
        );
        Assert.StartsWith("„gopher hole“ ist keine Webadresse", problem.Text("title"), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_validator_speaks_it_too()
    {
        var problem = await AskAsync(HttpMethod.Post, "blogs", "de", new { name = "" });
        Assert.Equal("Bitte prüfen Sie die markierten Felder.", problem.Text("title"));
        Assert.Equal("Geben Sie einen Namen ein.", problem.Text("errors.name.0"));
    }

    [Fact]
    public async Task What_was_kept_in_english_is_told_in_it()
    {
        await host.InDatabaseAsync(async database =>
        {
            database.Notices.Add(
                new Notice
                {
                    SiteId = host.Site,
                    At = DateTimeOffset.UtcNow,
                    Title = "Fellside Walkers has errors",
                    Text =
                        "“Tue, 31 Feb 2026” is not a valid date (line 20)\nThe document breaks off in <item> (line 5)\nand 3 more",
                    Path = "s/1/feeds",
                }
            );
            return await database.SaveChangesAsync();
        });
        var notice = (await AskAsync(HttpMethod.Get, "notices", "de")).Items()[0];
        Assert.Equal("Fellside Walkers hat Fehler", notice.Text("title"));
        Assert.Equal(
            "„Tue, 31 Feb 2026“ ist kein gültiges Datum (Zeile 20)\nDas Dokument bricht in <item> ab (Zeile 5)\nund 3 weitere",
            notice.Text("text")
        );
        Assert.Equal(
            "Fellside Walkers has errors",
            (await AskAsync(HttpMethod.Get, "notices", "en")).Items()[0].Text("title")
        );
    }

    [Fact]
    public async Task What_a_colleague_wrote_is_no_sentence_of_the_server()
    {
        await host.InDatabaseAsync(async database =>
        {
            database.Notices.Add(
                new Notice
                {
                    SiteId = host.Site,
                    At = DateTimeOffset.UtcNow.AddMinutes(1),
                    Title = "Sky map has errors",
                    Text = TeamTexts.AsWritten("Closed on Friday\nand 3 more") + "\nand 3 more",
                    Path = "s/1/posts",
                }
            );
            return await database.SaveChangesAsync();
        });
        var notice = (await AskAsync(HttpMethod.Get, "notices", "de"))
            .Items()
            .Single(row => row.Text("title").StartsWith("Sky map", StringComparison.Ordinal));
        Assert.Equal("  Closed on Friday\n  and 3 more\nund 3 weitere", notice.Text("text"));
    }

    [Fact]
    public async Task A_refused_right_is_told_in_it()
    {
        using var writer = await host.MemberAsync("contributor", $"writer-{Guid.NewGuid():N}@quillmoor.example");
        using var request = new HttpRequestMessage(HttpMethod.Post, host.Api + "blogs")
        {
            Content = JsonContent.Create(new { name = "Night Log" }),
        };
        request.Headers.AcceptLanguage.ParseAdd("de");
        var problem = await (await writer.SendAsync(request)).ProblemAsync(System.Net.HttpStatusCode.Forbidden);
        Assert.Equal("Dazu sind Sie nicht berechtigt.", problem.Text("title"));
        Assert.StartsWith("Bitten Sie einen Inhaber der Website um die Rolle", problem.Text("detail"));
    }

    [Fact]
    public async Task What_keeps_a_channel_from_sending_is_told_in_it()
    {
        await host.InDatabaseAsync(async database =>
        {
            database.Channels.Add(
                new Channel
                {
                    SiteId = host.Site,
                    Name = "Moorland Wire",
                    CreatedAt = DateTimeOffset.UtcNow,
                    Settings = new ChannelSettings(
                        "https://wire.example/",
                        ChannelChoice.Everything,
                        ChannelWhen.AtOnce,
                        ChannelTiming.Always,
                        ChannelSettings.UsualTemplate
                    ),
                    PausedAt = DateTimeOffset.UtcNow,
                    PauseReason = "The network did not say where it published the post.",
                }
            );
            return await database.SaveChangesAsync();
        });
        Assert.Equal(
            "Das Netzwerk sagte nicht, wo es den Beitrag veröffentlicht hat.",
            (await AskAsync(HttpMethod.Get, "channels/set-up", "de")).Items()[0].Text("pauseReason")
        );
    }

    [Fact]
    public async Task What_a_repair_did_is_told_in_it()
    {
        using var request = new HttpRequestMessage(HttpMethod.Post, "api/feeds/repair-text")
        {
            Content = JsonContent.Create(
                new
                {
                    text = "<rss version=\"2.0\"><channel><title>Salt & pepper</title></channel></rss>",
                    contentType = (string?)null,
                }
            ),
        };
        request.Headers.AcceptLanguage.ParseAdd("de");
        var repair = await HttpTalk.GoodAsync(await host.Owner.SendAsync(request));
        Assert.Contains(repair.Items("changes"), change =>
            change.Text("description").StartsWith("Das &-Zeichen in", StringComparison.Ordinal)
        );
    }

    private async Task<Json> AskAsync(HttpMethod method, string path, string language, object? body = null)
    {
        using var request = new HttpRequestMessage(method, host.Api + path);
        if (body is not null)
            request.Content = JsonContent.Create(body);
        request.Headers.AcceptLanguage.ParseAdd(language);
        var answer = await host.Owner.SendAsync(request);
        return answer.IsSuccessStatusCode
            ? await HttpTalk.GoodAsync(answer)
            : await answer.ProblemAsync(System.Net.HttpStatusCode.BadRequest);
    }
}
