using System.Net;
using System.Text.RegularExpressions;
using Antiphon.Core.Subscribers;
using Antiphon.Server.Tests.Hosting;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Tests.Subscribers;

/// <summary>Forms in pages, what subscribers choose, segments and growth.</summary>
public sealed class SignUpTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    [Fact]
    public async Task A_form_in_a_page_asks_what_it_was_told_to_and_keeps_what_was_agreed()
    {
        var form = await AddFormAsync(
            new
            {
                shape = "inline",
                title = "Clear nights",
                text = "",
                button = "",
                asksName = true,
                categories = new[] { "Nights" },
                consent = "Send me new posts.",
            }
        );
        using var reader = host.Plain();
        Assert.Contains(
            "name=\"consent\"",
            await reader.GetStringAsync($"embed/forms/{form.Text("key")}.html"),
            StringComparison.Ordinal
        );
        var mail = Mail();
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await SendAsync(form, mail, ("name", "Ida"))).StatusCode);
        Assert.Equal(
            HttpStatusCode.OK,
            (
                await SendAsync(
                    form,
                    mail,
                    ("name", "Ida\r\nBcc: all@quillmoor.example"),
                    ("consent", "yes"),
                    ("category", "Nights"),
                    ("category", "Forged"),
                    ("digest", "1")
                )
            ).StatusCode
        );
        await ConfirmAsync(mail);
        var row = (await host.Owner.GetJsonAsync($"{host.Api}subscribers?search={mail}")).Items("subscribers").Single();
        var detail = await host.Owner.GetJsonAsync($"{host.Api}subscribers/{row.Number("id")}");
        Assert.Equal(
            ("Ida Bcc: all@quillmoor.example", "Send me new posts.", 1),
            (detail.Text("name"), detail.Text("consent"), detail.Number("consentVersion"))
        );
        Assert.Equal(["\"Nights\""], detail.Items("categories").Select(item => item.ToString()));
        Assert.Equal("Foot", row.Text("form"));
    }

    [Fact]
    public async Task New_words_to_agree_to_are_a_new_wording()
    {
        var settings = new
        {
            shape = "bar",
            title = "a",
            text = "",
            button = "",
            consent = "One",
        };
        var form = await AddFormAsync(settings);
        Assert.Equal(1, (await PutAsync(form, settings)).Number("consentVersion"));
        Assert.Equal(
            2,
            (
                await PutAsync(
                    form,
                    new
                    {
                        shape = "bar",
                        title = "a",
                        text = "",
                        button = "",
                        consent = "Two",
                    }
                )
            ).Number("consentVersion")
        );
    }

    [Fact]
    public async Task The_answer_is_the_same_for_known_and_unknown_addresses_and_for_programs()
    {
        var form = await AddFormAsync(
            new
            {
                shape = "inline",
                title = "",
                text = "",
                button = "",
            }
        );
        var known = Mail();
        await host.Owner.PostJsonAsync(host.Api + "subscribers", new { mail = known });
        var answers = new[]
        {
            await SendAsync(form, known),
            await SendAsync(form, Mail()),
            await SendAsync(form, Mail(), ("website", "https://x.example")),
        };
        var words = await Task.WhenAll(answers.Select(answer => answer.Content.ReadAsStringAsync()));
        Assert.Single(words.Distinct());
        Assert.Equal(
            1,
            await host.InDatabaseAsync(database =>
                database.SubscriptionAsks.CountAsync(subscriptionAsk => subscriptionAsk.FormId == form.Number("id"))
            )
        );
    }

    [Fact]
    public async Task A_page_that_is_not_the_sites_cannot_show_the_form()
    {
        var form = await AddFormAsync(
            new
            {
                shape = "inline",
                title = "",
                text = "",
                button = "",
            }
        );
        using var page = host.Plain();
        page.DefaultRequestHeaders.Add("Origin", "https://elsewhere.example");
        Assert.Equal(
            HttpStatusCode.Forbidden,
            (await page.GetAsync($"embed/forms/{form.Text("key")}.html")).StatusCode
        );
        Assert.Equal(HttpStatusCode.NotFound, (await page.GetAsync("embed/forms/none.html")).StatusCode);
    }

    [Fact]
    public async Task A_subscriber_chooses_pauses_and_has_everything_deleted()
    {
        var (mail, key) = await SubscriberAsync();
        await host.Owner.PostJsonAsync(
            host.Api + "posts",
            new
            {
                blogId = host.Blog,
                title = "Leonids",
                bodyHtml = "<p>a</p>",
                category = "Nights",
                status = "published",
            }
        );
        using var reader = host.Plain();
        await PostAsync(reader, $"preferences/{key}", ("category", "Nights"), ("pause", "weeks"));
        Assert.Contains("Paused until", await reader.GetStringAsync($"preferences/{key}"), StringComparison.Ordinal);
        await host.InDatabaseAsync(async database =>
        {
            var one = await database.Subscribers.SingleAsync(subscriber => subscriber.Mail == mail);
            Assert.Equal(["Nights"], one.Categories);
            Assert.InRange(
                one.PausedUntil!.Value,
                DateTimeOffset.UtcNow.AddDays(13),
                DateTimeOffset.UtcNow.AddDays(15)
            );
            return true;
        });
        Assert.Contains(
            "Tick the box first",
            await PostAsync(reader, $"preferences/{key}/erase"),
            StringComparison.Ordinal
        );
        Assert.Contains(
            "Everything has been deleted",
            await PostAsync(reader, $"preferences/{key}/erase", ("sure", "yes")),
            StringComparison.Ordinal
        );
        Assert.Equal(HttpStatusCode.NotFound, (await reader.GetAsync($"preferences/{key}")).StatusCode);
        Assert.Equal(
            0,
            await host.InDatabaseAsync(database => database.Subscribers.CountAsync(one => one.Mail == mail))
        );
        // No list brings the address back by mistake; its owner can.
        var list = new StringContent($"mail\n{mail}\n");
        Assert.Equal(
            1,
            (
                await HttpTalk.GoodAsync(await host.Owner.PostAsync($"{host.Api}subscribers/list?trial=true", list))
            ).Number("left")
        );
    }

    [Theory]
    [InlineData("preferences/forged")]
    [InlineData("unsubscribe/forged")]
    public async Task A_forged_link_is_told_apart(string path)
    {
        using var reader = host.Plain();
        Assert.Equal(HttpStatusCode.NotFound, (await reader.GetAsync(path)).StatusCode);
        Assert.Equal(HttpStatusCode.NotFound, (await reader.PostAsync(path, new FormUrlEncodedContent([]))).StatusCode);
    }

    [Fact]
    public async Task A_segment_counts_as_it_is_asked_and_stays_while_a_digest_needs_it()
    {
        var (mail, _) = await SubscriberAsync();
        await host.InDatabaseAsync(database =>
            database
                .Subscribers.Where(subscriber => subscriber.Mail == mail)
                .ExecuteUpdateAsync(set =>
                    set.SetProperty(one => one.Origin, SubscriberOrigin.List)
                        .SetProperty(one => one.CreatedAt, DateTimeOffset.UtcNow.AddDays(-400))
                )
        );
        Assert.Equal(
            1,
            (
                await host.Owner.PostJsonAsync(
                    $"{host.Api}segments/size",
                    new { rule = new { origins = new[] { "list" }, silentFor = 300 } }
                )
            ).Number("size")
        );
        Assert.Equal(
            0,
            (
                await host.Owner.PostJsonAsync(
                    $"{host.Api}segments/size",
                    new { rule = new { origins = new[] { "list" }, seenWithin = 300 } }
                )
            ).Number("size")
        );
        Assert.Equal(
            ["until"],
            (
                await host.Owner.RefusedAsync(
                    $"{host.Api}segments/size",
                    new { rule = new { since = "2026-02-01", until = "2026-01-01" } }
                )
            ).Names("errors")
        );
        var segment = await host.Owner.PostJsonAsync(
            $"{host.Api}segments",
            new { name = $"By list {mail}", rule = new { origins = new[] { "list" } } }
        );
        var digest = (await host.Owner.GetJsonAsync($"{host.Api}channels/digests")).Items().First();
        var settings = System.Text.Json.JsonSerializer.Deserialize<object>(digest.Root!["settings"]!.ToJsonString())!;
        await host.Owner.PutJsonAsync(
            $"{host.Api}channels/digests/{digest.Number("id")}",
            new
            {
                name = digest.Text("name"),
                settings,
                segmentId = segment.Number("id"),
                isUsual = true,
            }
        );
        var path = $"{host.Api}segments/{segment.Number("id")}";
        Assert.Equal(
            ["segment"],
            (await (await host.Owner.DeleteAsync(path)).ProblemAsync(HttpStatusCode.BadRequest)).Names("errors")
        );
        await host.Owner.PutJsonAsync(
            $"{host.Api}channels/digests/{digest.Number("id")}",
            new
            {
                name = digest.Text("name"),
                settings,
                segmentId = (long?)null,
                isUsual = true,
            }
        );
        Assert.Equal(HttpStatusCode.NoContent, (await host.Owner.DeleteAsync(path)).StatusCode);
    }

    [Fact]
    public async Task Growth_adds_up_day_by_day()
    {
        await SubscriberAsync();
        var days = (await host.Owner.GetJsonAsync($"{host.Api}subscribers/growth?days=30")).Items("days");
        Assert.Equal(30, days.Count);
        var active = (await host.Owner.GetJsonAsync(host.Api + "subscribers")).Number("active");
        Assert.Equal(active, days[^1].Number("total"));
        Assert.True(days[^1].Number("hand") > 0);
    }

    private static string Mail() => $"{Guid.NewGuid():N}@fellside.example";

    private Task<Json> AddFormAsync(object settings) =>
        host.Owner.PostJsonAsync(
            $"{host.Api}sign-up-forms",
            new
            {
                name = "Foot",
                settings,
                lookId = (long?)null,
            }
        );

    private Task<Json> PutAsync(Json form, object settings) =>
        host.Owner.PutJsonAsync(
            $"{host.Api}sign-up-forms/{form.Number("id")}",
            new
            {
                name = "Foot",
                settings,
                lookId = (long?)null,
            }
        );

    private async Task<HttpResponseMessage> SendAsync(Json form, string mail, params (string Name, string Value)[] more)
    {
        var action = Regex
            .Match(form.Text("snippet"), "action=\"([^\"]+)\"")
            .Groups[1]
            .Value.Replace("&amp;", "&", StringComparison.Ordinal);
        using var reader = host.Plain();
        return await reader.PostAsync(
            new Uri(action).PathAndQuery + "&inline=true",
            new FormUrlEncodedContent([
                new("mail", mail),
                .. more.Select(one => KeyValuePair.Create(one.Name, one.Value)),
            ])
        );
    }

    private async Task ConfirmAsync(string mail)
    {
        var key = await host.InDatabaseAsync(database =>
            database
                .SubscriptionAsks.Where(subscriptionAsk => subscriptionAsk.Mail == mail)
                .Select(one => one.Key)
                .SingleAsync()
        );
        using var reader = host.Plain();
        (await reader.PostAsync($"subscribe/{key}", null)).EnsureSuccessStatusCode();
    }

    private async Task<(string Mail, string Key)> SubscriberAsync()
    {
        var mail = Mail();
        await host.Owner.PostJsonAsync(host.Api + "subscribers", new { mail });
        return (
            mail,
            await host.InDatabaseAsync(database =>
                database.Subscribers.Where(subscriber => subscriber.Mail == mail).Select(one => one.Key).SingleAsync()
            )
        );
    }

    private static async Task<string> PostAsync(
        HttpClient reader,
        string path,
        params (string Name, string Value)[] fields
    ) =>
        await (
            await reader.PostAsync(
                path,
                new FormUrlEncodedContent(fields.Select(one => KeyValuePair.Create(one.Name, one.Value)))
            )
        ).Content.ReadAsStringAsync();
}
