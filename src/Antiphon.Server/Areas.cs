using Antiphon.Server.Blogs;
using Antiphon.Server.Blogs.Followed;
using Antiphon.Server.Channels;
using Antiphon.Server.Comments;
using Antiphon.Server.Comments.Commenters;
using Antiphon.Server.Comments.Filtering;
using Antiphon.Server.Comments.Moderation;
using Antiphon.Server.Comments.Notifying;
using Antiphon.Server.Coverage;
using Antiphon.Server.Demo;
using Antiphon.Server.Embed;
using Antiphon.Server.Exporting;
using Antiphon.Server.Feeds.Checking;
using Antiphon.Server.Feeds.Hub;
using Antiphon.Server.Feeds.Kept;
using Antiphon.Server.Feeds.Monitoring;
using Antiphon.Server.Feeds.Partners;
using Antiphon.Server.Feeds.Published;
using Antiphon.Server.Feeds.Published.Lists;
using Antiphon.Server.Importing;
using Antiphon.Server.Listings;
using Antiphon.Server.Listings.Styles;
using Antiphon.Server.Mailing;
using Antiphon.Server.Mailing.Returns;
using Antiphon.Server.Mentions;
using Antiphon.Server.Notices;
using Antiphon.Server.Outgoing;
using Antiphon.Server.Outgoing.Mail;
using Antiphon.Server.Pictures;
using Antiphon.Server.Platform.Accounts;
using Antiphon.Server.Platform.Hosting;
using Antiphon.Server.Platform.Storage;
using Antiphon.Server.Posts;
using Antiphon.Server.Posts.Calendar;
using Antiphon.Server.Posts.Editing;
using Antiphon.Server.Posts.Lists;
using Antiphon.Server.Posts.Terms;
using Antiphon.Server.Posts.Versions;
using Antiphon.Server.PublicPages;
using Antiphon.Server.PublicPages.Blogs;
using Antiphon.Server.PublicPages.Posts;
using Antiphon.Server.Referrals;
using Antiphon.Server.Search;
using Antiphon.Server.Sites;
using Antiphon.Server.Subscribers;
using Antiphon.Server.Subscribers.Forms;
using Antiphon.Server.Subscribers.Preferences;
using Antiphon.Server.Work;

namespace Antiphon.Server;

/// <summary>The areas of the server, each added and mapped by its own registration.</summary>
internal static class Areas
{
    /// <summary>Registers the services of every area.</summary>
    public static void AddAreas(this WebApplicationBuilder builder)
    {
        builder.AddPlatform();
        builder.AddDatabase();
        builder.AddOutgoing();
        builder.AddWork();
        builder.AddAccounts();
        builder.AddSites();
        builder.AddBlogs();
        builder.AddPublicPages();
        builder.AddFollowedFeeds();
        builder.AddSearch();
        builder.AddPosts();
        builder.AddPictures();
        builder.AddImporting();
        builder.AddListings();
        builder.AddCoverage();
        builder.AddLooks();
        builder.AddFeeds();
        builder.AddKeptChecks();
        builder.AddOwnFeeds();
        builder.AddPartnerFeeds();
        builder.AddOwnHub();
        builder.AddMail();
        builder.AddNotices();
        builder.AddWatching();
        builder.AddChannels();
        builder.AddDigests();
        builder.AddArrivals();
        builder.AddReaders();
        builder.AddComments();
        builder.AddMentions();
        builder.AddEmbed();
        builder.AddDemo();
    }

    /// <summary>Maps what readers, other servers and people without a team come to.</summary>
    public static void MapPublicSide(this WebApplication app)
    {
        app.MapHealth();
        app.MapAccounts();
        app.MapPublicPartnerFeeds();
        app.MapPublicFeeds();
        app.MapEmbed();
        app.MapPublicPosts();
        app.MapBlogPages();
        app.MapPreviews();
        app.MapPublicPictures();
        app.MapUnsubscribe();
        app.MapPreferences();
        app.MapCounting();
        app.MapArrivalReports();
        app.MapReturns();
        app.MapReaderForms();
        app.MapSignUpEmbed();
        app.MapInvited();
        app.MapFeedCheck();
        app.MapFeedWork();
        app.MapFeedTrials();
        app.MapFilterTrial();
        app.MapQueueOfAll();
        app.MapDecisionPages();
        app.MapMinePages();
        app.MapMentionReceiving();
        app.MapHubCallbacks();
        app.MapOwnHub();
        app.MapRepairedFeeds();
    }

    /// <summary>Maps what a team works with, each below its site.</summary>
    public static void MapTeamSide(this WebApplication app)
    {
        var site = app.MapSites();
        site.MapInvitations();
        site.MapFollowLinks();
        site.MapShareWays();
        site.MapBlogs();
        site.MapDisconnecting();
        site.MapOwnFields();
        site.MapPageSettings();
        site.MapFollowedFeeds();
        site.MapPosts();
        site.MapPostList();
        site.MapTerms();
        site.MapCalendar();
        site.MapPostWork();
        site.MapPostPages();
        site.MapPostTemplates();
        site.MapCards();
        site.MapPostCheck();
        site.MapPostVersions();
        site.MapPictures();
        site.MapImports();
        site.MapExports();
        site.MapListings();
        site.MapLooks();
        site.MapSiteFeeds();
        site.MapKeptChecks();
        site.MapCheckRuns();
        site.MapPartnerFeeds();
        site.MapWatching();
        site.MapNotices();
        site.MapMailOverview();
        site.MapDigests();
        site.MapEditions();
        site.MapArrivals();
        site.MapChannelSetup();
        site.MapChannelPauses();
        site.MapChannelDeliveries();
        site.MapPostChannels();
        site.MapReaders();
        site.MapSegments();
        site.MapSignUpForms();
        site.MapQuestions();
        site.MapComments();
        site.MapMentions();
        site.MapCoverage();
        site.MapFinding();
    }
}
