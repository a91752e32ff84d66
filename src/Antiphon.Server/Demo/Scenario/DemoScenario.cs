using Antiphon.Core.Posts;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Accounts;
using Antiphon.Data.Blogs;
using Antiphon.Data.Posts;
using Antiphon.Data.Sites;
using Antiphon.Server.Blogs.Followed;
using Antiphon.Server.Channels;
using Antiphon.Server.Platform.Accounts;
using Antiphon.Server.Posts.Reading;
using Microsoft.AspNetCore.Identity;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Demo.Scenario;

/// <summary>
/// Quillmoor Observatory: site, people, blogs, posts, listings, readers and comments, dated from the day the demo is
/// made.
/// </summary>
internal sealed class DemoScenario(
    AntiphonContext database,
    UserManager<Person> people,
    DemoPictures pictures,
    FollowingWorker visits,
    PostAddresses addresses,
    ChannelSecrets secrets,
    IKeySource keys,
    TimeProvider clock,
    IOptions<DemoOptions> options
)
{
    /// <summary>Fills the database.</summary>
    public async Task FillAsync()
    {
        var now = clock.GetUtcNow();
        await using var transaction = await database.Database.BeginTransactionAsync();
        var site = await MakeSiteAsync(now);
        var log = new Blog
        {
            Site = site,
            Key = keys.NewKey(),
            Name = "The Night Log",
            Description = "Observing nights, sky events and what the weather did to them",
            CreatedAt = now.AddDays(-660),
        };
        database.Blogs.Add(log);
        var feeds = new DemoFeeds(database, keys, options.Value, now);
        var bench = feeds.Follow(site, "Workshop Bench", "workshop-bench/feed.xml", 600);
        var weather = feeds.Follow(site, "Moor Weather Diary", "weather/feed.json", 80);
        Blog[] county =
        [
            feeds.Follow(site, "Fellside Walkers", "walkers/news.xml", 260),
            feeds.Follow(site, "Parish Council", "county/council.xml", 70),
            feeds.Follow(site, "Quarry Notices", "county/quarry.xml", 50),
        ];
        // Visited by the worker, once there is somebody here for the hub to call.
        feeds.Follow(site, "Moor Star Party", "county/star-party.xml", 40);
        feeds.Watch(site);
        await database.SaveChangesAsync();
        await AddPostsAsync(site, log, now);
        await pictures.AddAsync(site);
        new DemoTerms(database).Add(site, log, [.. database.Posts.Local]);
        new DemoForms(database, now).Add(site, [.. database.Posts.Local]);
        new DemoListings(database, keys, options.Value, now).Add(site, log, bench, weather);
        await database.SaveChangesAsync();
        var readers = new DemoReaders(database, keys, now);
        await readers.AddSubscribersAsync(site);
        await new DemoDigests(database, keys, addresses, now).AddAsync(site);
        await new DemoComments(database, keys, addresses, now).AddAsync(site, options.Value.Website);
        await new DemoChannels(database, secrets, keys, options.Value.World, now).AddAsync(site);
        await transaction.CommitAsync();
        foreach (var followed in new[] { bench, weather }.Concat(county))
            await visits.DoNowAsync(followed.Id, CancellationToken.None);
    }

    private async Task<Site> MakeSiteAsync(DateTimeOffset now)
    {
        var site = new Site
        {
            PublicKey = keys.NewKey(),
            Name = "Quillmoor Observatory",
            Address = options.Value.Website,
            TimeZone = "Europe/London",
            Language = "en-GB",
            CreatedAt = now.AddDays(-660),
            ShareWays = [new ShareWay("Lantern", options.Value.World + "lantern/new?text={title}%20{url}")],
            AllowedAddresses = [AllowedAddresses.OriginOf(options.Value.Website)!],
        };
        database.Sites.Add(site);
        await AddPersonAsync(site, "Imogen Tarrant", DemoPeople.Imogen, SiteRole.Owner);
        await AddPersonAsync(site, "Dov Achterberg", DemoPeople.Dov, SiteRole.Editor);
        await AddPersonAsync(site, "Priya Lindqvist", DemoPeople.Priya, SiteRole.Moderator);
        var owner = await people.FindByEmailAsync(DemoPeople.Imogen);
        database.ApiTokens.Add(
            new ApiToken
            {
                Person = owner!,
                Name = "Demo scripts",
                Hash = TokenHash.Of(DemoPeople.Token),
                CreatedAt = now,
            }
        );
        await database.SaveChangesAsync();
        return site;
    }

    private async Task AddPersonAsync(Site site, string name, string mail, SiteRole role)
    {
        var person = new Person
        {
            UserName = mail,
            Email = mail,
            DisplayName = name,
            EmailConfirmed = true,
        };
        var made = await people.CreateAsync(person, DemoPeople.Password);
        if (!made.Succeeded)
            throw new InvalidOperationException(string.Join(' ', made.Errors.Select(error => error.Description)));
        database.Memberships.Add(
            new Membership
            {
                Site = site,
                Person = person,
                Role = role,
            }
        );
    }

    private async Task AddPostsAsync(Site site, Blog blog, DateTimeOffset now)
    {
        var number = 0;
        foreach (var demo in DemoTexts.Posts)
        {
            var date = now.AddDays(-demo.DaysAgo);
            database.Posts.Add(
                new Post
                {
                    Key = keys.NewKey(12),
                    SiteId = site.Id,
                    Blog = blog,
                    Title = demo.Title,
                    Slug = Slug.FromTitle(demo.Title),
                    Author = NameOf(demo.Author),
                    Category = demo.Category,
                    Tags = TagsOf(demo),
                    IsFeatured = number is 1 or 3 or 7,
                    Revision = 1,
                    BodyHtml =
                        $"<p>{demo.Text}</p><p>{DemoTexts.Paragraphs[number % 6]}</p><p>{DemoTexts.Paragraphs[(number + 2) % 6]}</p>",
                    PictureAddress =
                        demo.Picture.Length == 0
                            ? null
                            : $"{options.Value.Website}pictures/{demo.Picture}-{number}.svg",
                    PictureAlt = demo.Picture.Length == 0 ? null : $"Picture for {demo.Title}",
                    Status = demo.DaysAgo < 0 ? PostStatus.Scheduled : PostStatus.Published,
                    PublishedAt = date,
                    CreatedAt = demo.DaysAgo < 0 ? now.AddDays(-1) : date,
                    UpdatedAt = demo.DaysAgo < 0 ? now.AddDays(-1) : date,
                }
            );
            number++;
        }

        database.Posts.Add(
            new Post
            {
                Key = keys.NewKey(12),
                SiteId = site.Id,
                Blog = blog,
                Title = "A lens for the children's corner",
                Slug = "a-lens-for-the-childrens-corner",
                Author = "Dov Achterberg",
                Category = "Workshop",
                Revision = 1,
                BodyHtml =
                    "<p>Somebody left us a magnifier the size of a dinner plate. Here is what we mean to do with it.</p>",
                Status = PostStatus.InReview,
                CreatedAt = now.AddHours(-7),
                UpdatedAt = now.AddHours(-2),
            }
        );
        await database.SaveChangesAsync();
    }

    private static List<string> TagsOf(DemoPost demo)
    {
        string[] words =
        [
            "moon",
            "saturn",
            "meteors",
            "comet",
            "orion",
            "fog",
            "frost",
            "lamps",
            "children",
            "volunteers",
            "dome",
        ];
        return
        [
            .. words.Where(word =>
                $"{demo.Title} {demo.Text} {demo.Picture}".Contains(word, StringComparison.OrdinalIgnoreCase)
            ),
        ];
    }

    private static string NameOf(char letter) =>
        letter switch
        {
            'D' => "Dov Achterberg",
            'P' => "Priya Lindqvist",
            _ => "Imogen Tarrant",
        };
}
