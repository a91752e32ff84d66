using System.Text.Json.Nodes;
using Antiphon.Browser.Tests.Driving;
using Antiphon.Tests;

namespace Antiphon.Browser.Tests.Stories;

/// <summary>
/// An editor sets up one channel of each kind with its stand-in, publishes one post, and sees it arrive in each.
/// </summary>
[Collection("demo")]
public sealed class EveryChannelStory(DemoInstallation demo)
{
    private const string NameField = "input[placeholder='What your team calls it']";
    private const string AddressField = "input[placeholder='https://']";
    private readonly OutsideWorld _world = demo.Installation.World;

    [Fact]
    public async Task One_of_each_kind_is_set_up_and_one_post_reaches_them_all()
    {
        var editor = demo.SignedIn("dov");
        Add(editor, "social", "Second Lantern", "lantern/api/posts", "lantern-token", "Connected");
        Add(editor, "partner", "Dale Gazette", "parish/micropub", "parish-token", "Connected");
        AddOlderPartner(editor);
        Add(editor, "webhook", "Second bell", "bell/", "bell-secret", "204: taken");
        Add(editor, "hub", "Second hub", "hub", null, "The hub answers");
        Add(editor, "pings", "Everybody we name", null, null, "Pages are asked one by one");
        var title = "Rime on the weather vane";
        await PublishAsync(editor, title);
        await Eventually.TrueAsync("Lantern", async () =>
            (await _world.TakenAsync("lantern")).Any(one => one.Text.StartsWith(title, StringComparison.Ordinal))
        );
        await Eventually.IsAsync(
            "both partners",
            async () => (await _world.TakenAsync("parish")).Count(one => one.Text == title),
            count => count == 2
        );
        await Eventually.TrueAsync("the bell", async () =>
            (await _world.TakenAsync("bell")).Count(one => one.Body.Contains(title, StringComparison.Ordinal)) >= 2
        );
        await Eventually.TrueAsync("everything delivered", async () =>
            (await StatesAsync(title)).Count(state => state == "delivered") >= 9
        );
        await Eventually.TrueAsync("the notebook", async () =>
            (await demo.TarnToldAsync()).Any(one =>
                one.Contains("rime-on-the-weather-vane", StringComparison.Ordinal)
                && one.EndsWith("tarn/1", StringComparison.Ordinal)
            )
        );
        // What it brings there comes back.
        var note = (await _world.TakenAsync("lantern")).First(one =>
            one.Text.StartsWith(title, StringComparison.Ordinal)
        );
        await ReactAsync(note.Number);
        editor
            .Open(new Uri(demo.Workplace, $"channels?delivery={await DeliveryAsync("Second Lantern", title)}"))
            .Sees("Delivered")
            .Press("Refresh")
            .Sees("1 reply, 1 like");
        await RemoveAsync(
            "Second Lantern",
            "Dale Gazette",
            "The Gazette of old",
            "Second bell",
            "Second hub",
            "Everybody we name"
        );
    }

    [Fact]
    public async Task Channels_are_seen_side_by_side_and_a_text_of_ones_own_is_counted_at_once()
    {
        var post = await DraftAsync("Seen side by side");
        var editor = demo.SignedIn("dov");
        editor
            .Open(new Uri(demo.Workplace, $"posts/{post}"))
            .Sees("Compare channels")
            .Press("Compare channels")
            .Sees("on every channel")
            .Sees("The week at Quillmoor");
        editor.Sees("Text 2").Run("document.querySelector('.sheet article:nth-of-type(2)').scrollIntoView()");
        editor.Fill(".sheet article:nth-of-type(2) textarea", "Short").Sees("5 of 500").Sees("The text has no link.");
        editor.Click(".sheet header .v-btn").Sees("Check links again");
        Accessibility.Check(editor);
        editor.Press("Close").Sees("Compare channels").Sees("5/500");
    }

    [Fact]
    public async Task What_waits_is_moved_on_the_time_line_and_back()
    {
        var editor = demo.SignedIn("dov");
        editor.Open(new Uri(demo.Workplace, "channels?days=7")).Sees("Drag a queued delivery");
        const string note = ".note.movable";
        var before = (string)editor.Find(note).GetAttribute("aria-label")!;
        var title = before[..before.IndexOf(", queued", StringComparison.Ordinal)];
        editor.Run($"document.querySelector('{note}').focus()");
        editor.Type(OpenQA.Selenium.Keys.Shift + OpenQA.Selenium.Keys.ArrowRight).Sees($"“{title}” will be sent on");
        editor.Until("the note elsewhere", _ => Labels(editor, note).Contains(before) ? null : "moved");
        editor.Press("Undo");
        editor.Until("the note back", _ => Labels(editor, note).Contains(before) ? "back" : null);
        Assert.NotEmpty(await StatesAsync(title));
    }

    private static IReadOnlyCollection<string> Labels(BrowserWindow editor, string css) =>
        (
            (IEnumerable<object>)
                editor.Run(
                    $"return [...document.querySelectorAll('{css}')].map(note => note.getAttribute('aria-label'))"
                )!
        )
            .Cast<string>()
            .ToList();

    private void Add(BrowserWindow editor, string kind, string name, string? service, string? secret, string tested)
    {
        editor.Open(new Uri(demo.Workplace, $"channels/set-up?new={kind}")).Fill(NameField, name);
        if (service is not null)
            editor.Fill(AddressField, new Uri(_world.World, service).AbsoluteUri);
        if (secret is not null)
            editor.Fill("input[type=password]", secret);
        editor.Press("Add channel").Sees("Channel added").Press("Test it").Sees(tested);
    }

    private void AddOlderPartner(BrowserWindow editor)
    {
        editor
            .Open(new Uri(demo.Workplace, "channels/set-up?new=partner"))
            .Fill(NameField, "The Gazette of old")
            .Fill(AddressField, new Uri(_world.World, "parish/atom/service").AbsoluteUri);
        editor
            .Choose("form.channel .v-select input", "AtomPub")
            .Fill("input[placeholder^='Leave empty if']", "parish")
            .Fill("input[type=password]", "parish-token");
        editor
            .Press("Add channel")
            .Sees("Channel added")
            .Press("Test it")
            .Sees("Posts are taken at another address")
            .Press("Use this address")
            .Sees("Connected");
    }

    private async Task PublishAsync(BrowserWindow editor, string title)
    {
        var post = await DraftAsync(title);
        editor
            .Open(new Uri(demo.Workplace, $"posts/{post}"))
            .Sees("Compare channels")
            .Sees("The Gazette of old")
            .Press("Publish …")
            .Sees("will get an email")
            .Press("Publish and send")
            .Sees("Published");
    }

    private async Task<long> DraftAsync(string title) =>
        (
            await demo.WriteAsync(
                title,
                $"<p>White on both sides, as <a href=\"{new Uri(_world.World, "tarn/1")}\">the notebook</a> says.</p>",
                "draft"
            )
        )["id"]!.GetValue<long>();

    private async Task<string> DeliveryAsync(string channel, string title)
    {
        var id = (await ChannelsAsync()).Single(one => one!["name"]!.ToString() == channel)!["id"]!.ToString();
        return (await LineAsync()).First(one =>
            one!["channelId"]!.ToString() == id && one["title"]!.ToString() == title
        )!["id"]!.ToString();
    }

    private async Task<List<string>> StatesAsync(string title) =>
        [
            .. (await LineAsync())
                .Where(one => one!["title"]!.ToString() == title)
                .Select(one => one!["state"]!.ToString()),
        ];

    private async Task<JsonArray> LineAsync() =>
        (await demo.AskAsync("api/sites/1/channels/deliveries?from=2020-01-01T00:00:00Z&until=2030-01-01T00:00:00Z"))[
            "items"
        ]!.AsArray();

    private async Task<JsonArray> ChannelsAsync() => (await demo.AskAsync("api/sites/1/channels/set-up")).AsArray();

    // The other stories know the demo as it was made.
    private async Task RemoveAsync(params string[] names)
    {
        foreach (var one in (await ChannelsAsync()).Where(one => names.Contains(one!["name"]!.ToString())))
            await demo.TellAsync(HttpMethod.Delete, $"api/sites/1/channels/set-up/{one!["id"]}");
    }

    private async Task ReactAsync(int number)
    {
        using var world = new HttpClient { BaseAddress = _world.World };
        using var answer = new FormUrlEncodedContent(new Dictionary<string, string> { ["text"] = "We saw it too." });
        (await world.PostAsync($"lantern/posts/{number}/answers", answer)).EnsureSuccessStatusCode();
        (await world.PostAsync($"lantern/posts/{number}/likes", null)).EnsureSuccessStatusCode();
    }
}
