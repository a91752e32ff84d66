using Antiphon.StandIns;
using Antiphon.StandIns.Control;
using Antiphon.StandIns.Mailbox;
using Antiphon.StandIns.Misbehaving;
using Antiphon.StandIns.Services;
using Antiphon.StandIns.Website;
using Antiphon.StandIns.World;

var builder = WebApplication.CreateBuilder(args);
builder.Logging.SetMinimumLevel(LogLevel.Warning);
var ports = StandInPorts.From(builder.Configuration);
builder.WebHost.UseUrls($"http://127.0.0.1:{ports.Website}", $"http://127.0.0.1:{ports.World}");
builder.Services.AddSingleton(ports);
builder.Services.AddSingleton<WebsitePages>();
builder.Services.AddSingleton<Troubles>();
builder.Services.AddSingleton<MailStore>();
builder.Services.AddSingleton<Beginning>();
builder.Services.AddSingleton<Neighbours>();
builder.Services.AddSingleton<Inbox>();
builder.Services.AddSingleton<Faults>();
builder.Services.AddHttpClient();
builder.Services.AddSingleton<Hub>();
builder.Services.AddSingleton<Returns>();
builder.Services.AddHostedService<SmtpListener>();
builder.Services.AddHostedService<PopListener>();

var app = builder.Build();
app.MapGet("/healthz", () => "ok");

// One process plays two hosts; the port a request comes in by tells which one is meant.
app.MapWebsite().RequireHost($"*:{ports.Website}");
var world = app.MapWorld();
world.MapControl();
world.RequireHost($"*:{ports.World}");
app.Run();
