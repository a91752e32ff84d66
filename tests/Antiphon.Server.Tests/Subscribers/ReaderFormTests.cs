using System.Net;
using System.Text.RegularExpressions;
using Antiphon.Server.Tests.Hosting;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Tests.Subscribers;

/// <summary>Forms that stand in posts, sent as a browser without script sends them.</summary>
public sealed partial class ReaderFormTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    private const string Body =
        "<p>Ask away.</p><div class=\"block-question\"></div><div class=\"block-subscribe\"></div><div class=\"block-follow\"></div>";

    [Fact]
    public async Task A_question_reaches_the_list_and_the_team_by_mail()
    {
        var address = await PostAsync("Open evening");
        var answer = await SendAsync(
            await ActionAsync(address, "question"),
            ("name", "Wilf Oakes"),
            ("mail", "wilf@fellside.example"),
            ("message", "May I bring a dog?\nA small one.")
        );
        Assert.Equal(HttpStatusCode.OK, answer.StatusCode);
        var list = await host.Owner.GetJsonAsync(host.Api + "questions");
        var question = list.Items("questions").Single(item => item.Text("name") == "Wilf Oakes");
        Assert.Equal(
            ("May I bring a dog?\nA small one.", "Open evening"),
            (question.Text("message"), question.Text("postTitle"))
        );
        var told = await host.InDatabaseAsync(database =>
            database
                .NoticeMails.Where(mail => mail.Notice.Title.Contains("Wilf Oakes asks"))
                .Select(mail => mail.Address + " " + mail.Notice.Text)
                .ToListAsync()
        );
        Assert.Contains(told, mail =>
            mail.StartsWith("imogen@quillmoor.example", StringComparison.Ordinal)
            && mail.Contains("wilf@fellside.example", StringComparison.Ordinal)
        );
        await host.Owner.PutAsync(
            $"{host.Api}questions/{question.Number("id")}/done",
            System.Net.Http.Json.JsonContent.Create(new { isDone = true })
        );
        Assert.True(
            (await host.Owner.GetJsonAsync(host.Api + "questions"))
                .Items("questions")
                .Single(one => one.Text("name") == "Wilf Oakes")
                .Has("doneAt")
        );
    }

    [Theory]
    [InlineData("", "wilf@fellside.example", "A question")]
    [InlineData("Wilf", "wilf", "A question")]
    [InlineData("Wilf", "wilf@fellside.example", "  ")]
    public async Task What_lacks_something_is_answered_with_what_was_written(string name, string mail, string message)
    {
        var address = await PostAsync($"Incomplete {name} {mail.Length} {message.Trim().Length}");
        var answer = await SendAsync(
            await ActionAsync(address, "question"),
            ("name", name),
            ("mail", mail),
            ("message", message)
        );
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        Assert.Contains(message.Trim(), await answer.Content.ReadAsStringAsync());
        Assert.Empty(
            await host.InDatabaseAsync(database =>
                database.Questions.Where(question => question.Post!.Title.StartsWith("Incomplete")).ToListAsync()
            )
        );
    }

    [Fact]
    public async Task A_program_that_fills_in_everything_is_thanked_and_forgotten()
    {
        var address = await PostAsync("Trap");
        var answer = await SendAsync(
            await ActionAsync(address, "question"),
            ("name", "Best prices"),
            ("mail", "sale@spam.example"),
            ("message", "Buy"),
            ("website", "https://spam.example")
        );
        Assert.Equal(HttpStatusCode.OK, answer.StatusCode);
        Assert.False(
            await host.InDatabaseAsync(database =>
                database.Questions.AnyAsync(question => question.Name == "Best prices")
            )
        );
    }

    [Fact]
    public async Task A_post_without_the_form_takes_no_question()
    {
        var key = (await host.WriteAsync("No form")).Text("address").Split('/')[^2];
        Assert.Equal(
            HttpStatusCode.NotFound,
            (
                await SendAsync($"embed/questions/{key}", ("name", "W"), ("mail", "w@f.example"), ("message", "?"))
            ).StatusCode
        );
    }

    [Fact]
    public async Task Somebody_subscribes_only_by_saying_yes_in_their_own_mail()
    {
        var action = await ActionAsync(await PostAsync("Subscribe here"), "subscribe");
        var first = await (await SendAsync(action, ("mail", " Ada@Fellside.example "))).Content.ReadAsStringAsync();
        await SendAsync(action, ("mail", "ada@fellside.example"));
        var letter = Assert.Single(
            await host.InDatabaseAsync(database =>
                database.Letters.Where(letter => letter.Address == "ada@fellside.example").ToListAsync()
            )
        );
        Assert.Equal(0, await SubscribersAsync("ada@fellside.example"));
        var link = Link().Match(letter.Text).Value;
        Assert.Contains("<form", await host.Plain().GetStringAsync(link));
        Assert.Equal(0, await SubscribersAsync("ada@fellside.example"));
        Assert.Equal(HttpStatusCode.OK, (await host.Plain().PostAsync(link, null)).StatusCode);
        Assert.Equal(HttpStatusCode.OK, (await host.Plain().PostAsync(link, null)).StatusCode);
        Assert.Equal(1, await SubscribersAsync("ada@fellside.example"));
        // Nobody learns from the answer who reads here.
        Assert.Equal(
            first,
            await (await SendAsync(action, ("mail", "ada@fellside.example"))).Content.ReadAsStringAsync()
        );
        Assert.Equal(
            1,
            await host.InDatabaseAsync(database =>
                database.Letters.CountAsync(one => one.Address == "ada@fellside.example")
            )
        );
    }

    [Fact]
    public async Task Follow_links_stand_in_every_post_with_the_block_and_bad_ones_are_refused()
    {
        var problem = await (
            await host.Owner.PutAsync(
                host.Api + "follow-links",
                System.Net.Http.Json.JsonContent.Create(
                    new[] { new { name = "Lantern", address = "javascript:alert(1)" } }
                )
            )
        ).ProblemAsync(HttpStatusCode.BadRequest);
        Assert.True(problem.ToString().Contains("0.address", StringComparison.Ordinal));
        await host.Owner.PutJsonAsync(
            host.Api + "follow-links",
            new[] { new { name = "Quillmoor on <Lantern>", address = "https://lantern.example/@quillmoor" } }
        );
        var page = await host.Plain().GetStringAsync(await PostAsync("Follow us"));
        Assert.Contains(
            "<a href=\"https://lantern.example/@quillmoor\" rel=\"me noopener\">Quillmoor on &lt;Lantern&gt;</a>",
            page
        );
    }

    [GeneratedRegex("http\\S+/subscribe/\\S+")]
    private static partial Regex Link();

    private Task<int> SubscribersAsync(string mail) =>
        host.InDatabaseAsync(database =>
            database.Subscribers.CountAsync(subscriber => subscriber.Mail == mail && subscriber.LeftAt == null)
        );

    private async Task<string> PostAsync(string title) => (await host.WriteAsync(title, body: Body)).Text("address");

    private async Task<string> ActionAsync(string address, string form) =>
        Regex
            .Match(
                await host.Plain().GetStringAsync(address),
                $"block-form {form}\" method=\"post\" action=\"([^\"]+)\""
            )
            .Groups[1]
            .Value;

    private Task<HttpResponseMessage> SendAsync(string action, params (string Name, string Value)[] fields) =>
        host.Plain()
            .PostAsync(
                action,
                new FormUrlEncodedContent(fields.Select(field => KeyValuePair.Create(field.Name, field.Value)))
            );
}
