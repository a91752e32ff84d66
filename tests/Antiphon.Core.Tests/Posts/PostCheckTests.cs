using Antiphon.Core.Findings;
using Antiphon.Core.Posts.Checking;

namespace Antiphon.Core.Tests.Posts;

public sealed class PostCheckTests
{
    private static readonly PostDraft Good = new(
        "Leonids: three hours, forty-one trails",
        "leonids",
        "<p>We lay on the grass.</p><h2>What to bring</h2><p>Gloves. <a href=\"https://sky.example/leonids\">The shower in figures</a></p>",
        "Forty-one trails from one field.",
        "https://quillmoor.example/p.svg",
        "Trails over the dome",
        "Meteors",
        ["leonids"],
        ["Fog again"]
    );

    public static TheoryData<string, PostDraft> Faults =>
        new()
        {
            { "", Good },
            { "", Good with { Category = null } },
            { "", Good with { BodyHtml = "<img src=\"https://a.example/a.png\" alt=\"A meteor\">" } },
            { "", Good with { BodyHtml = "<p>Short</p>", Excerpt = null } },
            { "post-title-missing", Good with { Title = " " } },
            { "post-title-long", Good with { Title = new string('a', 71) } },
            { "post-title-twice", Good with { Title = "FOG again" } },
            { "post-title-shouts", Good with { Title = "LEONIDS TONIGHT" } },
            { "", Good with { Title = "M 31 & NGC 891" } },
            { "post-address-long", Good with { Slug = new string('a', 76) } },
            { "post-text-missing", Good with { BodyHtml = "<p> </p>" } },
            { "post-excerpt-missing", Good with { Excerpt = " ", BodyHtml = $"<p>{new string('a', 300)}</p>" } },
            { "post-picture-without-words", Good with { PictureAlt = "" } },
            { "", Good with { PictureAddress = null, PictureAlt = null } },
            {
                "post-text-picture-without-words",
                Good with
                {
                    BodyHtml =
                        "<p>x</p><img src=\"https://a.example/a.png\"><img src=\"https://a.example/b.png\" alt=\"\">",
                }
            },
            { "post-heading-first", Good with { BodyHtml = "<h1>Big</h1><p>x</p>" } },
            { "post-heading-skips", Good with { BodyHtml = "<h2>One</h2><h4>Two</h4><p>x</p>" } },
            { "", Good with { BodyHtml = "<h2>One</h2><h3>Two</h3><h2>Three</h2><p>x</p>" } },
            { "post-heading-empty", Good with { BodyHtml = "<h2> </h2><p>x</p>" } },
            { "post-link-insecure", Good with { BodyHtml = "<p><a href=\"http://sky.example/\">The sky</a></p>" } },
            { "post-link-empty", Good with { BodyHtml = "<p>x <a href=\"https://sky.example/\"></a></p>" } },
            {
                "",
                Good with
                {
                    BodyHtml =
                        "<p>x <a href=\"https://sky.example/\"><img src=\"https://a.example/a.png\" alt=\"The sky\"></a></p>",
                }
            },
            { "post-link-vague", Good with { BodyHtml = "<p>Look <a href=\"https://sky.example/\">here</a></p>" } },
            { "post-prompt-left", Good with { BodyHtml = "<p class=\"prompt\">What was seen?</p><p>x</p>" } },
            { "post-terms-missing", Good with { Category = null, Tags = [] } },
        };

    [Theory]
    [MemberData(nameof(Faults))]
    public void A_post_is_looked_over(string rules, PostDraft post) =>
        Assert.Equal(
            rules.Split(' ', StringSplitOptions.RemoveEmptyEntries),
            PostCheck.Run(post).Select(finding => finding.Rule.Id)
        );

    [Fact]
    public void What_matters_most_comes_first()
    {
        var findings = PostCheck.Run(Good with { Title = "", PictureAlt = null, Category = null, Tags = [] });
        Assert.Equal(
            [Severity.Error, Severity.Warning, Severity.Advice],
            findings.Select(finding => finding.Rule.Severity)
        );
    }

    [Fact]
    public void Every_rule_has_its_own_name_and_is_broken_by_a_case()
    {
        Assert.Equal(PostRules.All.Count, PostRules.All.Select(rule => rule.Id).Distinct().Count());
        var broken = Faults.Select(row => (string)((object[])row)[0]).ToHashSet();
        // Whether a link leads somewhere is asked outside of the core.
        Assert.All(PostRules.All.Except([PostRules.LinkBroken]), rule => Assert.Contains(rule.Id, broken));
    }

    [Fact]
    public void Values_stand_in_the_message() =>
        Assert.Equal(
            "There are 2 pictures in the text without a description",
            PostCheck.Run(Good with { BodyHtml = "<p>x</p><img src=a><img src=b>" }).Single().Message
        );
}
