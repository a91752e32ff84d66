using Antiphon.Core.Comments;
using Antiphon.Core.Comments.Deciding;
using Antiphon.Core.Comments.Settings;
using Antiphon.Core.Comments.Threads;
using Antiphon.Core.Posts;
using Antiphon.Core.Sites;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Comments;
using Antiphon.Data.Posts;
using Antiphon.Data.Sites;
using Antiphon.Server.Demo.Scenario;
using Antiphon.Server.Posts;
using Antiphon.Server.Posts.Reading;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Demo;

/// <summary>Conversations of the scenario, in every standing, from a fixed seed.</summary>
internal sealed class DemoComments(
    AntiphonContext database,
    IKeySource keys,
    PostAddresses addresses,
    DateTimeOffset now
)
{
    private readonly Random _random = new(1781);
    private readonly List<(Comment Answer, Comment To)> _answers = [];
    private List<long> _deciders = [];

    /// <summary>
    /// A thread for every published post, one for a page that is no post, and a few hundred comments.
    /// </summary>
    public async Task AddAsync(Site site, string website)
    {
        _deciders = await database
            .Memberships.Where(membership => membership.SiteId == site.Id && membership.Role != SiteRole.Contributor)
            .Select(membership => membership.PersonId)
            .ToListAsync();
        (site.CommentRules, site.CommentSettings) = (Rules, Settings);
        var posts = await database
            .Posts.Where(post => post.SiteId == site.Id && post.Status == PostStatus.Published)
            .OrderByDescending(post => post.PublishedAt)
            .ToListAsync();
        foreach (var post in posts)
            AddThread(site, post);
        database.Threads.Add(Shop(site, website));
        await database.SaveChangesAsync();
        // Only saved comments have ids to point at.
        foreach (var (answer, to) in _answers)
            (answer.ParentId, answer.RootId) = (to.Id, to.RootId ?? to.Id);
        await database.SaveChangesAsync();
        await AddVoicesAsync(site);
        await database.SaveChangesAsync();
        await new DemoModeration(database, now).AddAsync(site);
        await database.SaveChangesAsync();
    }

    private CommentThread Shop(Site site, string website)
    {
        var shop = new CommentThread
        {
            SiteId = site.Id,
            Identifier = "planisphere",
            Title = "Planisphere, 54 degrees north",
            Address = website + "shop",
            FoldedAddress = FoldedAddress.Of(website + "shop"),
            CreatedAt = now.AddDays(-40),
            Settings = new CommentSettings { AsksRating = true },
        };
        shop.Comments.Add(
            Rated(
                Make(
                    site,
                    "Ida Marsh",
                    "Does it work as far south as the coast?",
                    now.AddDays(-20),
                    CommentStanding.Public
                ),
                4
            )
        );
        shop.Comments.Add(
            Rated(
                Make(
                    site,
                    "Wilf Ormerod",
                    "Mine has survived two winters in a coat pocket. The rivet squeaks.",
                    now.AddDays(-12),
                    CommentStanding.Public
                ),
                5
            )
        );
        shop.Comments.Add(
            Rated(
                Make(
                    site,
                    "Hedda Voss",
                    "Good paper, small print. Bring a red torch and your better glasses.",
                    now.AddDays(-5),
                    CommentStanding.Public
                ),
                3
            )
        );
        return shop;
    }

    private static CommentSettings Settings =>
        new(
            Votes: VoteMode.UpAndDown,
            Message: "We read everything before dawn. Be kind to each other, and to the owl."
        )
        {
            Reactions = ["★", "☾", "♥"],
            HouseRules =
                "Write as you would speak at the eyepiece: one at a time, and to each other.\n\n- no selling\n- say when you guess\n- the owl is always right",
        };

    private static List<CommentRule> Rules =>
        [
            new(RuleCondition.RepeatedText, 3, [], CommentAct.Spam),
            new(RuleCondition.Words, 0, ["cheap loans", "casino*"], CommentAct.Wait),
            new(
                RuleCondition.ManyFromOnePlace,
                20,
                [],
                CommentAct.Refuse,
                "That is a lot for one hour. Please come back a little later."
            ),
        ];

    // Votes on what is public, and a quarrel that readers have had enough of: one remark waits again, one was kept in
    // spite of a report.
    private async Task AddVoicesAsync(Site site)
    {
        var quarrel = await database
            .Comments.Where(row =>
                row.SiteId == site.Id && row.Thread.Title.Contains("beer glass") && row.ParentId != null && !row.IsTeam
            )
            .OrderBy(row => row.Id)
            .Take(3)
            .ToListAsync();
        foreach (
            var comment in await database
                .Comments.Where(row => row.SiteId == site.Id && row.Standing == CommentStanding.Public)
                .ToListAsync()
        )
        {
            (comment.Up, comment.Down) = (
                _random.Next(8) * _random.Next(6),
                _random.Next(4) == 0 ? _random.Next(9) : 0
            );
            comment.Best = WilsonBound.Of(comment.Up, comment.Down);
            for (var vote = 0; vote < comment.Up + comment.Down; vote++)
                database.CommentVotes.Add(
                    new CommentVote
                    {
                        CommentId = comment.Id,
                        ReaderKey = $"demo-{vote}",
                        IsUp = vote < comment.Up,
                        GivenAt = comment.CreatedAt.AddHours(1),
                    }
                );
        }

        foreach (
            var comment in await database
                .Comments.Where(row =>
                    row.SiteId == site.Id && row.Standing == CommentStanding.Public && row.Id % 3 == 0
                )
                .ToListAsync()
        )
            React(comment, "★", 1 + _random.Next(4));
        if (quarrel.Count < 2)
            return;
        Report(quarrel[0], ReportReason.Hurtful, "This is about a person, not about the glass.");
        Report(quarrel[0], ReportReason.Hurtful, null);
        Report(quarrel[0], ReportReason.Wrong, null);
        (quarrel[0].Standing, quarrel[0].DecidedAt, quarrel[0].DecidedById) = (CommentStanding.Waiting, null, null);
        Report(quarrel[1], ReportReason.Other, "Can they not do this by letter?");
        quarrel[1].ReportsKept = 1;
    }

    private void React(Comment comment, string sign, int times)
    {
        comment.Reactions = new Dictionary<string, int> { [sign] = times };
        for (var reader = 0; reader < times; reader++)
            database.CommentReactions.Add(
                new CommentReaction
                {
                    ThreadId = comment.ThreadId,
                    CommentId = comment.Id,
                    ReaderKey = $"demo-{reader}",
                    Sign = sign,
                    GivenAt = comment.CreatedAt.AddHours(2),
                }
            );
    }

    private void Report(Comment comment, ReportReason reason, string? words)
    {
        comment.Reports++;
        database.CommentReports.Add(
            new CommentReport
            {
                CommentId = comment.Id,
                ReaderKey = $"demo-{comment.Reports}",
                Reason = reason,
                Words = words,
                MadeAt = comment.CreatedAt.AddHours(comment.Reports),
            }
        );
    }

    private void AddThread(Site site, Post post)
    {
        var address = addresses.Of(post);
        var thread = new CommentThread
        {
            SiteId = site.Id,
            Identifier = PostThreads.IdentifierOf(post),
            PostId = post.Id,
            Title = post.Title,
            Address = address,
            FoldedAddress = FoldedAddress.Of(address),
            CreatedAt = post.PublishedAt!.Value,
        };
        database.Threads.Add(thread);
        var start = post.PublishedAt.Value;
        var room = (now - start).TotalHours;
        if (post.Title.Contains("beer glass", StringComparison.Ordinal))
            AddQuarrel(site, thread, start);
        for (var i = 0; i < 3 + _random.Next(13); i++)
        {
            var said = Pick(DemoTexts.Said);
            thread.Comments.Add(
                Make(
                    site,
                    Pick(DemoTexts.Readers),
                    said,
                    start.AddHours(Math.Min(room * 0.9, 0.4 + (_random.NextDouble() * 60))),
                    _random.Next(14) == 0 ? CommentStanding.Hidden : CommentStanding.Public
                )
            );
        }

        for (var i = 0; i < _random.Next(4); i++)
            thread.Comments.Add(
                Make(
                    site,
                    "guest" + _random.Next(900),
                    Pick(DemoTexts.Spam),
                    start.AddHours(room * _random.NextDouble()),
                    CommentStanding.Spam
                )
            );
        AddTeamAnswer(site, thread);
        if (room < 24 * 25)
            AddWaiting(site, thread, start, room);
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
            if (before is not null)
                _answers.Add((comment, before));
            before = comment;
        }
    }

    private void AddTeamAnswer(Site site, CommentThread thread)
    {
        if (
            thread.Comments.FirstOrDefault(comment =>
                comment.Standing == CommentStanding.Public && comment.Text.EndsWith('?')
            )
            is not { } question
        )
            return;
        var answer = Make(
            site,
            "Imogen Tarrant",
            "North-east, with the wall at our backs. The wall is the secret.",
            question.CreatedAt.AddMinutes(12),
            CommentStanding.Public
        );
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
            thread.Comments.Add(
                Make(
                    site,
                    author,
                    Pick(isSpam ? DemoTexts.Spam : DemoTexts.Said),
                    start.AddHours(room * (0.5 + (_random.NextDouble() / 2))),
                    CommentStanding.Waiting
                )
            );
        }
    }

    private static Comment Rated(Comment comment, int rating)
    {
        comment.Rating = rating;
        return comment;
    }

    private Comment Make(Site site, string author, string text, DateTimeOffset at, CommentStanding standing) =>
        new()
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
            DecidedById = standing == CommentStanding.Waiting ? null : _deciders[_random.Next(_deciders.Count)],
            Trace = new CommentTrace(
                CommentAct.Wait,
                DecidingStep.Approval,
                null,
                null,
                new CommentFacts(
                    string.Empty,
                    CommentLinks.Count(text),
                    DemoTexts.Spam.Contains(text) ? 0 : _random.Next(5),
                    Math.Round(
                        DemoTexts.Spam.Contains(text)
                            ? 0.91 + (_random.NextDouble() * 0.06)
                            : 0.01 + (_random.NextDouble() * 0.2),
                        3
                    )
                )
            ),
            WaitReason = WaitDecision.ReasonFor(text, standing == CommentStanding.Public ? 1 : 0),
        };

    private string Pick(string[] texts) => texts[_random.Next(texts.Length)];
}
