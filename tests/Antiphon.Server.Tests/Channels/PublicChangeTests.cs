using System.Net;
using System.Net.Http.Json;
using System.Text;
using Antiphon.Core.Channels;
using Antiphon.Core.Posts;
using Antiphon.Core.Work;
using Antiphon.Data.Blogs;
using Antiphon.Data.Blogs.Followed;
using Antiphon.Data.Posts;
using Antiphon.Data.Subscribers;
using Antiphon.Server.Posts.Changes;
using Antiphon.Server.Tests.Hosting;
using Antiphon.Tests;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;

namespace Antiphon.Server.Tests.Channels;

/// <summary>
/// However a post becomes public, changes or is public no more, every way out hears of it the same way.
/// </summary>
public sealed class PublicChangeTests(ChannelHost both) : IClassFixture<ChannelHost>
{
    private readonly AntiphonHost _host = both.Host;

    /// <summary>Ways in which a post becomes public.</summary>
    public static TheoryData<string> Ways => [.. "editor schedule bin bulk import feed".Split(' ')];

    [Theory]
    [MemberData(nameof(Ways))]
    public async Task Whichever_way_a_post_becomes_public_channels_and_mails_hear_of_it_once(string way)
    {
        await StartAsync(withAll: true);
        var post = await MakePublicAsync(way);
        await PlannedAsync();
        Assert.Equal((1, 1), (await DeliveriesAsync(post, DeliveryAct.Publish), await EditionsAsync(post)));
    }

    [Theory]
    [InlineData("feed")]
    [InlineData("import")]
    public async Task What_was_not_written_here_goes_with_no_mail_unless_the_team_says_so(string way)
    {
        await StartAsync(withAll: false);
        var post = await MakePublicAsync(way);
        await PlannedAsync();
        Assert.Equal((1, 0), (await DeliveriesAsync(post, DeliveryAct.Publish), await EditionsAsync(post)));
    }

    [Fact]
    public async Task The_team_sees_how_much_mail_that_would_be()
    {
        await StartAsync(withAll: false);
        foreach (var way in new[] { "editor", "feed", "import" })
            await MakePublicAsync(way);
        await _host.InDatabaseAsync(database =>
        {
            for (var at = 0; at < 3; at++)
                database.Subscribers.Add(
                    new Subscriber
                    {
                        SiteId = _host.Site,
                        Key = $"{_host.Site}-{at}",
                        Mail = $"r{at}@fellside.example",
                        CreatedAt = DateTimeOffset.UtcNow,
                    }
                );
            return database.SaveChangesAsync();
        });
        var digest = (await _host.Owner.GetJsonAsync($"{_host.Api}channels/digests")).Items()[0];
        var reach = await _host.Owner.PostJsonAsync(
            $"{_host.Api}channels/digests/reach",
            new
            {
                name = "Each",
                settings = digest.Root!["settings"],
                segmentId = (long?)null,
                isUsual = true,
            }
        );
        Assert.Equal(
            (1, 1, 1, 3),
            (reach.Number("written"), reach.Number("followed"), reach.Number("broughtIn"), reach.Number("receivers"))
        );
    }

    [Fact]
    public async Task An_import_that_is_taken_back_is_withdrawn_outside()
    {
        await StartAsync(withAll: false);
        var post = await MakePublicAsync("import");
        await PlannedAsync();
        await _host.InDatabaseAsync(database =>
            database
                .ChannelDeliveries.Where(channelDelivery => channelDelivery.PostId == post)
                .ExecuteUpdateAsync(set => set.SetProperty(one => one.State, DeliveryState.Delivered))
        );
        var import = await _host.InDatabaseAsync(database =>
            database.Posts.Where(one => one.Id == post).Select(one => one.ImportId).SingleAsync()
        );
        await _host.Owner.PostJsonAsync($"{_host.Api}imports/{import}/undo");
        await PlannedAsync();
        Assert.Equal(1, await DeliveriesAsync(post, DeliveryAct.Withdraw));
    }

    [Fact]
    public async Task What_is_dated_ahead_is_told_when_readers_can_see_it()
    {
        await StartAsync(withAll: true);
        var post = await AddAsync(one => one.PublishedAt = DateTimeOffset.UtcNow.AddDays(3));
        await _host.Services.GetRequiredService<PostChangeWork>().DoNextAsync(CancellationToken.None);
        Assert.Equal((0, 0), (await DeliveriesAsync(post, DeliveryAct.Publish), await EditionsAsync(post)));
        Assert.Equal(
            1,
            await _host.InDatabaseAsync(database =>
                database.PostChanges.CountAsync(postChange => postChange.PostId == post)
            )
        );
    }

    [Fact]
    public async Task A_draft_with_a_date_to_come_is_seen_once_it_is_published()
    {
        await StartAsync(withAll: false);
        var draft = await _host.WriteAsync("Planned once", "draft");
        var id = draft.Number("id");
        await _host.InDatabaseAsync(database =>
            database
                .Posts.Where(one => one.Id == id)
                .ExecuteUpdateAsync(set => set.SetProperty(one => one.PublishedAt, DateTimeOffset.UtcNow.AddDays(9)))
        );
        var published = await _host.Owner.PutJsonAsync(
            $"{_host.Api}posts/{id}",
            new
            {
                blogId = _host.Blog,
                title = "Planned once",
                bodyHtml = "<p>Clear.</p>",
                status = "published",
                revision = draft.Number("revision"),
            }
        );
        Assert.Equal(HttpStatusCode.OK, (await _host.Plain().GetAsync(published.Text("address"))).StatusCode);
    }

    [Fact]
    public async Task A_scheduled_post_of_a_blog_at_home_elsewhere_has_its_thread_there()
    {
        await StartAsync(withAll: false);
        await _host.InDatabaseAsync(database =>
            database
                .Blogs.Where(blog => blog.Id == _host.Blog)
                .ExecuteUpdateAsync(set =>
                    set.SetProperty(one => one.HomeAddress, "https://quillmoor.example/night-log")
                        .SetProperty(one => one.ShowsPostsAtHome, true)
                )
        );
        var post = await MakePublicAsync("schedule");
        var address = await Eventually.IsAsync(
            "the thread",
            () =>
                _host.InDatabaseAsync(database =>
                    database.Threads.Where(one => one.PostId == post).Select(one => one.Address).SingleOrDefaultAsync()
                ),
            found => found is not null
        );
        Assert.StartsWith("https://quillmoor.example/night-log", address, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_scheduled_post_that_cannot_be_published_is_a_draft_again_with_a_notice()
    {
        await StartAsync(withAll: false);
        var post = await AddAsync(one =>
            (one.Status, one.PublishedAt, one.Unfinished) = (
                PostStatus.Scheduled,
                DateTimeOffset.UtcNow.AddMinutes(-1),
                5
            )
        );
        await Eventually.TrueAsync("the notice", () =>
            _host.InDatabaseAsync(database =>
                database.Notices.AnyAsync(one => one.SiteId == _host.Site && one.Title.EndsWith("is a draft again"))
            )
        );
        Assert.Equal(
            PostStatus.Draft,
            await _host.InDatabaseAsync(database =>
                database.Posts.Where(one => one.Id == post).Select(one => one.Status).SingleAsync()
            )
        );
    }

    [Fact]
    public async Task What_is_being_sent_is_not_changed_under_way()
    {
        await StartAsync(withAll: false);
        var post = await MakePublicAsync("editor");
        await PlannedAsync();
        var delivery = await _host.InDatabaseAsync(database =>
            database
                .ChannelDeliveries.Where(channelDelivery => channelDelivery.PostId == post)
                .Select(one => one.Id)
                .SingleAsync()
        );
        await _host.InDatabaseAsync(database =>
            database
                .ChannelDeliveries.Where(one => one.Id == delivery)
                .ExecuteUpdateAsync(set =>
                    set.SetProperty(one => one.State, DeliveryState.Sending)
                        .SetProperty(one => one.HeldUntil, DateTimeOffset.UtcNow.AddMinutes(5))
                )
        );
        var refused = await (
            await _host.Owner.PutAsJsonAsync($"{_host.Api}channels/deliveries/{delivery}", new { isHeld = true })
        ).ProblemAsync(HttpStatusCode.BadRequest);
        Assert.Equal(["state"], refused.Names("errors"));
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await _host.Owner.PostAsync($"{_host.Api}channels/deliveries/{delivery}/cancel", null)).StatusCode
        );
        // Withdrawn meanwhile: what is on its way is followed by its withdrawal.
        await _host.Owner.PostJsonAsync($"{_host.Api}posts/bulk", new { posts = new[] { post }, kind = "delete" });
        await PlannedAsync();
        Assert.Equal(1, await DeliveriesAsync(post, DeliveryAct.Withdraw));
    }

    // A fresh site with a paused webhook, so that what was planned stays to be looked at; its mail with each post
    // brings everything, or what it brings by default.
    private async Task StartAsync(bool withAll)
    {
        var channels = await both.FreshAsync();
        var followed = await _host.InDatabaseAsync(async database =>
        {
            var blog = new Blog
            {
                SiteId = _host.Site,
                Key = Guid.NewGuid().ToString("N")[..12],
                Name = "Fell Weather",
                CreatedAt = DateTimeOffset.UtcNow,
                Following = new Following
                {
                    FeedAddress = "https://fellside.example/feed",
                    Standing = FollowingStanding.Paused,
                },
            };
            database.Blogs.Add(blog);
            await database.SaveChangesAsync();
            return blog.Id;
        });
        var choice = new
        {
            blogs = new[] { _host.Blog, followed },
            categories = Array.Empty<string>(),
            tags = Array.Empty<string>(),
            authors = Array.Empty<string>(),
            featuredOnly = false,
        };
        await channels.AddAsync(
            "webhook",
            "bell/",
            "bell-secret",
            new
            {
                choice,
                events = new[] { "postPublished", "postUpdated", "postWithdrawn" },
                followsChanges = true,
            }
        );
        (await _host.Owner.PostAsync($"{_host.Api}channels/set-up/pause", null)).EnsureSuccessStatusCode();
        await _host.InDatabaseAsync(async database =>
        {
            var digest = await database.Digests.SingleAsync(digest => digest.SiteId == _host.Site);
            digest.Settings = digest.Settings with
            {
                Choice = ChannelChoice.Everything with { Blogs = [_host.Blog, followed] },
                WithFollowed = withAll ? true : null,
                WithBroughtIn = withAll ? true : null,
            };
            return await database.SaveChangesAsync();
        });
    }

    private async Task<long> MakePublicAsync(string way)
    {
        var now = DateTimeOffset.UtcNow;
        switch (way)
        {
            case "editor":
                return (await _host.WriteAsync($"By {way}")).Number("id");
            case "schedule":
                return await AddAsync(post =>
                    (post.Status, post.PublishedAt) = (PostStatus.Scheduled, now.AddMinutes(-1))
                );
            case "bin":
                var binned = await AddAsync(post => post.DeletedAt = now);
                await _host.Owner.PostJsonAsync(
                    $"{_host.Api}posts/bulk",
                    new { posts = new[] { binned }, kind = "restore" }
                );
                return binned;
            case "bulk":
                var withdrawn = await AddAsync(post => post.PublishedAt = now);
                await PlannedAsync();
                await ForgetAsync(withdrawn);
                var change = await _host.Owner.PostJsonAsync(
                    $"{_host.Api}posts/bulk",
                    new
                    {
                        posts = new[] { withdrawn },
                        kind = "status",
                        status = "withdrawn",
                    }
                );
                await PlannedAsync();
                await _host.Owner.PostJsonAsync($"{_host.Api}posts/bulk/{change.Number("change")}/undo");
                return withdrawn;
            case "import":
                return await BringInAsync($"title,date,body\nBy import,{now:yyyy-MM-dd},<p>Clear.</p>");
            default:
                var followed = await _host.InDatabaseAsync(database =>
                    database
                        .Blogs.Where(blog => blog.SiteId == _host.Site && blog.Following != null)
                        .Select(one => one.Id)
                        .SingleAsync()
                );
                return await AddAsync(post => post.BlogId = followed);
        }
    }

    private Task<long> AddAsync(Action<Post> change) =>
        _host.InDatabaseAsync(async database =>
        {
            var now = DateTimeOffset.UtcNow;
            var post = new Post
            {
                Key = Guid.NewGuid().ToString("N")[..12],
                SiteId = _host.Site,
                BlogId = _host.Blog,
                Title = "Clear tonight",
                Slug = Guid.NewGuid().ToString("N"),
                BodyHtml = "<p>Clear.</p>",
                Status = PostStatus.Published,
                PublishedAt = now,
                CreatedAt = now,
                UpdatedAt = now,
                Revision = 1,
            };
            change(post);
            database.Posts.Add(post);
            await database.SaveChangesAsync();
            return post.Id;
        });

    private async Task<long> BringInAsync(string table)
    {
        using var body = new ByteArrayContent(Encoding.UTF8.GetBytes(table));
        var import = await HttpTalk.GoodAsync(
            await _host.Owner.PostAsync($"{_host.Api}imports?blog={_host.Blog}&name=log.csv", body)
        );
        var id = import.Number("summary.id");
        await _host.Owner.PostJsonAsync($"{_host.Api}imports/{id}/start", new { plan = import.Root!["plan"] });
        return await Eventually.IsAsync(
            "the import",
            () =>
                _host.InDatabaseAsync(database =>
                    database.Posts.Where(one => one.ImportId == id).Select(one => one.Id).SingleOrDefaultAsync()
                ),
            post => post > 0
        );
    }

    private Task ForgetAsync(long post) =>
        _host.InDatabaseAsync(async database =>
        {
            await database.Editions.Where(edition => edition.Posts.Any(of => of.PostId == post)).ExecuteDeleteAsync();
            return await database
                .ChannelDeliveries.Where(channelDelivery => channelDelivery.PostId == post)
                .ExecuteDeleteAsync();
        });

    private Task PlannedAsync() => Eventually.TrueAsync("everything planned", () => _host.InDatabaseAsync(
                async database =>
                {
                    var now = DateTimeOffset.UtcNow;
                    // What is scheduled leaves a note when it goes out, so it is asked for before the notes are.
                    return !await database.Posts.AnyAsync(one =>
                            one.SiteId == _host.Site && one.Status == PostStatus.Scheduled
                        )
                        && !await database
                            .PostChanges.IgnoreQueryFilters()
                            .AnyAsync(postChange => postChange.Post.SiteId == _host.Site && postChange.DueAt <= now);
                }
            ));

    private Task<int> DeliveriesAsync(long post, DeliveryAct act) =>
        _host.InDatabaseAsync(database =>
            database.ChannelDeliveries.IgnoreQueryFilters().CountAsync(one => one.PostId == post && one.Act == act)
        );

    private Task<int> EditionsAsync(long post) =>
        _host.InDatabaseAsync(database => database.Editions.CountAsync(one => one.Occasion == $"post {post}"));
}
