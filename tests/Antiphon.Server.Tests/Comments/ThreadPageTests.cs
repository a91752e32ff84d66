using System.Text.RegularExpressions;
using Antiphon.Data.Comments;
using Antiphon.Server.Tests.Hosting;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Tests.Comments;

/// <summary>A thread part by part, in every order.</summary>
public sealed partial class ThreadPageTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    [Theory]
    [InlineData("oldest")]
    [InlineData("newest")]
    [InlineData("best")]
    [InlineData("mostLiked")]
    [InlineData("leastLiked")]
    [InlineData("mostAnswered")]
    public async Task The_parts_hold_every_comment_once_and_say_where_the_next_begins(string order)
    {
        var thread = await LongAsync(23);
        var seen = new List<string>();
        for (string? after = string.Empty; after is not null; )
        {
            var html = await thread.HtmlAsync(order, after.Length == 0 ? string.Empty : $"&after={after}");
            seen.AddRange(Said().Matches(html).Select(match => match.Groups[1].Value));
            after = Next().Match(html) is { Success: true } next ? next.Groups[1].Value : null;
            Assert.True(seen.Count <= 24);
        }

        Assert.Equal(24, seen.Count);
        Assert.Equal(24, seen.Distinct().Count());
        if (order == "newest")
            Assert.Equal("22", seen[0]);
        if (order is "best" or "mostLiked")
            Assert.Equal("7", seen[0]);
        if (order == "mostAnswered")
            Assert.Equal(["3", "answer"], seen.Take(2));
    }

    [Fact]
    public async Task A_permanent_link_brings_its_comment_onto_the_page()
    {
        var thread = await LongAsync(23);
        var last = (await thread.JsonAsync())
            .Items("comments")
            .Single(item => item.Text("html").Contains("Number 22.", StringComparison.Ordinal))
            .Text("id");
        Assert.DoesNotContain("Number 22.", await thread.HtmlAsync("oldest"), StringComparison.Ordinal);
        Assert.Contains("Number 22.", await thread.HtmlAsync("oldest", $"&at={last}"), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_change_shows_at_once_in_what_is_kept()
    {
        var thread = await LongAsync(3);
        var before = await thread.HtmlAsync();
        Assert.Equal(before, await thread.HtmlAsync());
        await thread.WriteAsync("Nell Hartley", "Number 99.");
        Assert.Contains("Number 99.", await thread.HtmlAsync(), StringComparison.Ordinal);
    }

    private async Task<ThreadTalk> LongAsync(int count)
    {
        await host.Owner.PutJsonAsync(
            $"{host.Api}comments/settings",
            new
            {
                settings = new
                {
                    approval = "none",
                    shownFirst = 5,
                    votes = "upAndDown",
                },
            }
        );
        var thread = await ThreadTalk.NewAsync(host, "https://quillmoor.example/long");
        await thread.WriteAsync("Ida Marsh", "Number 0.");
        // Readers could not write so many within a minute.
        await host.InDatabaseAsync(async database =>
        {
            var first = await database
                .Comments.Include(comment => comment.Thread)
                .SingleAsync(one => one.Thread.Identifier == thread.Identifier);
            for (var number = 1; number < count; number++)
                database.Comments.Add(Like(first, $"Number {number}.", number));
            await database.SaveChangesAsync();
            if (count <= 7)
                return 0;
            var liked = await database.Comments.SingleAsync(one =>
                one.ThreadId == first.ThreadId && one.Text == "Number 7."
            );
            (liked.Up, liked.Best) = (1, 0.2);
            var answered = await database.Comments.SingleAsync(one =>
                one.ThreadId == first.ThreadId && one.Text == "Number 3."
            );
            var answer = Like(first, "Number answer.", count);
            (answer.ParentId, answer.RootId) = (answered.Id, answered.Id);
            database.Comments.Add(answer);
            return await database.SaveChangesAsync();
        });
        return thread;
    }

    private static Comment Like(Comment first, string text, int number) =>
        new()
        {
            Key = Guid.NewGuid().ToString("N"),
            SiteId = first.SiteId,
            ThreadId = first.ThreadId,
            Author = "Ida Marsh",
            Text = text,
            Html = $"<p>{text}</p>",
            Standing = first.Standing,
            CreatedAt = first.CreatedAt.AddMinutes(number),
        };

    [GeneratedRegex("<p>Number (\\w+)\\.</p>")]
    private static partial Regex Said();

    [GeneratedRegex("data-next=\"([^\"]+)\"")]
    private static partial Regex Next();
}
