using System.Security.Cryptography;
using System.Text;
using Antiphon.Core.Mailing.Returns;
using Antiphon.Server.Outgoing.Mail;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Limits;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.Extensions.Options;
using MimeKit;

namespace Antiphon.Server.Mailing.Returns;

/// <summary>
/// /mail/returns: where mail servers and programs post what came back, with the token of the settings.
/// </summary>
internal static class ReturnEndpoints
{
    private const long LargestBytes = 2_000_000;
    private const int MostAtOnce = 1000;

    /// <summary>Maps the address. It takes a report as it came (message/rfc822), or JSON.</summary>
    public static void MapReturns(this WebApplication app) =>
        app.MapPost("/mail/returns", TakeAsync)
            .DisableAntiforgery()
            .RequireRateLimiting(RateLimits.Writing)
            .ExcludeFromDescription()
            .ForAnybody()
            .WithMetadata(new Microsoft.AspNetCore.Mvc.RequestSizeLimitAttribute(LargestBytes));

    private static async Task<Results<Ok<ReturnsTaken>, UnauthorizedHttpResult, ValidationProblem>> TakeAsync(
        HttpContext http,
        IOptions<MailOptions> options,
        ReturnKeeping keeping,
        ReturnReader reader,
        CancellationToken cancellation
    )
    {
        if (!IsKnown(http.Request.Headers.Authorization.ToString(), options.Value.ReturnsToken))
            return TypedResults.Unauthorized();
        IReadOnlyList<MailReturn> returns;
        if (http.Request.HasJsonContentType())
        {
            var posted = await http.Request.ReadFromJsonAsync<ReturnsPosted>(cancellation);
            if (posted?.Returns is not { Count: > 0 and <= MostAtOnce } given)
                return FieldProblem.For(
                    "returns",
                    $"Send from 1 to {MostAtOnce} returns, each with a kind (hard, soft or complaint) and an address or a key."
                );
            if (given.Any(mailReturn => mailReturn.Address is null && mailReturn.Key is null))
                return FieldProblem.For(
                    "returns",
                    "Each return needs the address or the key of the mail, which stands before the @ of its Message-ID."
                );
            returns = given;
        }
        else
        {
            var body = await http.BodyAsync();
            try
            {
                returns = reader.ReadTrusted(await MimeMessage.LoadAsync(new MemoryStream(body), cancellation));
            }
            catch (FormatException)
            {
                return FieldProblem.For("returns", "This is not an email. Send the report as it came, or JSON.");
            }
        }

        var known = 0;
        foreach (var one in returns)
            known += await keeping.KeepAsync(one, cancellation);
        return TypedResults.Ok(new ReturnsTaken(returns.Count, known));
    }

    private static bool IsKnown(string header, string? token) =>
        token is not null
        && CryptographicOperations.FixedTimeEquals(
            Encoding.UTF8.GetBytes(header),
            Encoding.UTF8.GetBytes("Bearer " + token)
        );

    private sealed record ReturnsPosted(List<MailReturn>? Returns);

    internal sealed record ReturnsTaken(int Returns, int Subscribers);
}
