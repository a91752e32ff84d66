using System.Net;
using System.Net.Http.Json;
using Antiphon.Server.Tests.Hosting;
using Antiphon.Tests;

namespace Antiphon.Server.Tests.Comments.Filtering;

/// <summary>The filter of a site, and the one scripts try.</summary>
public sealed class FilterTests(AntiphonHost host) : IClassFixture<AntiphonHost>, IAsyncLifetime
{
    public Task InitializeAsync() => host.FreshSiteAsync();

    public Task DisposeAsync() => Task.CompletedTask;

    [Fact]
    public async Task It_learns_from_decisions_says_so_and_puts_aside_what_it_is_sure_of()
    {
        Assert.Equal("false", (await host.Owner.GetJsonAsync($"{host.Api}comments/filter")).Text("isSure"));
        // What the filter puts aside by itself is no lesson to it; here a person decides everything.
        await host.Owner.PutJsonAsync($"{host.Api}comments/settings", new { settings = new { spamFrom = 100 } });
        var thread = await ThreadTalk.NewAsync(host, "https://quillmoor.example/visit");
        for (var number = 0; number < 20; number++)
        {
            await thread.WriteAsync(
                $"Reader {number}",
                $"We saw the moon from hill number {number}, and it was clear."
            );
            await thread.DecideAllAsync("public");
            await thread.WriteAsync($"deals{number}", $"Buy cheap pills http://pills-{number}.example/now");
            await thread.DecideAllAsync("spam");
        }

        var filter = await host.Owner.GetJsonAsync($"{host.Api}comments/filter");
        Assert.Equal(("true", 20, 20), (filter.Text("isSure"), filter.Number("spam"), filter.Number("good")));
        Assert.True(
            filter
                .Items("goodByScore")
                .Take(50)
                .Sum(item => long.Parse(item.ToString(), System.Globalization.CultureInfo.InvariantCulture)) >= 19
                && filter
                    .Items("spamByScore")
                    .Skip(50)
                    .Sum(one => long.Parse(one.ToString(), System.Globalization.CultureInfo.InvariantCulture)) >= 19
        );
        await host.Owner.PutJsonAsync(
            $"{host.Api}comments/settings",
            new
            {
                settings = new
                {
                    approval = "byScore",
                    publishBelow = 40,
                    spamFrom = 90,
                },
            }
        );
        // It learns anew beside the work; a look at a comment asks it too.
        var any = (await thread.QueueAsync("public"))[0].Number("id");
        await Eventually.TrueAsync("the filter has learned", async () =>
            (await host.Owner.GetJsonAsync($"{host.Api}comments/{any}/conversation")).Text("case.isSure") == "true"
        );
        await thread.WriteAsync("deals99", "Buy cheap pills http://pills-99.example/now");
        await thread.WriteAsync("Ida Marsh", "We saw the moon from the hill too, and it was clear.");
        Assert.Equal(21, await thread.CountAsync("spam"));
        Assert.Equal(21, await thread.CountAsync("public"));
        var known = await host.Owner.GetJsonAsync(
            $"{host.Api}comments/{(await thread.QueueAsync("spam"))[0].Number("id")}/conversation"
        );
        Assert.Equal("threshold", known.Text("case.trace.step"));
        Assert.Contains(known.Items("case.for"), part => part.Text("name").Contains("pills", StringComparison.Ordinal));
    }

    [Fact]
    public async Task A_script_tries_a_fresh_filter_and_nothing_is_stored()
    {
        var train = Enumerable
            .Range(0, 30)
            .SelectMany(number =>
                new object[]
                {
                    new
                    {
                        author = "deals",
                        email = "x@bulk.example",
                        url = "http://pills.example",
                        body = $"Cheap pills {number}",
                        spam = true,
                    },
                    new
                    {
                        author = "Ida",
                        email = "ida@reader.example",
                        url = "",
                        body = $"The moon over hill {number}",
                        spam = false,
                    },
                }
            );
        var scores = (
            await host.Owner.PostJsonAsync(
                "api/comments/filter/trial",
                new
                {
                    train,
                    test = new object[]
                    {
                        new { author = "deals", body = "cheap pills" },
                        new { author = "Ida", body = "the moon" },
                        new { },
                    },
                }
            )
        )
            .Items("scores")
            .Select(item => double.Parse(item.ToString(), System.Globalization.CultureInfo.InvariantCulture))
            .ToList();
        Assert.True(
            scores[0] > 0.8 && scores[1] < 0.2 && scores.TrueForAll(score => score is > 0 and < 1),
            string.Join(' ', scores)
        );
        Assert.Equal(0, (await host.Owner.GetJsonAsync($"{host.Api}comments/filter")).Number("spam"));
    }

    [Fact]
    public async Task A_trial_takes_much_text_and_needs_a_token()
    {
        var body = new string('x', 10_000_000);
        var answer = await host.Owner.PostJsonAsync(
            "api/comments/filter/trial",
            new { train = new[] { new { body, spam = true } }, test = new[] { new { body } } }
        );
        Assert.Single(answer.Items("scores"));
        using var nobody = host.Plain();
        Assert.Equal(
            HttpStatusCode.Unauthorized,
            (await nobody.PostAsJsonAsync("api/comments/filter/trial", new { })).StatusCode
        );
    }

    [Fact]
    public async Task Sites_that_agree_begin_with_what_the_others_decided()
    {
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
        Assert.Equal("0", (await host.Owner.GetJsonAsync($"api/sites/{other}/comments/filter")).Text("shared"));
        await DecidedAsync();
        await host.Owner.PutJsonAsync(
            $"api/sites/{other}/comments/settings",
            new { settings = new { sharesLearning = true } }
        );
        Assert.Equal("0", (await host.Owner.GetJsonAsync($"api/sites/{other}/comments/filter")).Text("shared"));
        await host.Owner.PutJsonAsync($"{host.Api}comments/settings", new { settings = new { sharesLearning = true } });
        Assert.True((await host.Owner.GetJsonAsync($"api/sites/{other}/comments/filter")).Number("shared") > 0);
        await host.Owner.PutJsonAsync(
            $"{host.Api}comments/settings",
            new { settings = new { sharesLearning = false } }
        );
    }

    private async Task DecidedAsync()
    {
        var thread = await ThreadTalk.NewAsync(host, "https://quillmoor.example/shared");
        await thread.WriteAsync("Ida Marsh", "One to learn from.");
        await thread.DecideAllAsync("public");
    }
}
