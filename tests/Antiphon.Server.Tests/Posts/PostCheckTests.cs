using Antiphon.Server.Tests.Hosting;
using Microsoft.AspNetCore.Http;

namespace Antiphon.Server.Tests.Posts;

/// <summary>A post looked over before it is published.</summary>
public sealed class PostCheckTests(ScriptedHost hosts) : IClassFixture<ScriptedHost>, IAsyncLifetime
{
    private readonly AntiphonHost _host = hosts.Host;
    private readonly ScriptedSite _site = hosts.Site;

    public async Task InitializeAsync()
    {
        await _host.FreshSiteAsync();
    }

    public Task DisposeAsync() => Task.CompletedTask;

    [Fact]
    public async Task A_draft_that_was_never_saved_is_looked_over()
    {
        var findings = await CheckAsync(
            "",
            new
            {
                blogId = _host.Blog,
                title = "",
                bodyHtml = "<p></p>",
                status = "draft",
                revision = 0,
            }
        );
        Assert.Equal(
            ["post-title-missing", "post-text-missing", "post-terms-missing"],
            findings.Select(finding => finding.Text("rule"))
        );
        Assert.Equal(("error", "title"), (findings[0].Text("severity"), findings[0].Text("field")));
    }

    [Fact]
    public async Task A_title_is_taken_by_others_but_not_by_the_post_itself()
    {
        var post = await _host.WriteAsync("Fog again");
        var draft = new
        {
            blogId = _host.Blog,
            title = "Fog again",
            bodyHtml = "<p>x</p>",
            category = "Fog",
            status = "draft",
            revision = 1,
        };
        Assert.Empty(await CheckAsync($"?post={post.Number("id")}", draft));
        Assert.Equal("post-title-twice", Assert.Single(await CheckAsync("", draft)).Text("rule"));
    }

    [Fact]
    public async Task Links_that_fail_are_told_with_the_reason()
    {
        _site.Answer = http =>
        {
            http.Response.StatusCode =
                http.Request.Path == "/gone" ? StatusCodes.Status404NotFound : StatusCodes.Status200OK;
            return Task.CompletedTask;
        };
        var body =
            $"<p><a href=\"{_site.Address}there\">There</a> <a href=\"{_site.Address}gone\">Gone</a> <a href=\"http://10.0.0.1/\">Inside</a></p>";
        var findings = (
            await _host.Owner.PostJsonAsync(
                _host.Api + "posts/check-links",
                new
                {
                    blogId = _host.Blog,
                    title = "x",
                    bodyHtml = body,
                    status = "draft",
                    revision = 0,
                }
            )
        ).Items();
        Assert.Equal(2, findings.Count);
        Assert.Contains(findings, finding =>
            finding.Text("message").Contains("gone", StringComparison.Ordinal)
            && finding.Text("message").Contains("404", StringComparison.Ordinal)
        );
        Assert.Contains(findings, finding =>
            finding.Text("message").Contains("Private network", StringComparison.Ordinal)
        );
    }

    private async Task<IReadOnlyList<Json>> CheckAsync(string query, object draft) =>
        (await _host.Owner.PostJsonAsync($"{_host.Api}posts/check{query}", draft)).Items();
}
