using Antiphon.Browser.Tests.Driving;
using Antiphon.Tests;

namespace Antiphon.Browser.Tests.Stories;

/// <summary>Another site writes about a post; what it says comes back into the conversation.</summary>
[Collection("another demo")]
public sealed class MentionStory(DemoInstallation demo)
{
    [Fact]
    public async Task A_webmention_is_read_published_and_stands_in_the_thread()
    {
        var post = await PostAsync("The comet over the west ridge");
        await WriteAboutAsync(post, "The ridge hid it from us until four.");
        var moderator = demo.SignedIn("priya");
        var id = await Eventually.IsAsync(
            "the mention",
            async () =>
                (await demo.AskAsync("api/sites/1/mentions"))["mentions"]!
                    .AsArray()
                    .FirstOrDefault(one => one!["text"]!.ToString().StartsWith("The ridge", StringComparison.Ordinal))
                    ?["id"]?.ToString(),
            found => found is not null
        );
        moderator
            .Open(new Uri(demo.Workplace, $"mentions?mention={id}"))
            .Sees("The ridge hid it from us until four.")
            .Sees("Reply on");
        moderator.Type("1").Sees("Published: Oswin Pell");
        var reader = demo.Reader();
        reader.Open(post);
        new PageThread(reader).Sees("The ridge hid it from us until four.").Sees("replied on");
    }

    [Fact]
    public void Pages_without_the_link_say_so_and_the_list_works_on_a_phone()
    {
        var moderator = demo.SignedIn("priya", 390, 844);
        moderator
            .Open(new Uri(demo.Workplace, "mentions?choice=refused"))
            .Sees("Rejected (no link)")
            .Click(".line")
            .Sees("no link to the post")
            .Press("← All mentions")
            .Sees("Waiting");
        Accessibility.Check(moderator);
    }

    private async Task<Uri> PostAsync(string title)
    {
        var post = await demo.WriteAsync(title, "<p>Low, and gone by five.</p>");
        // The page we serve ourselves, wherever the blog lives.
        return new Uri(demo.Installation.Address, $"posts/{post["address"]!.ToString().Split("antiphon=post/")[1]}");
    }

    private async Task WriteAboutAsync(Uri post, string words)
    {
        using var world = new HttpClient { BaseAddress = demo.Installation.World.World };
        using var form = new FormUrlEncodedContent(
            new Dictionary<string, string>
            {
                ["target"] = post.AbsoluteUri,
                ["kind"] = "answer",
                ["way"] = "webmention",
                ["words"] = words,
            }
        );
        (await world.PostAsync("tarn/pages", form)).EnsureSuccessStatusCode();
    }
}
