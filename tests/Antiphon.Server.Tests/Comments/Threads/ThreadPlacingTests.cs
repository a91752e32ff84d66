using System.Net;
using System.Net.Http.Json;
using Antiphon.Server.Tests.Hosting;

namespace Antiphon.Server.Tests.Comments.Threads;

/// <summary>Threads find their way after pages move, and are placed by templates.</summary>
public sealed class ThreadPlacingTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    [Fact]
    public async Task Merged_threads_are_one_by_either_name_and_a_trial_changes_nothing()
    {
        var (old, fresh) = (
            await OneAsync("https://quillmoor.example/old"),
            await OneAsync("https://quillmoor.example/new")
        );
        var list = $"old,new\n{old.Identifier},{fresh.Identifier}\nnowhere,{fresh.Identifier}\n{fresh.Identifier},";
        var trial = (await host.Owner.PostJsonAsync($"{host.Api}threads/moves", new { list, isTrial = true })).Items();
        Assert.Equal(["merged", "unknown", "noTarget"], trial.Select(one => one.Text("outcome")));
        Assert.Equal((1, 1), (trial[0].Number("comments"), trial[0].Number("before")));
        Assert.Single((await old.JsonAsync()).Items("comments"));

        await host.Owner.PostJsonAsync($"{host.Api}threads/moves", new { list, isTrial = false });
        Assert.Equal(
            (2, 2),
            ((await old.JsonAsync()).Items("comments").Count, (await fresh.JsonAsync()).Items("comments").Count)
        );
        Assert.Equal("2 comments", (await fresh.CountsAsync()).Text($"{fresh.Identifier}.words"));
        Assert.Equal("2 comments", (await old.CountsAsync()).Text($"{old.Identifier}.words"));
        // Who writes with the old snippet writes into the one conversation.
        await old.WriteAsync("Tom", "By the old name.");
        Assert.Equal(1, await fresh.CountAsync("waiting"));
        Assert.Equal(
            "same",
            (
                await host.Owner.PostJsonAsync(
                    $"{host.Api}threads/moves",
                    new { list = $"{old.Identifier};{fresh.Identifier}", isTrial = false }
                )
            ).Text("0.outcome")
        );
    }

    [Fact]
    public async Task A_new_name_leaves_the_old_one_leading_there()
    {
        var thread = await OneAsync("https://quillmoor.example/renamed");
        var name = $"renamed-{Guid.NewGuid():N}";
        Assert.Equal(
            "renamed",
            (
                await host.Owner.PostJsonAsync(
                    $"{host.Api}threads/moves",
                    new { list = $"{thread.Identifier}\t{name}", isTrial = false }
                )
            ).Text("0.outcome")
        );
        Assert.Single((await thread.JsonAsync()).Items("comments"));
        Assert.Single(
            (await new ThreadTalk(host, thread.SiteKey, name, "https://quillmoor.example/renamed").JsonAsync()).Items(
                "comments"
            )
        );
    }

    [Fact]
    public async Task A_rule_moves_every_address_that_begins_so()
    {
        var mark = Guid.NewGuid().ToString("N");
        var byAddress = new ThreadTalk(
            host,
            (await OneAsync("https://quillmoor.example/x")).SiteKey,
            string.Empty,
            $"https://quillmoor.example/{mark}/leonids"
        );
        await byAddress.WriteAsync("Wilf", "By address.");
        await byAddress.DecideAllAsync("public");
        var rule = new
        {
            from = $"https://quillmoor.example/{mark}/",
            to = "https://quillmoor.example/night/" + mark + "/",
        };
        var moved = (await host.Owner.PostJsonAsync($"{host.Api}threads/moves", new { rule, isTrial = false })).Items();
        Assert.Equal(["renamed"], moved.Select(one => one.Text("outcome")));
        var now = new ThreadTalk(
            host,
            byAddress.SiteKey,
            string.Empty,
            $"http://www.quillmoor.example/night/{mark}/leonids/?utm_source=x"
        );
        Assert.Single((await now.JsonAsync()).Items("comments"));
        Assert.Single((await byAddress.JsonAsync()).Items("comments"));
        Assert.Equal(
            ["rule.to"],
            (
                await host.Owner.RefusedAsync(
                    $"{host.Api}threads/moves",
                    new { rule = new { from = "https://a.example/", to = "b" }, isTrial = true }
                )
            ).Names("errors")
        );
    }

    [Fact]
    public async Task One_snippet_serves_every_page_of_a_template()
    {
        var made = await host.Owner.PostJsonAsync($"{host.Api}threads/snippet", new { isTemplate = true });
        var thread = await OneAsync("https://quillmoor.example/served");
        Assert.StartsWith(
            $"<div data-antiphon-comments=\"{thread.SiteKey}\">",
            made.Text("snippet"),
            StringComparison.Ordinal
        );
        Assert.Contains(
            $"data-antiphon-comment-count=\"{thread.SiteKey}\"",
            made.Text("count"),
            StringComparison.Ordinal
        );

        const string page = "https://quillmoor.example/night/served-by-address";
        var talk = await ThreadTalk.OfPageAsync(host, page);
        await talk.WriteAsync("Wilf Ormerod", "Here by address.");
        await talk.DecideAllAsync("public");
        var counts = await host.Plain()
            .GetStringAsync(
                $"embed/threads/{thread.SiteKey}/counts.json?id={Uri.EscapeDataString(page + "/?utm_source=x")}"
            );
        Assert.Contains("\"words\":\"1 comment\"", counts, StringComparison.Ordinal);
        // Without script the link that was followed tells which page it is.
        using var request = new HttpRequestMessage(HttpMethod.Get, made.Text("pageAddress"));
        request.Headers.Referrer = new Uri(page);
        var answer = await host.Plain().SendAsync(request);
        Assert.Contains("Here by address.", await answer.Content.ReadAsStringAsync(), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("", "somewhere", "address")]
    [InlineData("visit-page", "somewhere", "address")]
    [InlineData("visit-page", "", "address")]
    public async Task A_thread_snippet_of_one_page_needs_its_address(string identifier, string address, string field) =>
        Assert.Equal(
            [field],
            (await host.Owner.RefusedAsync($"{host.Api}threads/snippet", new { identifier, address })).Names("errors")
        );

    [Theory]
    [InlineData("visit-page", "/visit-page\"")]
    [InlineData("visit \"us\"", "/visit &quot;us&quot;\"")]
    [InlineData("", "\" data")]
    public async Task The_thread_snippet_works_without_script(string identifier, string key)
    {
        var made = await host.Owner.PostJsonAsync(
            $"{host.Api}threads/snippet",
            new
            {
                identifier,
                address = "https://quillmoor.example/visit?a=1&b=2",
                title = "Visit & stay",
            }
        );
        Assert.Contains(" data-antiphon-name=\"Visit &amp; stay\"", made.Text("snippet"), StringComparison.Ordinal);
        Assert.Contains(key, made.Text("snippet").Split('\n')[0], StringComparison.Ordinal);
        Assert.Contains(
            "<a href=\"https://quillmoor.example/visit?a=1&amp;b=2#comments\"",
            made.Text("count"),
            StringComparison.Ordinal
        );
        Assert.Equal(HttpStatusCode.OK, (await host.Plain().GetAsync(made.Text("pageAddress"))).StatusCode);
    }

    [Fact]
    public async Task The_snippet_of_one_page_carries_its_comments_and_that_of_a_template_none()
    {
        const string page = "https://quillmoor.example/baked";
        var thread = await ThreadTalk.OfPageAsync(host, page);
        await thread.WriteAsync("Wilf <b>", "Read without a **script**.");
        await thread.DecideAllAsync("public");
        await thread.WriteAsync("Ida Marsh", "Not yet.");
        var made = (await host.Owner.PostJsonAsync($"{host.Api}threads/snippet", new { address = page })).Text(
            "snippet"
        );
        Assert.Contains("<li><p><strong>Wilf &lt;b&gt;</strong> · ", made, StringComparison.Ordinal);
        Assert.Contains("Read without a <strong>script</strong>.", made, StringComparison.Ordinal);
        Assert.DoesNotContain("Not yet.", made, StringComparison.Ordinal);
        Assert.DoesNotContain(
            "<ol>",
            (await host.Owner.PostJsonAsync($"{host.Api}threads/snippet", new { isTemplate = true })).Text("snippet"),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public async Task Initials_stand_beside_comments_unless_they_are_switched_off()
    {
        var thread = await OneAsync("https://quillmoor.example/faces");
        await thread.WriteAsync("Percy Lund", "Here.");
        await thread.DecideAllAsync("public");
        Assert.Contains(">PL</span>", await thread.HtmlAsync(), StringComparison.Ordinal);
        var id = (await host.Owner.GetJsonAsync($"{host.Api}threads?search={thread.Identifier}")).Number("0.id");
        await host.Owner.PutJsonAsync($"{host.Api}threads/{id}/settings", new { showsFaces = false, isOn = true });
        Assert.DoesNotContain("class=\"antiphon-face", await thread.HtmlAsync(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_template_gets_its_placeholders_as_they_are_and_a_constant_is_refused()
    {
        var made = await host.Owner.PostJsonAsync(
            $"{host.Api}threads/snippet",
            new
            {
                identifier = "<%= post.id %>",
                address = "<%= post.url %>",
                title = "<%= post.title %>",
                isTemplate = true,
                theme = "dark",
            }
        );
        Assert.Contains("/<%= post.id %>\"", made.Text("snippet"), StringComparison.Ordinal);
        Assert.Contains("data-antiphon-address=\"<%= post.url %>\"", made.Text("snippet"), StringComparison.Ordinal);
        Assert.Contains("<a href=\"<%= post.url %>#comments\"", made.Text("count"), StringComparison.Ordinal);
        Assert.Contains("data-antiphon-theme=\"dark\"", made.Text("snippet"), StringComparison.Ordinal);
        Assert.Equal(
            ["identifier"],
            (
                await host.Owner.RefusedAsync(
                    $"{host.Api}threads/snippet",
                    new
                    {
                        identifier = "post",
                        address = "{{ url }}",
                        isTemplate = true,
                    }
                )
            ).Names("errors")
        );
        Assert.Equal(
            ["identifier"],
            (
                await host.Owner.RefusedAsync(
                    $"{host.Api}threads/snippet",
                    new
                    {
                        identifier = "{{ url }}",
                        address = "{{ url }}",
                        isTemplate = true,
                    }
                )
            ).Names("errors")
        );
    }

    [Fact]
    public async Task A_page_that_is_no_post_has_a_layer_of_its_own()
    {
        var thread = await OneAsync("https://quillmoor.example/shop");
        var id = (await host.Owner.GetJsonAsync($"{host.Api}threads?search={thread.Identifier}")).Number("0.id");
        await host.Owner.PutJsonAsync($"{host.Api}threads/{id}/settings", new { asksRating = true, isOn = true });
        Assert.Contains("name=\"rating\"", await thread.HtmlAsync(), StringComparison.Ordinal);
        var refused = await host.Owner.PutAsJsonAsync($"{host.Api}threads/{id}/settings", new { shownFirst = 2 });
        Assert.Equal(["shownFirst"], (await refused.ProblemAsync(HttpStatusCode.BadRequest)).Names("errors"));
    }

    [Theory]
    [InlineData("")]
    [InlineData("visit")]
    public async Task Pages_to_look_at_are_whole_addresses(string address) =>
        Assert.Equal(
            ["addresses"],
            (await host.Owner.RefusedAsync($"{host.Api}threads/check", new { addresses = new[] { address } })).Names(
                "errors"
            )
        );

    private async Task<ThreadTalk> OneAsync(string page)
    {
        var thread = await ThreadTalk.NewAsync(host, page);
        await thread.WriteAsync("Wilf Ormerod", $"Here on {page[^4..]}.");
        await thread.DecideAllAsync("public");
        return thread;
    }
}
