using System.Net;
using Antiphon.Server.Tests.Comments;
using Antiphon.Server.Tests.Hosting;

namespace Antiphon.Server.Tests.Embed;

/// <summary>What readers do in a thread.</summary>
public sealed class ThreadTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    private const string Page = "https://quillmoor.example/visit";

    [Fact]
    public async Task A_comment_waits_and_shows_once_it_is_published()
    {
        var thread = await NewThreadAsync();
        await thread.WriteAsync("Wilf Ormerod", "We counted nineteen.");
        Assert.DoesNotContain("nineteen", await thread.HtmlAsync(), StringComparison.Ordinal);
        await thread.DecideAllAsync("public");
        Assert.Contains("<p>We counted nineteen.</p>", await thread.HtmlAsync(), StringComparison.Ordinal);
        var json = await thread.JsonAsync();
        Assert.Equal((1L, "Wilf Ormerod"), (json.Number("count"), json.Text("comments.0.author")));
    }

    [Fact]
    public async Task Nothing_of_the_writer_but_the_name_leaves_the_server()
    {
        var thread = await NewThreadAsync();
        await thread.WriteAsync("Hedda Voss", "Is the path lit?", "hedda@fellside.example");
        await thread.DecideAllAsync("public");
        Assert.DoesNotContain(
            "fellside",
            await thread.HtmlAsync() + (await thread.JsonAsync()),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public async Task The_form_works_without_script()
    {
        var thread = await NewThreadAsync();
        var answer = await thread.PostAsync("Corin Abel", "Plain old form.", asJson: false);
        Assert.Equal(HttpStatusCode.Redirect, answer.StatusCode);
        var page = await (await host.Plain().GetAsync(answer.Headers.Location)).Content.ReadAsStringAsync();
        Assert.Contains("Your comment will appear after moderation", page, StringComparison.Ordinal);
        Assert.Contains($"href=\"{Page}\"", page, StringComparison.Ordinal);
    }

    [Fact]
    public async Task Without_script_a_refused_form_comes_back_with_everything_typed()
    {
        var thread = await NewThreadAsync();
        var answer = await thread.PostAsync(string.Empty, "A long text & more", mail: "no address", asJson: false);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        var page = await answer.Content.ReadAsStringAsync();
        Assert.Contains("A long text &amp; more</textarea>", page, StringComparison.Ordinal);
        Assert.Contains("Please enter a name.", page, StringComparison.Ordinal);
        Assert.Contains("value=\"no address\"", page, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("", "text", "", "name")]
    [InlineData("Wilf", "", "", "text")]
    [InlineData("Wilf", "text", "no address", "mail")]
    public async Task Each_wrong_field_is_named(string name, string text, string mail, string field)
    {
        var answer = await (await NewThreadAsync()).PostAsync(name, text, mail);
        Assert.Equal([field], (await answer.ProblemAsync(HttpStatusCode.BadRequest)).Names("errors"));
    }

    [Fact]
    public async Task Ten_thousand_characters_and_one_are_too_many()
    {
        var answer = await (await NewThreadAsync()).PostAsync("Wilf", new string('a', 10_001));
        Assert.Equal(["text"], (await answer.ProblemAsync(HttpStatusCode.BadRequest)).Names("errors"));
    }

    [Fact]
    public async Task The_same_form_sent_twice_is_one_comment()
    {
        var thread = await NewThreadAsync();
        await thread.WriteAsync("Wilf", "Once", key: "form-1");
        await thread.WriteAsync("Wilf", "Once", key: "form-1");
        Assert.Equal(1, await thread.CountAsync("waiting"));
    }

    [Fact]
    public async Task Whatever_fills_the_hidden_field_is_spam_that_can_still_be_found()
    {
        var thread = await NewThreadAsync();
        await thread.PostAsync("Program", "Buy", trap: "http://spam.example");
        Assert.Equal((0, 1), (await thread.CountAsync("waiting"), await thread.CountAsync("spam")));
    }

    [Fact]
    public async Task Twenty_first_comments_at_once_open_one_thread()
    {
        var thread = await NewThreadAsync();
        await Task.WhenAll(Enumerable.Range(0, 20).Select(n => thread.WriteAsync($"Reader {n}", $"Comment {n}")));
        Assert.Equal(20, await thread.CountAsync("waiting"));
    }

    [Fact]
    public async Task A_page_that_is_not_allowed_cannot_write()
    {
        var answer = await (await NewThreadAsync()).PostAsync(
            "Wilf",
            "From elsewhere",
            origin: "https://elsewhere.example"
        );
        await answer.ProblemAsync(HttpStatusCode.Forbidden);
    }

    [Fact]
    public async Task Markup_that_is_typed_is_shown_as_typed()
    {
        var thread = await NewThreadAsync();
        await thread.WriteAsync("<b>Wilf</b>", "<script>alert(1)</script>");
        await thread.DecideAllAsync("public");
        var html = await thread.HtmlAsync();
        Assert.DoesNotContain("<script>alert", html, StringComparison.Ordinal);
        Assert.Contains("&lt;b&gt;Wilf&lt;/b&gt;", html, StringComparison.Ordinal);
    }

    [Fact]
    public async Task Without_identifier_all_spellings_of_the_address_are_one_thread()
    {
        var key = (await host.Owner.GetJsonAsync(host.Api.TrimEnd('/'))).Text("publicKey");
        var thread = new ThreadTalk(host, key, string.Empty, "https://quillmoor.example/shop/?utm_source=mail");
        await thread.WriteAsync("Wilf", "About the shop");
        await thread.DecideAllAsync("public");
        var other = new ThreadTalk(host, key, string.Empty, "http://www.quillmoor.example/shop");
        Assert.Contains("About the shop", await other.HtmlAsync(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task An_unknown_site_is_told_of()
    {
        var answer = await host.Plain().GetAsync("embed/threads/unknown.html?id=a&url=b");
        Assert.Equal("unknown-site", (await answer.ProblemAsync(HttpStatusCode.NotFound)).Text("type"));
    }

    private Task<ThreadTalk> NewThreadAsync() => ThreadTalk.NewAsync(host, Page);
}
