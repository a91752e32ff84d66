using System.Net.Http.Headers;
using System.Net.Http.Json;
using System.Text.Json.Nodes;
using System.Text.RegularExpressions;
using Antiphon.Browser.Tests.Driving;
using Antiphon.Tests;
using OpenQA.Selenium;

namespace Antiphon.Browser.Tests.Stories;

/// <summary>The team at work on comments, and readers with what is theirs.</summary>
[Collection("another demo")]
public sealed partial class ModeratingStory : IAsyncLifetime
{
    private readonly DemoInstallation _demo;
    private readonly HttpClient _script;
    private readonly TemporaryFolder _files = new();

    public ModeratingStory(DemoInstallation demo)
    {
        _demo = demo;
        _script = new HttpClient { BaseAddress = demo.Installation.Address };
        _script.DefaultRequestHeaders.Authorization = new AuthenticationHeaderValue("Bearer", "demo-token");
    }

    public Task InitializeAsync() => Task.CompletedTask;

    public async Task DisposeAsync()
    {
        // The stories after this one find comments taken as ever.
        await SetAsync(new { votes = "upAndDown" });
        _script.Dispose();
        _files.Dispose();
    }

    [Fact]
    public async Task A_hundred_waiting_comments_are_decided_by_keyboard_alone()
    {
        await ImportAsync(
            "keyboard",
            Enumerable
                .Range(1, 100)
                .Select(number => Comment("keyboard", $"k{number}", $"Decide me quickly, number {number}.", "waiting"))
        );
        var moderator = _demo.SignedIn("priya");
        moderator
            .Open(new Uri(_demo.Workplace, "comments?search=Decide%20me%20quickly"))
            .Sees("Decide me quickly, number 1.");
        moderator.Click(".queued");
        // The next one is there before the answer to the last decision is.
        for (var number = 0; number < 100; number++)
            moderator.Type(number % 2 == 0 ? "1" : "2");
        moderator.Sees("No comments");
        await Eventually.TrueAsync("every decision is stored", async () =>
            await CountAsync("waiting", "Decide me quickly") == 0
        );
        Assert.Equal(
            (50, 50),
            (await CountAsync("public", "Decide me quickly"), await CountAsync("hidden", "Decide me quickly"))
        );
    }

    [Fact]
    public async Task A_writer_is_banned_with_what_was_written_before_and_let_in_again()
    {
        await ImportAsync(
            "bans",
            new[] { "b1", "b2" }.Select(id =>
                Comment("bans", id, $"Cheap lenses, take {id}.", "waiting", "Lens Man", "lens-man@bulk.example")
            )
        );
        var moderator = _demo.SignedIn("priya");
        moderator
            .Open(new Uri(_demo.Workplace, "comments?search=Cheap%20lenses"))
            .Sees("Cheap lenses, take b1.")
            .Sees("Commenter: Lens Man");
        moderator.Click(".queued").Type("4");
        moderator.Sees("Ban Lens Man").Sees("Earlier comments (2)").Click(".v-dialog button[type=submit]");
        moderator.Sees("Banned: lens-man@bulk.example, with 2 earlier comments.").Sees("No comments");
        Assert.Equal(2, await CountAsync("spam", "Cheap lenses"));
        moderator.Open(new Uri(_demo.Workplace, "comments/marks")).Sees("lens-man@bulk.example");
        moderator.Open(new Uri(_demo.Workplace, "comments/record")).Sees("Lens Man").Sees("waiting → spam");
        moderator
            .Open(new Uri(_demo.Workplace, "comments?standing=spam&search=Cheap%20lenses"))
            .Sees("Banned: lens-man@bulk.example")
            .Press("Unban")
            .Sees("Ban lifted.");
    }

    [Fact]
    public async Task A_comment_is_changed_noted_moved_and_everything_taken_back()
    {
        await ImportAsync("desk", [Comment("desk", "d1", "Is the desk by the window free?", "waiting", "Agnes Quill")]);
        var moderator = _demo.SignedIn("priya");
        moderator
            .Open(new Uri(_demo.Workplace, "comments?search=desk%20by%20the"))
            .Sees("Is the desk by the window free?")
            .Click(".queued")
            .Type("n");
        moderator
            .Sees("Internal note")
            .Fill(".v-dialog textarea", "Ask Dov.")
            .Press("Add note")
            .Sees("Ask Dov.")
            .Sees("Note added.");
        moderator.Click(".queued").Type("e");
        moderator
            .Sees("Edit comment")
            .Fill(".v-dialog textarea", "Is the desk by the door free?")
            .Click(".v-dialog button[type=submit]");
        moderator.Sees("Edited.").Sees("· edited");
        Assert.Equal(1, await CountAsync("waiting", "desk by the door"));
        moderator.Click(".queued").Type("u");
        moderator.Sees("Is the desk by the window free?");
        moderator.Click(".queued").Type("d");
        moderator.Sees("Deleted: Agnes Quill.").Type("u").Sees("Is the desk by the window free?");
        Assert.Equal(1, await CountAsync("waiting", "desk by the window"));
    }

    [Fact]
    public async Task A_mail_decides_on_a_phone_after_one_tap_and_without_signing_in()
    {
        await WishAsync("waiting");
        var address = await PostAsync("Told by mail");
        var reader = _demo.Reader();
        reader.Open(address);
        new PageThread(reader).Write("Corin Abel", "Is the telescope out tonight?").Sees("after moderation");
        var mail = await Eventually.IsAsync(
            "the mail",
            async () =>
                (await _demo.Installation.World.MailsAsync()).LastOrDefault(one =>
                    one.To == "imogen@quillmoor.example" && one.Subject.Contains("Corin Abel", StringComparison.Ordinal)
                ),
            one => one is not null
        );
        await WishAsync("nothing");
        using var phone = new BrowserWindow(390, 844);
        phone
            .Open(new Uri(_demo.Installation.World.World, $"mailbox/{mail!.Id}"))
            .Sees("Is the telescope out tonight?");
        var link = new Uri(Link().Match(phone.Words).Value);
        phone.Open(link).Sees("Publish this comment?").Sees("Is the telescope out tonight?");
        Assert.Equal(1, await CountAsync("waiting", "telescope out tonight"));
        Assert.Equal(true, phone.Run("return document.documentElement.scrollWidth <= innerWidth"));
        phone.Press("Publish").Sees("Published");
        Assert.Equal(1, await CountAsync("public", "telescope out tonight"));
        phone.Open(link).Sees("This link was used");
    }

    [Fact]
    public async Task A_reader_changes_and_takes_back_what_they_wrote()
    {
        var address = await PostAsync("Yours to change");
        await SetAsync(
            new
            {
                approval = "firstTimeWriters",
                votes = "upAndDown",
                reactions = new[] { "★", "☾", "♥" },
            }
        );
        var reader = _demo.Reader();
        reader.Open(address);
        var thread = new PageThread(reader);
        thread.Write("Nell Hartley", "Orion is upp.").Sees("after moderation");
        var waiting = (await _demo.AskAsync("api/sites/1/comments?search=Orion%20is%20upp"))["comments"]![0]!;
        (
            await _script.PostAsJsonAsync(
                $"api/sites/1/comments/{waiting["id"]}/decision",
                new { standing = "public", seen = "waiting" }
            )
        ).EnsureSuccessStatusCode();
        reader.Open(address);
        thread.Sees("Orion is upp.").Press(".antiphon-own button").Sees("Save");
        reader.Run(
            "const t=document.querySelector('[data-antiphon-comments]').shadowRoot.querySelector('.antiphon-own-form textarea');t.value='Orion is up.'"
        );
        thread.Press(".antiphon-own-form button:not([type])").Sees("Orion is up.").Sees("· edited");
        thread.Press(".antiphon-reactions [value=\"★\"]");
        reader.Until("the reaction", _ =>
            thread.WordsOf(".antiphon-reactions [value=\"★\"] span") == "1" ? thread : null
        );
        reader.Run("window.confirm=()=>true");
        thread.Press(".antiphon-own button:nth-of-type(2)");
        reader.Until("the comment gone", _ =>
            thread.Words.Contains("Orion is up.", StringComparison.Ordinal) ? null : thread
        );
    }

    [Fact]
    public async Task What_waits_is_shown_to_its_writer_alone_who_changes_and_takes_it_back()
    {
        var address = await PostAsync("Only you see this");
        await SetAsync(new { approval = "all" });
        var reader = _demo.Reader();
        reader.Open(address);
        var thread = new PageThread(reader);
        thread.Write("Percy Lund", "My own **count**.").Sees("only you see this");
        reader.Until("the words as they will be", _ =>
            thread.WordsOf(".antiphon-waits .antiphon-said strong") == "count" ? thread : null
        );
        // The form is ready for the next comment, and knows the name.
        Assert.Equal(string.Empty, thread.Typed);
        reader.Open(address);
        thread.Sees("only you see this").Press(".antiphon-waits .antiphon-own button").Sees("Save");
        reader.Run(
            "const t=document.querySelector('[data-antiphon-comments]').shadowRoot.querySelector('.antiphon-own-form textarea');t.value='Nineteen.'"
        );
        thread.Press(".antiphon-own-form button:not([type])").Sees("Nineteen.");
        var stranger = _demo.Reader(1024);
        stranger.Open(address);
        new PageThread(stranger).Sees("No comments yet");
        Assert.DoesNotContain("Nineteen.", new PageThread(stranger).Words, StringComparison.Ordinal);
        reader.Open(address);
        thread.Sees("Nineteen.");
        reader.Run("window.confirm=()=>true");
        thread.Press(".antiphon-waits .antiphon-own button:nth-of-type(2)");
        reader.Until("it gone", _ => thread.Words.Contains("Nineteen.", StringComparison.Ordinal) ? null : thread);
    }

    [Fact]
    public async Task A_comment_has_two_stops_of_the_tab_key_and_arrows_move_within()
    {
        var address = await PostAsync("Two stops");
        await SetAsync(
            new
            {
                approval = "none",
                votes = "upAndDown",
                reactions = new[] { "★", "☾" },
            }
        );
        var identifier = await ThreadOfAsync("Two stops");
        await ImportAsync(identifier, [Comment(identifier, "t1", "One voice.", "public")]);
        var reader = _demo.Reader();
        reader.Open(address);
        var thread = new PageThread(reader);
        thread.Sees("One voice.");
        const string Root = "document.querySelector('[data-antiphon-comments]').shadowRoot";
        Assert.Equal(
            2L,
            reader.Run(
                $"return [...{Root}.querySelectorAll('.antiphon-comment :is(a,button,summary,input)')].filter(one=>one.checkVisibility()&&one.tabIndex===0).length"
            )
        );
        // However many parts of the script a page loads, it gets one name of ours.
        Assert.Equal(
            "antiphon",
            reader.Run("return Object.keys(window).filter((name) => /antiphon/i.test(name)).join(' ')")
        );
        reader.Run($"{Root}.querySelector('[name=vote]').focus()");
        reader.Type(Keys.ArrowRight);
        Assert.Equal("Reply", reader.Run($"return {Root}.activeElement.textContent"));
    }

    [Fact]
    public async Task Emoji_are_chosen_by_keyboard_and_the_preview_shows_them()
    {
        var reader = _demo.Reader();
        reader.Open(await PostAsync("Small pictures"));
        var thread = new PageThread(reader);
        thread.Type("**Clear** ").Press("[data-emoji]");
        reader.Type(Keys.ArrowRight).Type(Keys.Enter);
        reader.Until("the emoji", _ => thread.Typed == "**Clear** 😄" ? thread : null);
        thread.Press(".antiphon-see");
        reader.Until("the preview", _ => thread.WordsOf(".antiphon-preview strong") == "Clear" ? thread : null);
    }

    [Fact]
    public async Task A_long_thread_opens_bit_by_bit_and_says_what_came_while_reading()
    {
        var address = await PostAsync("Many voices");
        var identifier = await ThreadOfAsync("Many voices");
        await SetAsync(new { approval = "none", shownFirst = 20 });
        await ImportAsync(
            identifier,
            Enumerable
                .Range(1, 45)
                .Select(number => Comment(identifier, $"m{number}", $"Voice number {number}.", "public"))
        );
        var reader = _demo.Reader();
        reader.Open(address);
        var thread = new PageThread(reader);
        thread.Sees("Voice number 20.");
        Assert.DoesNotContain("Voice number 21.", thread.Words, StringComparison.Ordinal);
        thread.Press("[data-next]").Sees("Voice number 40.").Press("[data-next]").Sees("Voice number 45.");
        Assert.Equal(
            45L,
            reader.Run(
                "return document.querySelector('[data-antiphon-comments]').shadowRoot.querySelectorAll('.antiphon-comment').length"
            )
        );

        await ImportAsync(identifier, [Comment(identifier, "m46", "A voice that came later.", "public")]);
        reader.Until("what is new", _ =>
        {
            // Coming back to the window is a moment to look.
            reader.Run("window.dispatchEvent(new Event('focus'))");
            return thread.Words.Contains("New comments: 1. Show", StringComparison.Ordinal) ? thread : null;
        });
        Assert.DoesNotContain("came later", thread.Words, StringComparison.Ordinal);
        var last = (await _demo.AskAsync("api/sites/1/comments?standing=public&search=came%20later"))["comments"]![0]![
            "id"
        ]!;
        Assert.NotNull(last);
        thread.Press("[data-order=newest]").Sees("A voice that came later.");
    }

    [Fact]
    public async Task A_hostile_style_sheet_does_not_break_a_thread()
    {
        var page = _demo.Page("membership");
        var original = await _script.GetStringAsync(page);
        await ImportAsync("hostile", [Comment("hostile", "h1", "Still here, and still legible.", "public")]);
        var snippet = (string)
            (
                await (
                    await _script.PostAsJsonAsync(
                        "api/sites/1/threads/snippet",
                        new { identifier = "hostile", address = page.AbsoluteUri }
                    )
                ).Content.ReadFromJsonAsync<JsonNode>()
            )!["snippet"]!;
        await SaveAsync(
            original.Replace(
                "</h1>",
                "</h1><style>* { all: unset !important; } a { position: absolute !important; }</style>" + snippet,
                StringComparison.Ordinal
            )
        );
        try
        {
            var reader = _demo.Reader();
            reader.Open(page);
            var thread = new PageThread(reader);
            thread.Sees("Still here, and still legible.");
            Assert.Equal(
                true,
                reader.Run(
                    "const r=document.querySelector('[data-antiphon-comments]').shadowRoot,h=s=>r.querySelector(s).getBoundingClientRect();return h('textarea').height>36&&h('textarea').width>200&&h('.antiphon-comment').width>200&&getComputedStyle(r.querySelector('.antiphon-comment a')).position==='static'"
                )
            );
            thread.Write("Percy Lund", "I can write, too.").Sees("after moderation");
        }
        finally
        {
            await SaveAsync(original);
        }
    }

    private async Task SaveAsync(string html)
    {
        using var form = new FormUrlEncodedContent([new("html", html)]);
        (await _script.PostAsync(_demo.Page("desk/membership"), form)).EnsureSuccessStatusCode();
    }

    [Fact]
    public async Task Comments_are_brought_in_after_a_trial_and_taken_out_again()
    {
        var path = Path.Combine(_files.Path, "comments.json");
        await File.WriteAllTextAsync(
            path,
            new JsonObject
            {
                ["comments"] = new JsonArray(
                    Comment("brought", "i1", "Brought from elsewhere.", "public"),
                    new JsonObject
                    {
                        ["id"] = "i2",
                        ["thread"] = "brought",
                        ["text"] = "",
                    }
                ),
            }.ToJsonString()
        );
        var owner = _demo.SignedIn();
        owner
            .Open(new Uri(_demo.Workplace, "comments/threads"))
            .Sees("Import and export")
            .Click("details:last-of-type summary")
            .Attach("input[type=file]", path);
        owner
            .Press("Preview")
            .Sees("1 new comment in 1 new thread")
            .Sees("1 comment cannot be imported")
            .Press("Import 1 comment")
            .Sees("1 comment imported.");
        Assert.Contains(
            "Brought from elsewhere.",
            await _script.GetStringAsync("api/sites/1/comments/export.csv"),
            StringComparison.Ordinal
        );
        owner
            .Open(new Uri(_demo.Workplace, "comments/threads?search=brought"))
            .Sees("brought")
            .Press("Settings")
            .Sees("Settings you don’t change are inherited from the site.");
    }

    private async Task<int> CountAsync(string standing, string search) =>
        (await _demo.AskAsync($"api/sites/1/comments?standing={standing}&search={Uri.EscapeDataString(search)}"))[
            "comments"
        ]!
            .AsArray()
            .Count;

    private async Task ImportAsync(string thread, IEnumerable<JsonObject> comments)
    {
        var file = new JsonObject { ["comments"] = new JsonArray([.. comments]) };
        var answer = await _script.PostAsync("api/sites/1/comments/import", JsonContent.Create(file));
        Assert.True(answer.IsSuccessStatusCode, $"{thread}: {await answer.Content.ReadAsStringAsync()}");
    }

    private static JsonObject Comment(
        string thread,
        string id,
        string text,
        string standing,
        string author = "Sunniva Dale",
        string? mail = null
    ) =>
        new()
        {
            ["id"] = id,
            ["thread"] = thread,
            ["author"] = author,
            ["mail"] = mail,
            ["text"] = text,
            ["standing"] = standing,
            ["published"] = DateTimeOffset
                .UtcNow.AddHours(-2)
                .AddSeconds(int.Parse(Digits().Match(id).Value, null))
                .ToString("o"),
        };

    private async Task<Uri> PostAsync(string title)
    {
        var answer = await _script.PostAsJsonAsync(
            "api/sites/1/posts",
            new
            {
                blogId = 1,
                title,
                bodyHtml = "<p>Clear from nine.</p>",
                status = "published",
            }
        );
        var made = (await answer.EnsureSuccessStatusCode().Content.ReadFromJsonAsync<JsonNode>())!;
        return new Uri(_demo.Installation.Address, $"posts/{((string)made["address"]!).Split("antiphon=post/")[1]}");
    }

    private async Task<string> ThreadOfAsync(string title) =>
        (string)(await _demo.AskAsync($"api/sites/1/threads?search={Uri.EscapeDataString(title)}"))[0]!["identifier"]!;

    private async Task WishAsync(string about) =>
        (
            await _script.PutAsJsonAsync("api/sites/1/comments/notices", new { about, everyHours = 0 })
        ).EnsureSuccessStatusCode();

    private async Task SetAsync(object settings) =>
        (await _script.PutAsJsonAsync("api/sites/1/comments/settings", new { settings })).EnsureSuccessStatusCode();

    [GeneratedRegex("http\\S+/decide/\\S+to=public")]
    private static partial Regex Link();

    [GeneratedRegex("\\d+")]
    private static partial Regex Digits();
}
