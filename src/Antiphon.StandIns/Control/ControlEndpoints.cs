using Antiphon.StandIns.Misbehaving;
using Antiphon.StandIns.Services;
using Antiphon.StandIns.World;

namespace Antiphon.StandIns.Control;

/// <summary>/control: tells the outside world to misbehave, by page and by HTTP.</summary>
internal static class ControlEndpoints
{
    /// <summary>Maps the page and its form targets.</summary>
    public static void MapControl(this RouteGroupBuilder world)
    {
        world.MapGet("/control", Show);
        world
            .MapPost("/control/blogs/{blog}", (string blog, string mode, Troubles troubles) =>
            {
                troubles.Set(blog, mode);
                return Results.Redirect("/control");
            })
            .DisableAntiforgery();
        world
            .MapPost("/control/services/{service}", (string service, string mode, Troubles troubles) =>
            {
                troubles.Set(service, mode);
                return Results.Redirect("/control");
            })
            .DisableAntiforgery();
        world
            .MapPost("/control/mail", (int? delay, int? putOff, Troubles troubles) =>
            {
                troubles.MailDelay = delay ?? troubles.MailDelay;
                troubles.MailsToPutOff = putOff ?? troubles.MailsToPutOff;
                return Results.Redirect("/control");
            })
            .DisableAntiforgery();
    }

    private static IResult Show(Troubles troubles)
    {
        var all = OutsideBlogs
            .All.Select(blog => (blog.Name, blog.Title))
            .Concat(CountyFeeds.All.Select(feed => (feed.Name, feed.Title)));
        var rows = all.Select(blog =>
            $"<tr><td>{PlainPage.Encode(blog.Title)}</td><td>{troubles.ModeOf(blog.Name)}</td><td>{string.Concat(Troubles.Modes.Select(mode => $"<form method=\"post\" style=\"display:inline\" action=\"/control/blogs/{blog.Name}?mode={mode}\"><button>{mode}</button></form> "))}</td></tr>"
        );
        var services = string.Concat(
            Faults.Services.Select(service =>
                $"<tr><td>{service}</td><td>{troubles.ModeOf(service)}</td><td>{string.Concat(Faults.Modes.Select(mode => $"<form method=\"post\" style=\"display:inline\" action=\"/control/services/{service}?mode={mode}\"><button>{mode}</button></form> "))}</td></tr>"
            )
        );
        return PlainPage.Html(
            "How the outside world behaves",
            $"<p>Tell a blog to misbehave, then watch how following it goes.</p><table>{string.Concat(rows)}</table><h2>Services</h2><table>{services}</table>"
                + $"<p>Mail server: {troubles.MailDelay} ms for each mail.</p><form method=\"post\" action=\"/control/mail?delay=0\"><button>Quick</button></form> <form method=\"post\" action=\"/control/mail?delay=1000\"><button>Slow</button></form>"
        );
    }
}
