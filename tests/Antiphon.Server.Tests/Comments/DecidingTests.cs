using System.Net;
using System.Net.Http.Json;
using Antiphon.Server.Tests.Hosting;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Tests.Comments;

/// <summary>Where new comments go, by rules, settings of the layers and the filter.</summary>
public sealed class DecidingTests(AntiphonHost host) : IClassFixture<AntiphonHost>, IAsyncLifetime
{
    private const string Page = "https://quillmoor.example/visit";

    public Task InitializeAsync() => host.FreshSiteAsync();

    public Task DisposeAsync() => Task.CompletedTask;

    [Theory]
    [InlineData("publish", "public")]
    [InlineData("wait", "waiting")]
    [InlineData("spam", "spam")]
    public async Task A_rule_sends_a_comment_where_it_says_and_the_trace_is_kept(string act, string standing)
    {
        await RuleAsync(
            new
            {
                condition = "words",
                number = 0,
                words = new[] { "owl*" },
                act,
                message = (string?)null,
            }
        );
        var thread = await ThreadTalk.NewAsync(host, Page);
        await thread.WriteAsync("Ida Marsh", "The owls were out again.");
        var comment = Assert.Single(await thread.QueueAsync(standing));
        var known = await host.Owner.GetJsonAsync($"{host.Api}comments/{comment.Number("id")}/conversation");
        Assert.Equal(
            (act, "rule", "words", "owl*"),
            (
                known.Text("case.trace.act"),
                known.Text("case.trace.step"),
                known.Text("case.trace.rule.condition"),
                known.Text("case.trace.found")
            )
        );
    }

    [Fact]
    public async Task A_refused_comment_is_told_why_and_not_kept()
    {
        await RuleAsync(
            new
            {
                condition = "linksAtLeast",
                number = 1,
                words = Array.Empty<string>(),
                act = "refuse",
                message = "No links, please.",
            }
        );
        var thread = await ThreadTalk.NewAsync(host, Page);
        var refusal = await (await thread.PostAsync("Ida Marsh", "See http://a.example")).ProblemAsync(
            HttpStatusCode.BadRequest
        );
        Assert.Equal("No links, please.", refusal.Text("errors.text.0"));
        Assert.Equal(0, await thread.CountAsync("waiting"));
        var page = await (
            await thread.PostAsync("Ida Marsh", "See http://a.example", asJson: false)
        ).Content.ReadAsStringAsync();
        Assert.Contains("See http://a.example</textarea>", page, StringComparison.Ordinal);
    }

    [Fact]
    public async Task The_same_text_again_and_again_is_told_however_it_is_spaced()
    {
        await RuleAsync(
            new
            {
                condition = "repeatedText",
                number = 3,
                words = Array.Empty<string>(),
                act = "spam",
                message = (string?)null,
            }
        );
        var thread = await ThreadTalk.NewAsync(host, Page);
        foreach (var text in new[] { "Look at  this", "look at this", "LOOK AT\nTHIS" })
            await thread.WriteAsync("Ida Marsh", text);
        Assert.Equal((2, 1), (await thread.CountAsync("waiting"), await thread.CountAsync("spam")));
    }

    [Fact]
    public async Task A_writer_whose_comments_are_public_need_not_wait_where_only_new_ones_do()
    {
        await LayerAsync(null, new { approval = "firstTimeWriters" });
        var thread = await ThreadTalk.NewAsync(host, Page);
        await WriteAsync(thread, "First.", "device-of-ida-0123456789");
        await thread.DecideAllAsync("public");
        var second = await WriteAsync(thread, "Second.", "device-of-ida-0123456789");
        Assert.Equal("true", second.Text("isPublic"));
        Assert.Contains("Second.", await thread.HtmlAsync(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Whoever_types_the_address_of_a_known_writer_is_not_known()
    {
        await LayerAsync(null, new { approval = "firstTimeWriters" });
        var thread = await ThreadTalk.NewAsync(host, Page);
        await WriteAsync(thread, "First.", "device-of-ida-0123456789");
        await thread.DecideAllAsync("public");
        Assert.Equal("false", (await WriteAsync(thread, "I am Ida too.", "device-of-somebody-else")).Text("isPublic"));
        Assert.Equal(
            "false",
            (await HttpTalk.GoodAsync(await thread.PostAsync("Ida Marsh", "And I.", mail: "ida@reader.example"))).Text(
                "isPublic"
            )
        );
    }

    [Fact]
    public async Task A_link_confirms_the_device_that_asked_for_it_and_no_other()
    {
        await LayerAsync(null, new { approval = "none", writers = "confirmed" });
        var mail = $"ida-{Guid.NewGuid():N}@reader.example";
        var thread = await ThreadTalk.NewAsync(host, Page);
        await WriteAsync(thread, "By somebody who typed it.", "device-of-somebody-else", mail);
        await WriteAsync(thread, "By Ida.", "device-of-ida-0123456789", mail);
        var letters = await host.InDatabaseAsync(database =>
            database
                .Letters.Where(letter => letter.Address == mail)
                .OrderBy(one => one.Id)
                .Select(one => one.Text)
                .ToListAsync()
        );
        using var reader = host.Plain();
        using var form = new FormUrlEncodedContent([KeyValuePair.Create("act", "confirm")]);
        (
            await reader.PostAsync(
                System.Text.RegularExpressions.Regex.Match(letters[^1], "/mine/\\S+").Value.TrimStart('/'),
                form
            )
        ).EnsureSuccessStatusCode();
        var html = await thread.HtmlAsync();
        Assert.Contains("By Ida.", html, StringComparison.Ordinal);
        Assert.DoesNotContain("By somebody who typed it.", html, StringComparison.Ordinal);
        await LayerAsync(null, new { writers = "guests" });
    }

    private static async Task<Json> WriteAsync(
        ThreadTalk thread,
        string text,
        string device,
        string mail = "ida@reader.example"
    ) =>
        await HttpTalk.GoodAsync(
            await thread.SendAsync(
                string.Empty,
                ("name", "Ida Marsh"),
                ("mail", mail),
                ("text", text),
                ("device", device)
            )
        );

    [Fact]
    public async Task A_blog_says_otherwise_than_its_site_and_a_post_otherwise_than_its_blog()
    {
        var blog = (await host.Owner.GetJsonAsync($"{host.Api}blogs")).Items()[0].Number("id");
        await LayerAsync(null, new { isOn = false });
        var address = (await host.WriteAsync("Open after all", status: "published")).Text("address");
        Assert.DoesNotContain(
            "id=\"antiphon-form\"",
            await host.Plain().GetStringAsync(address),
            StringComparison.Ordinal
        );
        await LayerAsync(blog, new { isOn = true, needsMail = true });
        Assert.Contains(
            "type=\"email\" value=\"\" autocomplete=\"email\" maxlength=\"200\" required",
            await host.Plain().GetStringAsync(address),
            StringComparison.Ordinal
        );
        var layers = await host.Owner.GetJsonAsync($"{host.Api}comments/settings");
        Assert.Equal(
            ("false", "true", "true"),
            (layers.Text("site.isOn"), layers.Text("blogs.0.settings.isOn"), layers.Text("blogs.0.effective.isOn"))
        );
    }

    [Fact]
    public async Task Posts_that_say_otherwise_are_counted_and_brought_in_line()
    {
        var off = await host.WriteAsync("Left off", status: "published");
        await host.Owner.PostJsonAsync(
            $"{host.Api}posts/bulk",
            new
            {
                posts = new[] { off.Number("id") },
                kind = "comments",
                isOn = false,
            }
        );
        Assert.Equal(1, (await host.Owner.GetJsonAsync($"{host.Api}comments/settings")).Number("blogs.0.postsOff"));
        await host.Owner.PostJsonAsync(
            $"{host.Api}posts/bulk",
            new
            {
                posts = new[] { off.Number("id") },
                kind = "comments",
                isOn = true,
            }
        );
        Assert.Equal(0, (await host.Owner.GetJsonAsync($"{host.Api}comments/settings")).Number("blogs.0.postsOff"));
    }

    [Fact]
    public async Task A_trial_tells_what_rules_would_have_done_against_what_was_decided()
    {
        var thread = await ThreadTalk.NewAsync(host, Page);
        foreach (var text in new[] { "An owl.", "A fox.", "Buy owls." })
            await thread.WriteAsync("Ida Marsh", text);
        await thread.DecideAllAsync("public");
        var rules = new[]
        {
            new
            {
                condition = "words",
                number = 0,
                words = new[] { "owl" },
                act = "spam",
                message = (string?)null,
            },
        };
        var trial = await host.Owner.PostJsonAsync($"{host.Api}comments/rules/trial", new { rules });
        Assert.Equal(
            (3, 1, 2, 1),
            (trial.Number("tried"), trial.Number("spam"), trial.Number("waiting"), trial.Number("against"))
        );
        Assert.Equal("An owl.", trial.Text("examples.0.start"));
        Assert.Empty((await host.Owner.GetJsonAsync($"{host.Api}comments/rules")).Items());
    }

    [Theory]
    [InlineData("words", 0, "Enter at least one word.")]
    [InlineData("linksAtLeast", 0, "Enter a number above 0, for scores up to 100.")]
    [InlineData("scoreAtLeast", 101, "Enter a number above 0, for scores up to 100.")]
    public async Task A_rule_that_lacks_something_is_refused_at_its_place(string condition, int number, string words)
    {
        var refusal = await (
            await host.Owner.PutAsync(
                $"{host.Api}comments/rules",
                JsonContent.Create(
                    new
                    {
                        rules = new[]
                        {
                            new
                            {
                                condition,
                                number,
                                words = Array.Empty<string>(),
                                act = "wait",
                            },
                        },
                    }
                )
            )
        ).ProblemAsync(HttpStatusCode.BadRequest);
        Assert.Equal(words, refusal.Text("title"));
        Assert.Equal(["rules[0]"], refusal.Names("errors"));
    }

    [Fact]
    public async Task A_rule_of_one_blog_holds_below_its_posts_and_nowhere_else()
    {
        var post = await host.WriteAsync("Owls by night", status: "published");
        var other = (await host.Owner.PostJsonAsync(host.Api + "blogs", new { name = "The Day Log" })).Number("id");
        var (below, beside) = (
            await ThreadTalk.OfPageAsync(host, post.Text("address")),
            await ThreadTalk.OfPageAsync(host, "https://quillmoor.example/no-post")
        );
        await RuleAsync(Spam(post.Number("blogId")));
        Assert.Equal("spam", await StandingAsync(below, "An owl, and more."));
        Assert.Equal("waiting", await StandingAsync(beside, "An owl elsewhere."));
        await RuleAsync(Spam(other));
        Assert.Equal("waiting", await StandingAsync(below, "Another owl."));
        var trial = await host.Owner.PostJsonAsync(
            $"{host.Api}comments/rules/trial",
            new { rules = new[] { Spam(post.Number("blogId")) } }
        );
        Assert.Equal(2, trial.Number("spam"));

        var refused = await host.Owner.PutAsJsonAsync(
            $"{host.Api}comments/rules",
            new { rules = new[] { Spam(9_999) } }
        );
        Assert.Equal(["rules[0]"], (await refused.ProblemAsync(HttpStatusCode.BadRequest)).Names("errors"));

        async Task<string> StandingAsync(ThreadTalk thread, string text)
        {
            await thread.WriteAsync("Ida Marsh", text);
            return (await thread.QueueAsync("spam")).Any(comment => comment.Text("start") == text) ? "spam" : "waiting";
        }

        static object Spam(long blog) =>
            new
            {
                condition = "words",
                number = 0,
                words = new[] { "owl" },
                act = "spam",
                blogs = new[] { blog },
            };
    }

    [Fact]
    public async Task A_moderator_decides_and_does_not_set()
    {
        using var moderator = await host.MemberAsync("moderator", "priya@quillmoor.example");
        Assert.Equal(
            HttpStatusCode.Forbidden,
            (
                await moderator.PutAsync(
                    $"{host.Api}comments/settings",
                    JsonContent.Create(new { settings = new { isOn = false } })
                )
            ).StatusCode
        );
    }

    private Task RuleAsync(object rule) =>
        host.Owner.PutJsonAsync($"{host.Api}comments/rules", new { rules = new[] { rule } });

    private Task LayerAsync(long? blog, object settings) =>
        host.Owner.PutJsonAsync($"{host.Api}comments/settings", new { blogId = blog, settings });
}
