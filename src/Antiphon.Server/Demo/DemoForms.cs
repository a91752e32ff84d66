using Antiphon.Core.Posts.Blocks;
using Antiphon.Data;
using Antiphon.Data.Posts;
using Antiphon.Data.Posts.Editing;
using Antiphon.Data.Sites;
using Antiphon.Data.Subscribers;

namespace Antiphon.Server.Demo;

/// <summary>
/// What the demo's posts start from and what readers of them send: templates, follow links, a question form with a
/// question.
/// </summary>
internal sealed class DemoForms(AntiphonContext database, DateTimeOffset now)
{
    private static readonly (string Name, string Body, string Category, string[] Tags)[] Templates =
    [
        (
            "Observing report",
            """
            <p class="prompt">When and where, and what the sky was like.</p><h2>What we saw</h2><p class="prompt">One paragraph for each object, the best first.</p>
            <h2>What we could not see</h2><p class="prompt">Clouds, moon, neighbours. Be honest.</p><h2>Next time</h2><p class="prompt">What to bring, and when.</p>
            """,
            "Night Log",
            ["report"]
        ),
        (
            "Event notice",
            """
            <p class="prompt">What it is, in one sentence somebody can pass on.</p><ul><li><p>When: </p></li><li><p>Where: </p></li><li><p>What it costs: </p></li></ul>
            <p class="prompt">Who it is for, and what to bring.</p><div class="block-question"></div>
            """,
            "Events",
            []
        ),
        (
            "Workshop step",
            """
            <p class="prompt">What was wrong.</p><h2>What you need</h2><ul><li><p class="prompt">Tools and stuff.</p></li></ul><h2>Step by step</h2><ol><li><p></p></li></ol><p class="prompt">How to tell that it worked.</p>
            """,
            "Equipment",
            ["workshop"]
        ),
    ];

    /// <summary>Adds them to the context.</summary>
    public void Add(Site site, IReadOnlyCollection<Post> posts)
    {
        database.PostTemplates.AddRange(
            Templates.Select(pair => new PostTemplate
            {
                SiteId = site.Id,
                Name = pair.Name,
                BodyHtml = pair.Body,
                Category = pair.Category,
                Tags = [.. pair.Tags],
            })
        );
        site.FollowLinks =
        [
            new FollowLink("Quillmoor on Lantern", "https://lantern.example/@quillmoor"),
            new FollowLink("Sky pictures at Glasshouse", "https://glasshouse.example/quillmoor"),
        ];
        var asked = posts.First(post => post.Title.StartsWith("Volunteers", StringComparison.Ordinal));
        asked.BodyHtml +=
            """<div class="block-question"></div><div class="block-subscribe"></div><div class="block-follow"></div>""";
        database.Questions.Add(
            new Question
            {
                SiteId = site.Id,
                Post = asked,
                Name = "Maud Pennick",
                Mail = "maud@harrow-school.example",
                Message = "Could eleven children help for one evening, with two teachers?",
                CreatedAt = now.AddDays(-6),
                DoneAt = now.AddDays(-5),
            }
        );
        database.Questions.Add(
            new Question
            {
                SiteId = site.Id,
                Post = asked,
                Name = "Wilf Oakes",
                Mail = "wilf@fellside.example",
                Message = "I can hold a torch but not climb a ladder any more. Is there something for me on Fridays?",
                CreatedAt = now.AddHours(-5),
            }
        );
    }
}
