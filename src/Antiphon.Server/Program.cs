using Antiphon.Server.Accounts;
using Antiphon.Server.Blogs;
using Antiphon.Server.Channels;
using Antiphon.Server.Comments;
using Antiphon.Server.Coverage;
using Antiphon.Server.Demo;
using Antiphon.Server.Embed;
using Antiphon.Server.Feeds;
using Antiphon.Server.FollowedFeeds;
using Antiphon.Server.Hosting;
using Antiphon.Server.Listings;
using Antiphon.Server.Looks;
using Antiphon.Server.Outgoing;
using Antiphon.Server.Posts;
using Antiphon.Server.Readers;
using Antiphon.Server.Search;
using Antiphon.Server.Sites;

var builder = WebApplication.CreateBuilder(args);
builder.AddPlatform();
builder.AddDatabase();
builder.AddOutgoing();
builder.AddAccounts();
builder.AddBlogs();
builder.AddFollowedFeeds();
builder.AddPosts();
builder.AddListings();
builder.AddLooks();
builder.AddFeeds();
builder.AddChannels();
builder.AddComments();
builder.AddEmbed();
builder.AddDemo();

var app = builder.Build();
await app.PrepareDatabaseAsync();
app.UsePlatform();
app.MapHealth();
app.MapAccounts();
app.MapPublicFeeds();
app.MapEmbed();
app.MapPublicPosts();
app.MapUnsubscribe();
app.MapFeedCheck();
app.MapFeedWork();
app.MapHubCallbacks();

var site = app.MapSites();
site.MapBlogs();
site.MapFollowedFeeds();
site.MapPosts();
site.MapListings();
site.MapLooks();
site.MapSiteFeeds();
site.MapChannels();
site.MapReaders();
site.MapComments();
site.MapCoverage();
site.MapFinding();

app.MapWorkplace();
await app.RunAsync();

/// <summary>Entry point, visible to the tests that start the server.</summary>
public partial class Program;
