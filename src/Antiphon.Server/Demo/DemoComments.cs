using Antiphon.Core.Comments;
using Antiphon.Core.Posts;
using Antiphon.Core.Sites;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Entities;
using Antiphon.Server.Posts;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Demo;

/// <summary>Conversations of the scenario, in every standing, from a fixed seed.</summary>
internal sealed class DemoComments(AntiphonContext database, IKeySource keys, PostAddresses addresses, DateTimeOffset now)
{
    private readonly Random _random = new(1781);
    private readonly List<(Comment Answer, Comment To)> _answers = [];

    /// <summary>A thread for every published post, one for a page that is no post, and a few hundred comments.</summary>
    public async Task AddAsync(Site site, string website)
    {
        var posts = await database.Posts.Where(post => post.SiteId == site.Id && post.Status == PostStatus.Published).OrderByDescending(post => post.PublishedAt).ToListAsync();
        foreach (var post in posts) AddThread(site, post);
        var shop = new CommentThread
        {
            SiteId = site.Id,
            Identifier = "planisphere",
            Title = "Planisphere, 54 degrees north",
            Address = website + "shop",
            FoldedAddress = FoldedAddress.Of(website + "shop"),
            CreatedAt = now.AddDays(-40),
        };
        shop.Comments.Add(Make(site, "Ida Marsh", "Does it work as far south as the coast?", now.AddDays(-20), CommentStanding.Public));
        database.Threads.Add(shop);
        await database.SaveChangesAsync();
        // Only saved comments have ids to point at.
        foreach (var (answer, to) in _answers) answer.ParentId = to.Id;
        await database.SaveChangesAsync();
    }

    private void AddThread(Site site, Post post)
    {
        var address = addresses.Of(post);
        var thread = new CommentThread
        {
            SiteId = site.Id,
            Identifier = PostPublisher.ThreadIdentifier(post),
            PostId = post.Id,
            Title = post.Title,
            Address = address,
            FoldedAddress = FoldedAddress.Of(address),
            CreatedAt = post.PublishedAt!.Value,
        };
        database.Threads.Add(thread);
        var start = post.PublishedAt.Value;
        var room = (now - start).TotalHours;
        if (post.Title.Contains("beer glass", StringComparison.Ordinal)) AddQuarrel(site, thread, start);
        for (var i = 0; i < 3 + _random.Next(13); i++)
        {
            var said = Pick(DemoTexts.Said);
            thread.Comments.Add(Make(site, Pick(DemoTexts.Readers), said, start.AddHours(Math.Min(room * 0.9, 0.4 + (_random.NextDouble() * 60))), _random.Next(14) == 0 ? CommentStanding.Hidden : CommentStanding.Public));
        }

        for (var i = 0; i < _random.Next(4); i++) thread.Comments.Add(Make(site, "guest" + _random.Next(900), Pick(DemoTexts.Spam), start.AddHours(room * _random.NextDouble()), CommentStanding.Spam));
        AddTeamAnswer(site, thread);
        if (room < 24 * 25) AddWaiting(site, thread, start, room);
    }

    private void AddQuarrel(Site site, CommentThread thread, DateTimeOffset start)
    {
        Comment? before = null;
        var at = start.AddHours(3);
        foreach (var (author, text) in DemoTexts.Quarrel)
        {
            at = at.AddMinutes(11 + _random.Next(50));
            var comment = Make(site, author, text, at, CommentStanding.Public);
            thread.Comments.Add(comment);
            if (before is not null) _answers.Add((comment, before));
            before = comment;
        }
    }

    private void AddTeamAnswer(Site site, CommentThread thread)
    {
        if (thread.Comments.FirstOrDefault(comment => comment.Standing == CommentStanding.Public && comment.Text.EndsWith('?')) is not { } question) return;
        var answer = Make(site, "Imogen Tarrant", "North-east, with the wall at our backs. The wall is the secret.", question.CreatedAt.AddMinutes(12), CommentStanding.Public);
        answer.IsTeam = true;
        answer.Mail = null;
        thread.Comments.Add(answer);
        _answers.Add((answer, question));
    }

    private void AddWaiting(Site site, CommentThread thread, DateTimeOffset start, double room)
    {
        for (var i = 0; i < 2; i++)
        {
            var isSpam = _random.Next(3) == 0;
            var author = isSpam ? "starry_deals" : Pick(DemoTexts.Readers);
            thread.Comments.Add(Make(site, author, Pick(isSpam ? DemoTexts.Spam : DemoTexts.Said), start.AddHours(room * (0.5 + (_random.NextDouble() / 2))), CommentStanding.Waiting));
        }
    }

    private Comment Make(Site site, string author, string text, DateTimeOffset at, CommentStanding standing) => new()
    {
        Key = keys.NewKey(),
        SiteId = site.Id,
        Author = author,
        Mail = _random.Next(3) == 0 ? null : Slug.FromTitle(author) + "@fellside.example",
        Text = text,
        Html = CommentBody.ToHtml(text),
        Standing = standing,
        CreatedAt = at,
        DecidedAt = standing == CommentStanding.Waiting ? null : at.AddMinutes(30),
        WaitReason = WaitDecision.ReasonFor(text, standing == CommentStanding.Public ? 1 : 0),
    };

    private string Pick(string[] texts) => texts[_random.Next(texts.Length)];
}
