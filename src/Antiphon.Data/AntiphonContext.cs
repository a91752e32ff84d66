using Antiphon.Core.Channels;
using Antiphon.Core.Comments;
using Antiphon.Core.Html;
using Antiphon.Core.Mailing.Digests;
using Antiphon.Core.Mailing.Returns;
using Antiphon.Core.Mentions;
using Antiphon.Core.Posts;
using Antiphon.Core.Referrals;
using Antiphon.Core.Sites;
using Antiphon.Core.Subscribers;
using Antiphon.Core.Work;
using Antiphon.Data.Accounts;
using Antiphon.Data.Blogs;
using Antiphon.Data.Blogs.Followed;
using Antiphon.Data.Channels;
using Antiphon.Data.Comments;
using Antiphon.Data.Comments.Commenters;
using Antiphon.Data.Comments.Moderation;
using Antiphon.Data.Conversions;
using Antiphon.Data.Feeds;
using Antiphon.Data.Feeds.Checking;
using Antiphon.Data.Feeds.Monitoring;
using Antiphon.Data.Importing;
using Antiphon.Data.Listings;
using Antiphon.Data.Mailing;
using Antiphon.Data.Mentions;
using Antiphon.Data.Notices;
using Antiphon.Data.Outgoing;
using Antiphon.Data.Pictures;
using Antiphon.Data.Posts;
using Antiphon.Data.Posts.Editing;
using Antiphon.Data.Referrals;
using Antiphon.Data.Sites;
using Antiphon.Data.Subscribers;
using Microsoft.AspNetCore.Identity.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Data;

/// <summary>The database of one installation.</summary>
public sealed class AntiphonContext(DbContextOptions<AntiphonContext> options)
    : IdentityUserContext<Person, long>(options)
{
    /// <summary>Tokens for scripts.</summary>
    public DbSet<ApiToken> ApiTokens => Set<ApiToken>();

    /// <summary>Sites.</summary>
    public DbSet<Site> Sites => Set<Site>();

    /// <summary>Roles of people on sites.</summary>
    public DbSet<Membership> Memberships => Set<Membership>();

    /// <summary>Blogs.</summary>
    public DbSet<Blog> Blogs => Set<Blog>();

    /// <summary>How followed blogs are followed.</summary>
    public DbSet<Following> Followings => Set<Following>();

    /// <summary>Latest visits to followed feeds.</summary>
    public DbSet<FeedVisitRecord> FeedVisits => Set<FeedVisitRecord>();

    /// <summary>Addresses that followed feeds had.</summary>
    public DbSet<FeedMove> FeedMoves => Set<FeedMove>();

    /// <summary>Subscriptions at hubs.</summary>
    public DbSet<HubSubscription> HubSubscriptions => Set<HubSubscription>();

    /// <summary>Feeds that are checked on a schedule.</summary>
    public DbSet<WatchedFeed> WatchedFeeds => Set<WatchedFeed>();

    /// <summary>What their checks gave.</summary>
    public DbSet<WatchRecord> WatchRecords => Set<WatchRecord>();

    /// <summary>Several feeds checked at once.</summary>
    public DbSet<CheckRun> CheckRuns => Set<CheckRun>();

    /// <summary>Checks of feeds, waiting and made.</summary>
    public DbSet<KeptCheck> KeptChecks => Set<KeptCheck>();

    /// <summary>What teams are told.</summary>
    public DbSet<Notice> Notices => Set<Notice>();

    /// <summary>Mails of notices.</summary>
    public DbSet<NoticeMail> NoticeMails => Set<NoticeMail>();

    /// <summary>Plain mails to one person.</summary>
    public DbSet<Letter> Letters => Set<Letter>();

    /// <summary>Skeletons posts start from.</summary>
    public DbSet<PostTemplate> PostTemplates => Set<PostTemplate>();

    /// <summary>What readers asked through forms.</summary>
    public DbSet<Question> Questions => Set<Question>();

    /// <summary>Who asked for mail and has not said yes yet.</summary>
    public DbSet<SubscriptionAsk> SubscriptionAsks => Set<SubscriptionAsk>();

    /// <summary>Who is asked to join a team.</summary>
    public DbSet<Invitation> Invitations => Set<Invitation>();

    /// <summary>Places people are signed in at.</summary>
    public DbSet<Session> Sessions => Set<Session>();

    /// <summary>How it stands with the mail server.</summary>
    public DbSet<MailStanding> MailStandings => Set<MailStanding>();

    /// <summary>Wrong passwords of late.</summary>
    public DbSet<SignInFailure> SignInFailures => Set<SignInFailure>();

    /// <summary>How feeds of ours are published.</summary>
    public DbSet<FeedSettings> FeedSettings => Set<FeedSettings>();

    /// <summary>Posts.</summary>
    public DbSet<Post> Posts => Set<Post>();

    /// <summary>What posts were.</summary>
    public DbSet<PostVersion> PostVersions => Set<PostVersion>();

    /// <summary>Libraries of pictures.</summary>
    public DbSet<Picture> Pictures => Set<Picture>();

    /// <summary>Posts brought in.</summary>
    public DbSet<Import> Imports => Set<Import>();

    /// <summary>Fields of blogs' own.</summary>
    public DbSet<BlogField> BlogFields => Set<BlogField>();

    /// <summary>Who posts are by.</summary>
    public DbSet<Author> Authors => Set<Author>();

    /// <summary>Categories in their tree.</summary>
    public DbSet<Category> Categories => Set<Category>();

    /// <summary>Remarks of reviewers.</summary>
    public DbSet<ReviewRemark> ReviewRemarks => Set<ReviewRemark>();

    /// <summary>Addresses of previews.</summary>
    public DbSet<PreviewLink> PreviewLinks => Set<PreviewLink>();

    /// <summary>Changes to public posts that wait.</summary>
    public DbSet<WaitingChange> WaitingChanges => Set<WaitingChange>();

    /// <summary>Who has which post open.</summary>
    public DbSet<PostPresence> PostPresences => Set<PostPresence>();

    /// <summary>Changes to many posts, with what was before.</summary>
    public DbSet<BulkChange> BulkChanges => Set<BulkChange>();

    /// <summary>Who did what.</summary>
    public DbSet<SiteAct> SiteActs => Set<SiteAct>();

    /// <summary>Listings.</summary>
    public DbSet<Listing> Listings => Set<Listing>();

    /// <summary>Looks that listings share.</summary>
    public DbSet<Look> Looks => Set<Look>();

    /// <summary>Sightings of listings on pages.</summary>
    public DbSet<Sighting> Sightings => Set<Sighting>();

    /// <summary>Comment threads.</summary>
    public DbSet<CommentThread> Threads => Set<CommentThread>();

    /// <summary>Comments.</summary>
    public DbSet<Comment> Comments => Set<Comment>();

    /// <summary>Votes on comments.</summary>
    public DbSet<CommentVote> CommentVotes => Set<CommentVote>();

    /// <summary>Reports of comments.</summary>
    public DbSet<CommentReport> CommentReports => Set<CommentReport>();

    /// <summary>Reactions to comments and to what threads are about.</summary>
    public DbSet<CommentReaction> CommentReactions => Set<CommentReaction>();

    /// <summary>Further identifiers and addresses of threads.</summary>
    public DbSet<ThreadAlias> ThreadAliases => Set<ThreadAlias>();

    /// <summary>Who is banned and who is trusted.</summary>
    public DbSet<WriterMark> WriterMarks => Set<WriterMark>();

    /// <summary>How many comments stand where.</summary>
    public DbSet<CommentCount> CommentCounts => Set<CommentCount>();

    /// <summary>What was done with comments.</summary>
    public DbSet<CommentDeed> CommentDeeds => Set<CommentDeed>();

    /// <summary>What colleagues wrote about comments.</summary>
    public DbSet<CommentNote> CommentNotes => Set<CommentNote>();

    /// <summary>Choices of comments kept under a name.</summary>
    public DbSet<SavedView> SavedViews => Set<SavedView>();

    /// <summary>Who looks at which comment.</summary>
    public DbSet<CommentViewer> CommentViewers => Set<CommentViewer>();

    /// <summary>What people want to be told about comments.</summary>
    public DbSet<NoticePreference> NoticePreferences => Set<NoticePreference>();

    /// <summary>Links in mails that decide a comment.</summary>
    public DbSet<DecisionLink> DecisionLinks => Set<DecisionLink>();

    /// <summary>Links in mails by which readers show that an address is theirs.</summary>
    public DbSet<CommenterLink> CommenterLinks => Set<CommenterLink>();

    /// <summary>Readers whose address was confirmed.</summary>
    public DbSet<ConfirmedCommenter> ConfirmedCommenters => Set<ConfirmedCommenter>();

    /// <summary>Devices whose owners showed that an address is theirs.</summary>
    public DbSet<ProvenDevice> ProvenDevices => Set<ProvenDevice>();

    /// <summary>Readers who follow threads by mail.</summary>
    public DbSet<ThreadFollow> ThreadFollows => Set<ThreadFollow>();

    /// <summary>Mentions by other sites.</summary>
    public DbSet<Mention> Mentions => Set<Mention>();

    /// <summary>Ways out beyond pages, feeds and mail.</summary>
    public DbSet<Channel> Channels => Set<Channel>();

    /// <summary>The outbox of channels and its history.</summary>
    public DbSet<ChannelDelivery> ChannelDeliveries => Set<ChannelDelivery>();

    /// <summary>Attempts to hand over what goes to channels.</summary>
    public DbSet<ChannelAttempt> ChannelAttempts => Set<ChannelAttempt>();

    /// <summary>Attempts begun at channels that take only so much in a time.</summary>
    public DbSet<ChannelStart> ChannelStarts => Set<ChannelStart>();

    /// <summary>Changes the channels have not been asked about.</summary>
    public DbSet<PostChange> PostChanges => Set<PostChange>();

    /// <summary>Feeds for one partner each.</summary>
    public DbSet<PartnerFeed> PartnerFeeds => Set<PartnerFeed>();

    /// <summary>Whom our hub tells of our feeds.</summary>
    public DbSet<HubClient> HubClients => Set<HubClient>();

    /// <summary>What brought readers.</summary>
    public DbSet<ArrivalCount> ArrivalCounts => Set<ArrivalCount>();

    /// <summary>What is mailed to subscribers, and when.</summary>
    public DbSet<Digest> Digests => Set<Digest>();

    /// <summary>What was mailed to subscribers, and is being.</summary>
    public DbSet<Edition> Editions => Set<Edition>();

    /// <summary>Posts of editions.</summary>
    public DbSet<EditionPost> EditionPosts => Set<EditionPost>();

    /// <summary>Counted links of editions.</summary>
    public DbSet<EditionLink> EditionLinks => Set<EditionLink>();

    /// <summary>Groups of subscribers.</summary>
    public DbSet<Segment> Segments => Set<Segment>();

    /// <summary>Forms that ask for new posts.</summary>
    public DbSet<SignUpForm> SignUpForms => Set<SignUpForm>();

    /// <summary>Addresses that no list brings back.</summary>
    public DbSet<GoneAddress> GoneAddresses => Set<GoneAddress>();

    /// <summary>Mail subscribers.</summary>
    public DbSet<Subscriber> Subscribers => Set<Subscriber>();

    /// <summary>The outbox and its history.</summary>
    public DbSet<Delivery> Deliveries => Set<Delivery>();

    /// <inheritdoc/>
    public override int SaveChanges(bool acceptAllChangesOnSuccess)
    {
        KeepWhatFollows();
        return base.SaveChanges(acceptAllChangesOnSuccess);
    }

    /// <inheritdoc/>
    public override Task<int> SaveChangesAsync(
        bool acceptAllChangesOnSuccess,
        CancellationToken cancellationToken = default
    )
    {
        KeepWhatFollows();
        return base.SaveChangesAsync(acceptAllChangesOnSuccess, cancellationToken);
    }

    /// <inheritdoc/>
    protected override void ConfigureConventions(ModelConfigurationBuilder configurationBuilder)
    {
        configurationBuilder.Properties<DateTimeOffset>().HaveConversion<InstantConverter>();
        configurationBuilder.Properties<SiteRole>().HaveConversion<string>();
        configurationBuilder.Properties<PostStatus>().HaveConversion<string>();
        configurationBuilder.Properties<CommentStanding>().HaveConversion<string>();
        configurationBuilder.Properties<WaitReason>().HaveConversion<string>();
        configurationBuilder.Properties<MentionWay>().HaveConversion<string>();
        configurationBuilder.Properties<MentionState>().HaveConversion<string>();
        configurationBuilder.Properties<MentionKind>().HaveConversion<string>();
        configurationBuilder.Properties<ChannelKind>().HaveConversion<string>();
        configurationBuilder.Properties<DeliveryAct>().HaveConversion<string>();
        configurationBuilder.Properties<HoldReason>().HaveConversion<string>();
        configurationBuilder.Properties<SendOutcomeKind>().HaveConversion<string>();
        configurationBuilder.Properties<SubscriberOrigin>().HaveConversion<string>();
        configurationBuilder.Properties<ArrivalKind>().HaveConversion<string>();
        configurationBuilder.Properties<Suppression>().HaveConversion<string>();
        configurationBuilder.Properties<EditionState>().HaveConversion<string>();
        configurationBuilder.Properties<DeliveryState>().HaveConversion<string>();
    }

    /// <inheritdoc/>
    protected override void OnModelCreating(ModelBuilder builder)
    {
        base.OnModelCreating(builder);
        builder.ApplyConfigurationsFromAssembly(typeof(AntiphonContext).Assembly);
        builder.HasDbFunction(() => JsonValue.Number(default, string.Empty)).HasName("json_extract").IsBuiltIn();
        // Sign-in compares the end of a lock-out inside the store, which needs the same form as every other instant.
        builder.Entity<Person>().Property(person => person.LockoutEnd).HasConversion<InstantConverter>();
    }

    // Here and nowhere else, so that no way of writing a post can forget it; triggers bring the text into the full text
    // index in the same transaction.
    private void KeepWhatFollows()
    {
        foreach (
            var entry in ChangeTracker
                .Entries<Post>()
                .Where(entry => entry.State is EntityState.Added or EntityState.Modified)
                .ToList()
        )
        {
            var post = entry.Entity;
            if (entry.State == EntityState.Added || entry.Property(row => row.BodyHtml).IsModified)
                post.PlainText = HtmlText.Of(post.BodyHtml);
            post.Findings = PostFindings.Count(post);
            if (PublicChanges.Of(entry) is { } note)
                PostChanges.Add(note);
        }

        // Every site begins with a mail for each post.
        foreach (var entry in ChangeTracker.Entries<Site>().Where(entry => entry.State == EntityState.Added).ToList())
        {
            if (!ChangeTracker.Entries<Digest>().Any(digest => digest.Entity.Site == entry.Entity))
                Digests.Add(
                    new Digest
                    {
                        Site = entry.Entity,
                        Name = "Each new post",
                        IsUsual = true,
                        CreatedAt = entry.Entity.CreatedAt,
                    }
                );
        }
    }
}
