using Antiphon.Browser.Tests.Driving;
using Antiphon.Tests;

namespace Antiphon.Browser.Tests.Stories;

/// <summary>An owner sets channels up, publishes one post to all of them, and sees what became of it.</summary>
[Collection("demo")]
public sealed class ChannelStory(DemoInstallation demo)
{
    [Fact]
    public async Task A_channel_is_set_up_tested_and_takes_a_post_which_fails_and_is_tried_again()
    {
        var owner = demo.SignedIn();
        owner
            .Open(new Uri(demo.Workplace, "channels/set-up?new=social"))
            .Sees("A short post for each post")
            .Fill("input[placeholder='What your team calls it']", "Lantern again");
        owner.Press("Add channel").Sees("Enter the full address");
        owner
            .Fill(
                "input[placeholder='https://']",
                new Uri(demo.Installation.World.World, "lantern/api/posts").AbsoluteUri
            )
            .Fill("input[type=password]", "lantern-token")
            .Press("Add channel")
            .Sees("Channel added");
        owner.Press("Test it").Sees("Connected");
        await demo.Installation.World.FailAsync("lantern", "refuse");
        await demo.WriteAsync("A ring around the moon");
        owner
            .Open(new Uri(demo.Workplace, "channels"))
            .Sees("Lantern again: 1 delivery failed. 422: We do not take this.");
        await demo.Installation.World.FailAsync("lantern", "well");
        owner.Run(
            "[...document.querySelectorAll('.cause')].find(line => line.textContent.includes('Lantern again')).querySelector('button').click()"
        );
        owner.Sees("Retrying");
        var taken = await Eventually.IsAsync(
            "the post at Lantern",
            async () =>
                (await demo.Installation.World.TakenAsync("lantern")).FirstOrDefault(one =>
                    one.Text.StartsWith("A ring around the moon", StringComparison.Ordinal)
                ),
            one => one is not null
        );
        Assert.Contains("http", taken!.Text, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_text_that_names_an_unknown_field_is_marked_and_nothing_is_published()
    {
        var post = (long)(await demo.WriteAsync("Rime on the rail", status: "draft"))["id"]!;
        using var owner = demo.SignedIn();
        owner
            .Open(new Uri(demo.Workplace, $"posts/{post}"))
            .Press("Lantern")
            .Fill(".inside textarea", "Tonight: {titel} {link}")
            .Sees("Unknown field “titel” (at 10).");
        owner.Press("Publish …").Press("Publish and send");
        owner.Until("the refusal at the top", _ => owner.Count(".text > .trouble") == 1 ? "yes" : null);
        Assert.Equal(1, owner.Count(".inside .v-input--error"));
        Assert.Equal("draft", (string)(await demo.AskAsync($"api/sites/1/posts/{post}"))["status"]!);
    }

    [Fact]
    public async Task One_post_goes_to_every_channel_of_the_demo_and_the_board_shows_it()
    {
        var title = "Frost on the dome rail";
        await demo.WriteAsync(
            title,
            $"<p>As <a href=\"{new Uri(demo.Installation.World.World, "tarn/1")}\">the notebook</a> says.</p>"
        );
        var world = demo.Installation.World;
        await Eventually.TrueAsync("the bell", async () =>
            (await world.TakenAsync("bell")).Any(one => one.Body.Contains(title, StringComparison.Ordinal))
        );
        await Eventually.TrueAsync("the hub", async () => (await world.TakenAsync("hub")).Count >= 3);
        await Eventually.TrueAsync("the notebook", async () =>
            (await demo.TarnToldAsync()).Any(one => one.EndsWith("tarn/1", StringComparison.Ordinal))
        );
        var editor = demo.SignedIn("dov");
        // The partner waits for somebody to approve it; the network for its slot.
        editor.Open(new Uri(demo.Workplace, "channels")).Sees(title);
        var held = await DeliveryAsync(title, "approval");
        editor
            .Open(new Uri(demo.Workplace, $"channels?delivery={held}"))
            .Sees("Awaiting approval")
            .Sees("h-entry")
            .Press("Approve")
            .Sees("Delivered");
        await Eventually.TrueAsync("the partner", async () =>
            (await world.TakenAsync("parish")).Any(one => one.Text == title)
        );
        editor.Open(new Uri(demo.Workplace, "")).Sees("County hub");
    }

    [Fact]
    public void Every_channel_shows_what_it_would_say_beside_the_post()
    {
        var editor = demo.SignedIn("dov");
        editor.Open(new Uri(demo.Workplace, "posts/1")).Sees("Compare channels");
        editor.Press("Fellside Parish Paper").Click(".inside summary").Sees("h-entry");
    }

    [Fact]
    public void The_time_line_reads_as_a_list_on_a_phone()
    {
        var owner = demo.SignedIn("imogen", 390, 844);
        owner.Open(new Uri(demo.Workplace, "channels")).Sees("Scheduled").Click(".item").Sees("What will be sent");
        Accessibility.Check(owner);
    }

    private async Task<string> DeliveryAsync(string title, string held) =>
        (
            await Eventually.IsAsync(
                $"{title} held",
                async () =>
                    (
                        await demo.AskAsync(
                            "api/sites/1/channels/deliveries?from=2020-01-01T00:00:00Z&until=2030-01-01T00:00:00Z"
                        )
                    )["items"]!
                        .AsArray()
                        .FirstOrDefault(one => one!["title"]!.ToString() == title && one["held"]?.ToString() == held)
                        ?["id"]?.ToString(),
                id => id is not null
            )
        )!;
}
