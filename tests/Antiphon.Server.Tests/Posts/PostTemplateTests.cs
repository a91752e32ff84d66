using System.Net;
using Antiphon.Server.Tests.Hosting;

namespace Antiphon.Server.Tests.Posts;

public sealed class PostTemplateTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    [Fact]
    public async Task A_template_is_kept_clean_under_its_name_and_replaced_by_the_next_of_that_name()
    {
        await KeepAsync("Observing report", "<p class=\"prompt\">Where, and when?</p><script>alert(1)</script>");
        await KeepAsync("Observing report", "<p class=\"prompt\">What was seen?</p>");
        var template = Assert.Single((await host.Owner.GetJsonAsync(host.Api + "patterns")).Items());
        Assert.Equal("<p class=\"prompt\">What was seen?</p>", template.Text("bodyHtml"));
        await host.Owner.DeleteAsync($"{host.Api}patterns/{template.Number("id")}");
        Assert.Empty((await host.Owner.GetJsonAsync(host.Api + "patterns")).Items());
    }

    [Theory]
    [InlineData("", "<p>Text</p>", "name")]
    [InlineData("Nothing in it", "", "bodyHtml")]
    public async Task What_is_missing_is_named(string name, string body, string field) =>
        Assert.True(
            (await host.Owner.RefusedAsync(host.Api + "patterns", new { name, bodyHtml = body })).Has($"errors.{field}")
        );

    [Fact]
    public async Task A_prompt_that_was_left_is_found_before_publishing()
    {
        var findings = await host.Owner.PostJsonAsync(
            host.Api + "posts/check",
            new
            {
                blogId = host.Blog,
                title = "Report",
                bodyHtml = "<p class=\"prompt\">What was seen?</p><p>Mars.</p>",
                status = "draft",
                revision = 0,
            }
        );
        Assert.Contains(findings.Items(), finding =>
            finding.Text("rule") == "post-prompt-left"
            && finding.Text("message").Contains("What was seen?", StringComparison.Ordinal)
        );
    }

    [Fact]
    public async Task Contributors_start_from_patterns_and_leave_them_alone()
    {
        using var contributor = await host.MemberAsync("contributor", "pattern@quillmoor.example");
        Assert.Equal(HttpStatusCode.OK, (await contributor.GetAsync(host.Api + "patterns")).StatusCode);
        await contributor.RefusedAsync(
            host.Api + "patterns",
            new { name = "Mine", bodyHtml = "<p>Text</p>" },
            HttpStatusCode.Forbidden
        );
    }

    private Task<Json> KeepAsync(string name, string body) =>
        host.Owner.PostJsonAsync(host.Api + "patterns", new { name, bodyHtml = body });
}
