using System.Text;
using MimeKit;

namespace Antiphon.StandIns.Mailbox;

/// <summary>/mailbox: pages to read mails, and the same by HTTP for tests.</summary>
internal static class MailboxEndpoints
{
    /// <summary>Maps the mailbox.</summary>
    public static void MapMailbox(this RouteGroupBuilder world)
    {
        world.MapGet("/mailbox", List);
        world.MapPost("/mailbox/empty", (MailStore store) => store.Empty()).DisableAntiforgery();
        world.MapGet("/mailbox/{id:int}", Read);
        world.MapGet("/mailbox/api/messages", (string? to, MailStore store) => Results.Json(
                store
                    .All.Where(mail => to is null || mail.To == to)
                    .Select(mail => new
                    {
                        mail.Id,
                        mail.To,
                        mail.From,
                        mail.Subject,
                        mail.MessageId,
                        mail.ReceivedAt,
                    })
            ));
        world.MapGet("/mailbox/{id:int}/source", (int id, MailStore store) =>
            store.All.FirstOrDefault(mail => mail.Id == id) is { } mail
                ? Results.Text(mail.Source, "text/plain", Encoding.Latin1)
                : Results.NotFound()
        );
        world.MapGet("/mailbox/api/repeats", (MailStore store) => Results.Json(store.Repeats));
    }

    private static IResult List(string? to, MailStore store)
    {
        var rows = store
            .All.Where(mail => to is null || mail.To == to)
            .Take(200)
            .Select(mail =>
                $"<tr><td><a href=\"/mailbox?to={Uri.EscapeDataString(mail.To)}\">{PlainPage.Encode(mail.To)}</a></td><td><a href=\"/mailbox/{mail.Id}\">{PlainPage.Encode(mail.Subject)}</a></td><td><small>{mail.ReceivedAt:yyyy-MM-dd HH:mm:ss}</small></td></tr>"
            );
        var table = $"<table><tr><th>To</th><th>Subject</th><th>Received</th></tr>{string.Concat(rows)}</table>";
        return PlainPage.Html(
            to is null ? $"Mailbox, {store.All.Count} mails" : $"Mailbox of {to}",
            (to is null ? string.Empty : "<p><a href=\"/mailbox\">All mails</a></p>") + table
        );
    }

    private static IResult Read(int id, MailStore store)
    {
        if (store.All.FirstOrDefault(mail => mail.Id == id) is not { } mail)
            return Results.NotFound();
        var message = MimeMessage.Load(new MemoryStream(Encoding.Latin1.GetBytes(mail.Source)));
        var frame =
            $"<iframe sandbox style=\"width:100%;height:32rem;border:1px solid #ddd;background:#fff\" srcdoc=\"{PlainPage.Encode(message.HtmlBody ?? string.Empty)}\"></iframe>";
        return PlainPage.Html(
            mail.Subject,
            $"<p><a href=\"/mailbox\">All mails</a></p><p>To {PlainPage.Encode(mail.To)}, from {PlainPage.Encode(mail.From)}</p>{frame}<h2>As plain text</h2><pre style=\"white-space:pre-wrap\">{PlainPage.Encode(message.TextBody)}</pre>"
        );
    }
}
