using System.Text;
using Antiphon.Core.Feeds.Letters;
using Antiphon.Core.Feeds.Reports;
using Antiphon.Core.Findings;
using Antiphon.Core.Sites;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Feeds.Checking;
using Antiphon.Server.Feeds.Checking;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Language;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Feeds.Kept;

/// <summary>/api/sites/{site}/feeds/checks: checks of one feed, kept, with report and letter.</summary>
internal static class KeptCheckEndpoints
{
    private const int KeptOfOneFeed = 5;

    /// <summary>Maps the checks of a site.</summary>
    public static void MapKeptChecks(this RouteGroupBuilder site)
    {
        var checks = site.MapGroup("/feeds/checks").WithTags("Feed checks");
        checks
            .MapPost("", Check)
            .Needs(SiteRight.See)
            .WithName("checkSiteFeed")
            .WithSummary("Checks a feed and keeps the result; the address of a page is followed to the feed it names.");
        checks
            .MapPost("/document", CheckDocument)
            .Needs(SiteRight.See)
            .WithName("checkSiteDocument")
            .WithSummary("Checks a file, sent as the body.");
        checks
            .MapGet("/{check:long}", Get)
            .Needs(SiteRight.See)
            .WithName("getSiteCheck")
            .WithSummary("The check of a file, made again with today's rules; feeds with an address are fetched anew.");
        checks
            .MapGet("/{check:long}/report", Report)
            .Needs(SiteRight.See)
            .WithName("reportSiteCheck")
            .WithSummary("What was found as a file: html, json, junit or sarif.");
        checks
            .MapGet("/{check:long}/letter", Letter)
            .Needs(SiteRight.See)
            .WithName("writeToPublisher")
            .WithSummary("A draft of a letter to the publisher.");
    }

    private static async Task<Results<Ok<SiteCheckView>, ValidationProblem>> Check(
        long site,
        SiteCheckRequest request,
        CheckKeeper keeper,
        FeedCheckService service,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        if (string.IsNullOrWhiteSpace(request.Url))
            return string.IsNullOrWhiteSpace(request.Text)
                ? FieldProblem.For("text", "Paste the feed's text first, or open a file.")
                : TypedResults.Ok(
                    await KeepAsync(
                        new KeptCheck { SiteId = site },
                        service.ExamineDocument(Encoding.UTF8.GetBytes(request.Text)),
                        keeper,
                        database,
                        cancellation
                    )
                );
        if (FeedCheckEndpoints.AddressOf(request.Url) is not { } address)
            return FeedCheckEndpoints.NoAddress();
        var examined = await service.ExamineBehindAsync(address, cancellation);
        var check = new KeptCheck
        {
            SiteId = site,
            Name = address.AbsoluteUri,
            Address = address.AbsoluteUri,
        };
        return examined.Trouble is { } trouble
            ? FieldProblem.For("url", trouble)
            : TypedResults.Ok(await KeepAsync(check, examined, keeper, database, cancellation));
    }

    private static async Task<Results<Ok<SiteCheckView>, ValidationProblem>> CheckDocument(
        long site,
        string name,
        HttpContext http,
        CheckKeeper keeper,
        FeedCheckService service,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        var bytes = await http.BodyAsync();
        return bytes.Length == 0
            ? FieldProblem.For("text", "This file is empty. Choose another one.")
            : TypedResults.Ok(
                await KeepAsync(
                    new KeptCheck { SiteId = site, Name = Shortened.ToLength(name, KeptCheck.LongestName) },
                    service.ExamineDocument(bytes),
                    keeper,
                    database,
                    cancellation
                )
            );
    }

    private static async Task<Results<Ok<SiteCheckView>, NotFound>> Get(
        long site,
        long check,
        FeedCheckService service,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        var kept = await FindAsync(site, check, database, cancellation);
        return kept?.Document is not { } document
            ? TypedResults.NotFound()
            : TypedResults.Ok(ViewOf(kept, service.ExamineDocument(document), null, TeamTexts.Rules));
    }

    private static async Task<Results<FileContentHttpResult, NotFound, ValidationProblem>> Report(
        long site,
        long check,
        string? format,
        AntiphonContext database,
        CancellationToken cancellation
    ) =>
        await FindAsync(site, check, database, cancellation) is { } kept
            ? CheckReports.Of(format, [KeptFindings.ReportOf(kept)])
            : TypedResults.NotFound();

    private static async Task<Results<Ok<PublisherLetterView>, NotFound, NoContent>> Letter(
        long site,
        long check,
        string? language,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        if (await FindAsync(site, check, database, cancellation) is not { } kept)
            return TypedResults.NotFound();
        var spoken = language ?? TeamTexts.Language;
        var letter = PublisherLetter.Of(
            KeptFindings.ReportOf(kept),
            kept.Title,
            kept.Repairable,
            LetterWords.For(spoken),
            RuleTexts.For(spoken)
        );
        return letter is null
            ? TypedResults.NoContent()
            : TypedResults.Ok(new PublisherLetterView(kept.Contact, letter.Subject, letter.Body));
    }

    private static async Task<SiteCheckView> KeepAsync(
        KeptCheck check,
        ExaminedFeed examined,
        CheckKeeper keeper,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        var before = await keeper.RecordAsync(check, examined, cancellation);
        database.KeptChecks.Add(check);
        await database.SaveChangesAsync(cancellation);
        await database
            .KeptChecks.Where(old => old.SiteId == check.SiteId && old.Name == check.Name && old.RunId == null)
            .OrderByDescending(old => old.Id)
            .Skip(KeptOfOneFeed)
            .ExecuteDeleteAsync(cancellation);
        return ViewOf(check, examined, before, TeamTexts.Rules);
    }

    private static Task<KeptCheck?> FindAsync(
        long site,
        long check,
        AntiphonContext database,
        CancellationToken cancellation
    ) =>
        database
            .KeptChecks.AsNoTracking()
            .FirstOrDefaultAsync(kept => kept.Id == check && kept.SiteId == site, cancellation);

    private static SiteCheckView ViewOf(KeptCheck check, ExaminedFeed examined, KeptCheck? before, RuleTexts texts) =>
        new(
            check.Id,
            FeedCheckService.PageOf(examined, texts),
            examined.FoundOn?.AbsoluteUri,
            [.. examined.Others.Select(other => other.AbsoluteUri)],
            before?.CheckedAt is { } at ? new CheckSinceView(at, Changes(before, check, texts)) : null
        );

    private static List<RuleChangeView> Changes(KeptCheck before, KeptCheck now, RuleTexts texts)
    {
        var (then, here) = (KeptFindings.In(before), KeptFindings.In(now));
        return
        [
            .. CheckComparison
                .Of(then, here)
                .Select(change => new RuleChangeView(
                    change.Rule.Id,
                    change.Rule.Severity,
                    texts.Of(here.Concat(then).First(finding => finding.Rule == change.Rule)).Message,
                    change.Before,
                    change.Now
                )),
        ];
    }
}
