using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Blogs;
using Antiphon.Data.Blogs.Followed;
using Antiphon.Data.Feeds.Monitoring;
using Antiphon.Data.Notices;
using Antiphon.Data.Sites;
using Antiphon.Server.Blogs.Followed;
using Antiphon.Server.Outgoing;

namespace Antiphon.Server.Demo;

/// <summary>The feeds Quillmoor follows and watches, with the history they would have by now.</summary>
internal sealed class DemoFeeds(AntiphonContext database, IKeySource keys, DemoOptions options, DateTimeOffset now)
{
    private const int VisitsBefore = 34;

    /// <summary>Adds a followed blog with its past visits, most of which found nothing new.</summary>
    public Blog Follow(Site site, string name, string feed, int daysAgo)
    {
        var blog = new Blog
        {
            Site = site,
            Key = keys.NewKey(),
            Name = name,
            CreatedAt = now.AddDays(-daysAgo),
        };
        var address = new Uri(options.World + feed);
        blog.Following = new Following
        {
            FeedAddress = address.AbsoluteUri,
            Host = address.Authority,
            NextVisitAt = now,
        };
        for (var ago = VisitsBefore; ago > 0; ago--)
            blog.Following.Visits.Add(Visit(name, ago));
        database.Blogs.Add(blog);
        return blog;
    }

    /// <summary>Adds the watched feeds: a good one, and the walkers' faulty one, published repaired.</summary>
    public void Watch(Site site)
    {
        var path = Add(site, "Footpath Diary", "county/footpath.xml", isGood: true, isRepaired: false);
        path.Records.Add(Stretch(-21, -9, 280, Verdict.Valid));
        path.Records.Add(Stretch(-9, -8.6, 12, null, FetchProblem.ErrorStatus.ToString(), "503"));
        path.Records.Add(Stretch(-8.5, -0.1, 190, Verdict.Valid));
        var walkers = Add(site, "Fellside Walkers", "walkers/news.xml", isGood: false, isRepaired: true);
        walkers.Records.Add(Stretch(-30, -2, 1800, Verdict.ValidWithWarnings));
        database.Notices.Add(
            new Notice
            {
                Site = site,
                At = now.AddDays(-2),
                IsTrouble = true,
                Title = "Fellside Walkers has errors",
                Text = "“Tue, 31 Feb 2026 10:00:00 GMT” is not a valid date (line 20)",
                Path = "s/1/feeds/watched/2",
            }
        );
    }

    private WatchedFeed Add(Site site, string name, string feed, bool isGood, bool isRepaired)
    {
        var watched = new WatchedFeed
        {
            Site = site,
            Name = name,
            Address = options.World + feed,
            CreatedAt = now.AddDays(-30),
            NextCheckAt = now,
            WasGood = isGood,
            RepairKey = isRepaired ? keys.NewKey(20) : null,
        };
        database.WatchedFeeds.Add(watched);
        return watched;
    }

    private WatchRecord Stretch(
        double from,
        double until,
        int checks,
        Verdict? verdict,
        string? problem = null,
        string? detail = null
    ) =>
        new()
        {
            From = now.AddDays(from),
            Until = now.AddDays(until),
            Checks = checks,
            Verdict = verdict,
            Problem = problem,
            ProblemDetail = detail,
            Warnings = verdict == Verdict.ValidWithWarnings ? 2 : 0,
        };

    // Every feed has its own past, always the same: the walkers' server is away now and then, the council's was down
    // for a night.
    private FeedVisitRecord Visit(string name, int ago)
    {
        var fails = (name == "Fellside Walkers" && ago % 11 == 4) || (name == "Parish Council" && ago is > 17 and < 22);
        var brings = ((ago * 7) + name.Length) % 9 == 0;
        var isBroken = name == "Quarry Notices" && ago < 8;
        return new FeedVisitRecord
        {
            At = now.AddHours(-ago * 7),
            Outcome =
                fails ? FeedVisitOutcome.Failed
                : isBroken ? FeedVisitOutcome.Broken
                : brings ? FeedVisitOutcome.Changed
                : FeedVisitOutcome.Unchanged,
            Status =
                fails ? 503
                : brings ? 200
                : 304,
            Milliseconds = 40 + (ago * name.Length % 90),
            Bytes = brings ? 9_000 + (ago * 37) : 0,
            NewEntries = brings && !fails ? 1 : 0,
            Problem =
                fails ? FetchProblem.ErrorStatus.ToString()
                : isBroken ? FeedVisit.Broken
                : null,
            ProblemDetail =
                fails ? "503"
                : isBroken ? "The XML breaks here: Unexpected end of file (line 5)"
                : null,
        };
    }
}
