using Antiphon.Server;
using Antiphon.Server.Comments.Notifying;
using Antiphon.Server.Coverage;
using Antiphon.Server.Demo;
using Antiphon.Server.Feeds.Checking;
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
using Antiphon.Server.PublicPages.Blogs;
using Antiphon.Server.Search;

var builder = WebApplication.CreateBuilder(args);
builder.AddAreas();

// A report is read by programs, which nothing else may stand in.
if (args is [CheckFeedCommand.Name, ..])
    builder.Logging.ClearProviders();

var app = builder.Build();
if (args is [CheckFeedCommand.Name, .. var asked])
    return await CheckFeedCommand.RunAsync(asked, app.Services, Console.Out, Console.Error);
if (!await app.PrepareDatabaseAsync())
    return 1;
await app.FillPlainTextsAsync();
await app.FillDemoAsync();
await app.PrepareSetupKeyAsync();
app.UsePlatform(BlogHosts.LeadAsync);
app.MapPublicSide();
app.MapTeamSide();
app.MapWorkplace();
await app.RunAsync();
return 0;

/// <summary>Entry point, visible to the tests that start the server.</summary>
public partial class Program;
