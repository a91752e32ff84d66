using System.Net;
using System.Text;
using Antiphon.Core.Comments;
using Antiphon.Server.Tests.Hosting;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Tests.Comments.Transfer;

/// <summary>Comments out and in again.</summary>
public sealed class CommentTransferTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    [Theory]
    [InlineData("json")]
    [InlineData("csv")]
    [InlineData("atom")]
    public async Task What_goes_out_comes_into_another_site_with_its_answers(string format)
    {
        var thread = await ThreadTalk.NewAsync(host, "https://quillmoor.example/programmes");
        await thread.WriteAsync("Wilf Ormerod", "Which way\n\nwere **you** facing?", "wilf@fellside.example");
        var first = (await thread.QueueAsync("waiting"))[0];
        await host.Owner.PostJsonAsync($"{host.Api}comments/{first.Number("id")}/answer", new { text = "=North-east" });
        await thread.WriteAsync("Deals", "Buy now.");
        var file = await host.Owner.GetByteArrayAsync(
            $"{host.Api}comments/export.{format}?thread={first.Number("threadId")}"
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
        ).Number("id");
        var trial = await SendAsync(other, file, "?trial=true");
        Assert.Equal(
            (3, 0, 1, 0),
            (trial.Number("taken"), trial.Number("known"), trial.Number("threads"), trial.Number("orphans"))
        );
        Assert.Equal(
            0,
            await host.InDatabaseAsync(database => database.Comments.CountAsync(comment => comment.SiteId == other))
        );
        await SendAsync(other, file);
        var rows = await host.InDatabaseAsync(database =>
            database.Comments.AsNoTracking().Where(one => one.SiteId == other).OrderBy(one => one.Id).ToListAsync()
        );
        var asked = rows.Single(row => row.Author == "Wilf Ormerod");
        var answer = rows.Single(row => row.Text == "=North-east");
        Assert.Equal(
            (asked.Id, asked.Id, "Which way\n\nwere **you** facing?", "wilf@fellside.example"),
            (answer.ParentId, answer.RootId, asked.Text.ReplaceLineEndings("\n"), asked.Mail)
        );
        Assert.Equal(1, rows.Count(row => row.Standing == CommentStanding.Waiting));
        Assert.Contains("<strong>you</strong>", asked.Html, StringComparison.Ordinal);

        var again = await SendAsync(other, file);
        Assert.Equal((0, 3), (again.Number("taken"), again.Number("known")));
    }

    [Fact]
    public async Task Where_it_came_from_nothing_is_taken_twice()
    {
        var thread = await ThreadTalk.NewAsync(host, "https://quillmoor.example/once");
        await thread.WriteAsync("Wilf Ormerod", "Once.");
        var done = await SendAsync(host.Site, await host.Owner.GetByteArrayAsync($"{host.Api}comments/export.json"));
        Assert.Equal(0, done.Number("taken"));
        Assert.Equal(1, await thread.CountAsync("waiting"));
    }

    [Fact]
    public async Task Everything_may_be_let_wait_and_orphans_stand_at_the_top()
    {
        const string File =
            """{"comments":[{"id":5,"thread":"t-9","parentId":4,"author":"Ida","text":"An answer to nobody.","published":"2026-11-24T21:00:00Z"},{"id":6,"thread":"t-9","author":"Tom","text":"","published":"2026-11-24T21:00:00Z"}]}""";
        var done = await SendAsync(host.Site, Encoding.UTF8.GetBytes(File), "?standing=waiting");
        Assert.Equal(
            (1, 1, 1, "text"),
            (done.Number("taken"), done.Number("orphans"), done.Number("refused"), done.Text("problems.0.field"))
        );
        var row = await host.InDatabaseAsync(database =>
            database.Comments.SingleAsync(comment => comment.Thread.Identifier == "t-9")
        );
        Assert.Equal((null, CommentStanding.Waiting), (row.ParentId, row.Standing));
    }

    [Fact]
    public async Task A_file_that_is_none_is_refused_and_a_moderator_takes_none_out()
    {
        var answer = await host.Owner.PostAsync(
            $"{host.Api}comments/import",
            new ByteArrayContent("no comments here"u8.ToArray())
        );
        Assert.Equal(["file"], (await answer.ProblemAsync(HttpStatusCode.BadRequest)).Names("errors"));
        using var moderator = await host.MemberAsync("moderator", $"out-{Guid.NewGuid():N}@quillmoor.example");
        Assert.Equal(HttpStatusCode.Forbidden, (await moderator.GetAsync($"{host.Api}comments/export.csv")).StatusCode);
    }

    private async Task<Json> SendAsync(long site, byte[] file, string query = "") =>
        await HttpTalk.GoodAsync(
            await host.Owner.PostAsync($"api/sites/{site}/comments/import{query}", new ByteArrayContent(file))
        );
}
