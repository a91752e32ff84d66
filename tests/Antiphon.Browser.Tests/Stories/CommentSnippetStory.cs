using Antiphon.Browser.Tests.Driving;

namespace Antiphon.Browser.Tests.Stories;

/// <summary>One snippet on every page of a template, beside one that was pasted long ago.</summary>
[Collection("another demo")]
public sealed class CommentSnippetStory(DemoInstallation demo) : IDisposable
{
    private readonly HttpClient _editor = new();

    public void Dispose() => _editor.Dispose();

    [Fact]
    public async Task Every_page_has_its_own_thread_and_an_older_snippet_shows_the_same()
    {
        var made = (await demo.TellAsync(HttpMethod.Post, "api/sites/1/threads/snippet", new { isTemplate = true }))!;
        var (snippet, count) = (made["snippet"]!.ToString(), made["count"]!.ToString());
        var (programmes, membership) = (demo.Page("programmes"), demo.Page("membership"));
        var (first, second) = (await _editor.GetStringAsync(programmes), await _editor.GetStringAsync(membership));
        await SaveAsync("programmes", After(first, "<p style='height:2000px'>A long page.</p>" + snippet));
        await SaveAsync(
            "membership",
            After(second, count.Replace("ADDRESS-OF-THE-POST", "/programmes", StringComparison.Ordinal) + snippet)
        );
        try
        {
            var reader = demo.Reader();
            reader.Open(programmes);
            new PageThread(reader).Write("Percy Lund", "One snippet, my own thread.").Sees("after moderation");
            await PublishAsync("my own thread");

            reader.Open(membership);
            new PageThread(reader).Sees("Write a comment");
            reader.Sees("1 comment");
            Assert.DoesNotContain("my own thread", new PageThread(reader).Words, StringComparison.Ordinal);
            reader.Click("[data-antiphon-comment-count]");
            new PageThread(reader).Sees("my own thread");
            reader.Until("the thread in view", _ => reader.Run("return scrollY > 1000 ? true : null"));

            await SaveAsync("membership", After(second, OlderSnippet(snippet, programmes)));
            reader.Open(membership);
            new PageThread(reader).Sees("my own thread");
        }
        finally
        {
            await SaveAsync("programmes", first);
            await SaveAsync("membership", second);
        }
    }

    private static string After(string page, string added) =>
        page.Replace("</h1>", "</h1>" + added, StringComparison.Ordinal);

    private static string OlderSnippet(string snippet, Uri page)
    {
        var site = snippet.Split('"')[1];
        return $"<div id=\"antiphon-thread\" data-antiphon-thread=\"\" data-antiphon-site=\"{site}\" data-antiphon-url=\"{page}\" data-antiphon-title=\"Programmes\"></div>"
            + snippet[snippet.IndexOf("<script", StringComparison.Ordinal)..];
    }

    private async Task SaveAsync(string page, string html)
    {
        using var form = new FormUrlEncodedContent([new("html", html)]);
        (await _editor.PostAsync(demo.Page($"desk/{page}"), form)).EnsureSuccessStatusCode();
    }

    private async Task PublishAsync(string words)
    {
        var found = await demo.AskAsync($"api/sites/1/comments?standing=waiting&search={Uri.EscapeDataString(words)}");
        await demo.TellAsync(
            HttpMethod.Post,
            "api/sites/1/comments/decisions",
            new
            {
                decisions = new[]
                {
                    new
                    {
                        id = (long)found["comments"]![0]!["id"]!,
                        before = "waiting",
                        standing = "public",
                    },
                },
            }
        );
    }
}
