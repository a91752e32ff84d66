using System.Net;
using System.Net.Http.Json;
using System.Text.RegularExpressions;
using Antiphon.Core.Comments;
using Antiphon.Core.Comments.Moderation;
using Antiphon.Server.Tests.Comments;
using Antiphon.Server.Tests.Hosting;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Tests.Work;

/// <summary>
/// What two people, or one impatient one, do at the same moment happens once, and nobody sees an error.
/// </summary>
public sealed partial class AtOnceTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    private const int Times = 8;

    [Fact]
    public async Task One_comment_form_sent_several_times_at_once_is_one_comment()
    {
        var thread = await ThreadTalk.NewAsync(host, "https://quillmoor.example/at-once");
        await AtOnceAsync(() =>
            thread.PostAsync("Wilf Ormerod", "Sent with two clicks.", key: "submission-0123456789")
        );
        Assert.Equal(
            1,
            await host.InDatabaseAsync(database =>
                database.Comments.CountAsync(comment => comment.Text == "Sent with two clicks.")
            )
        );
    }

    [Fact]
    public async Task Several_first_comments_at_once_open_one_thread_and_are_all_kept()
    {
        var thread = await ThreadTalk.NewAsync(host, "https://quillmoor.example/first-of-all");
        var number = 0;
        await AtOnceAsync(() =>
            thread.PostAsync(
                "Wilf Ormerod",
                $"First of all, I think {Interlocked.Increment(ref number)}.",
                key: $"first-of-all-{number}"
            )
        );
        Assert.Equal(
            (1, Times),
            await host.InDatabaseAsync(async database =>
                (
                    await database.Threads.CountAsync(one => one.Identifier == thread.Identifier),
                    await database.Comments.CountAsync(one => one.Text.StartsWith("First of all"))
                )
            )
        );
    }

    [Fact]
    public async Task One_question_sent_several_times_at_once_is_asked_once()
    {
        var action = await ActionAsync("question");
        await AtOnceAsync(() =>
            SendAsync(
                action,
                ("name", "Wilf Oakes"),
                ("mail", "wilf@fellside.example"),
                ("message", "Is the dome open?")
            )
        );
        Assert.Equal(
            (1, 1),
            await host.InDatabaseAsync(async database =>
                (
                    await database.Questions.CountAsync(one => one.Message == "Is the dome open?"),
                    await database.Notices.CountAsync(notice => notice.Text.StartsWith("  Is the dome open?"))
                )
            )
        );
    }

    [Fact]
    public async Task One_sign_up_sent_and_confirmed_several_times_at_once_is_one_mail_and_one_subscriber()
    {
        var action = await ActionAsync("subscribe");
        await AtOnceAsync(() => SendAsync(action, ("mail", "ada@fellside.example")));
        var letter = Assert.Single(
            await host.InDatabaseAsync(database =>
                database.Letters.Where(letter => letter.Address == "ada@fellside.example").ToListAsync()
            )
        );
        var link = Link().Match(letter.Text).Value;
        await AtOnceAsync(() => host.Plain().PostAsync(link, null));
        Assert.Equal(
            1,
            await host.InDatabaseAsync(database =>
                database.Subscribers.CountAsync(subscriber => subscriber.Mail == "ada@fellside.example")
            )
        );
    }

    [Fact]
    public async Task Of_moderators_who_decide_one_comment_at_once_one_counts_and_the_record_says_so()
    {
        var thread = await ThreadTalk.NewAsync(host, "https://quillmoor.example/decided");
        await thread.WriteAsync("Wilf Ormerod", "Decide me.");
        var id = Assert.Single(await thread.QueueAsync("waiting")).Number("id");
        var turn = 0;
        var answers = await Task.WhenAll(
            Enumerable
                .Range(0, Times)
                .Select(_ =>
                    host.Owner.PostAsJsonAsync(
                        $"{host.Api}comments/{id}/decision",
                        new
                        {
                            standing = Interlocked.Increment(ref turn) % 2 == 0 ? "public" : "spam",
                            seen = "waiting",
                        }
                    )
                )
        );
        var taken = Assert.Single(answers, answer => answer.IsSuccessStatusCode);
        Assert.All(answers.Where(answer => answer != taken), answer =>
            Assert.Equal(HttpStatusCode.Conflict, answer.StatusCode)
        );
        var standing = await host.InDatabaseAsync(database =>
            database.Comments.Where(comment => comment.Id == id).Select(one => one.Standing).SingleAsync()
        );
        var deeds = await host.InDatabaseAsync(database =>
            database
                .CommentDeeds.Where(commentDeed => commentDeed.CommentId == id && commentDeed.Kind == DeedKind.Decided)
                .ToListAsync()
        );
        Assert.Equal(
            (standing.ToString(), nameof(CommentStanding.Waiting)),
            (Assert.Single(deeds).After, deeds[0].Before)
        );
    }

    private static async Task AtOnceAsync(Func<Task<HttpResponseMessage>> send) =>
        Assert.All(await Task.WhenAll(Enumerable.Range(0, Times).Select(_ => send())), answer =>
            Assert.True(answer.IsSuccessStatusCode, $"{answer.StatusCode}")
        );

    private async Task<string> ActionAsync(string form)
    {
        var post = await host.WriteAsync(
            $"At once {form} {Guid.NewGuid():N}",
            body: "<p>Ask away.</p><div class=\"block-question\"></div><div class=\"block-subscribe\"></div>"
        );
        return Regex
            .Match(
                await host.Plain().GetStringAsync(post.Text("address")),
                $"block-form {form}\" method=\"post\" action=\"([^\"]+)\""
            )
            .Groups[1]
            .Value;
    }

    private Task<HttpResponseMessage> SendAsync(string action, params (string Name, string Value)[] fields) =>
        host.Plain()
            .PostAsync(
                action,
                new FormUrlEncodedContent(fields.Select(field => KeyValuePair.Create(field.Name, field.Value)))
            );

    [GeneratedRegex("http\\S+/subscribe/\\S+")]
    private static partial Regex Link();
}
