using Antiphon.Core.Comments.Filtering;
using Antiphon.Core.Comments.Settings;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Server.Pages;
using Antiphon.Server.Platform.Access;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Comments.Filtering;

/// <summary>/api/sites/{site}/comments/filter: how well the filter of a site does.</summary>
internal static class FilterEndpoints
{
    private const int Steps = 100;
    private const int MostMonths = 12;

    /// <summary>Maps it.</summary>
    public static void MapFilter(this RouteGroupBuilder comments) =>
        comments
            .MapGet("/filter", Show)
            .Needs(SiteRight.See)
            .WithName("getFilter")
            .WithSummary("How the filter scores decisions it did not learn from.");

    private static async Task<Ok<FilterView>> Show(
        long site,
        AntiphonContext database,
        SiteTrials trials,
        CancellationToken cancellation
    )
    {
        var owner = await database.Sites.AsNoTracking().SingleAsync(row => row.Id == site, cancellation);
        var decisions = await DecidedComments.ReadAsync(database, site, cancellation);
        var settings = EffectiveSettings.Of(owner.CommentSettings);
        var (spam, good) = (
            decisions.Count(pair => pair.Decision.IsSpam),
            decisions.Count(pair => !pair.Decision.IsSpam)
        );
        var isSure = spam >= SpamFilter.FewestOfEach && good >= SpamFilter.FewestOfEach;
        var trial = isSure ? await trials.OfAsync(site, decisions).WaitAsync(cancellation) : new FilterTrial([]);
        var months = trial
            .Scored.Zip(decisions, (scored, decided) =>
                (
                    Scored: scored,
                    Month: SiteCulture
                        .Local(decided.At, owner.TimeZone)
                        .ToString("yyyy-MM", System.Globalization.CultureInfo.InvariantCulture)
                )
            )
            .GroupBy(pair => pair.Month)
            .OrderByDescending(month => month.Key)
            .Take(MostMonths)
            .Select(month => Month(month.Key, [.. month.Select(pair => pair.Scored)], settings))
            .ToList();
        return TypedResults.Ok(
            new FilterView(
                spam,
                good,
                SpamFilter.FewestOfEach,
                isSure,
                trial.Area(),
                isSure ? trial.CaughtAt(0.01) : null,
                settings.PublishBelow,
                settings.SpamFrom,
                Counts(trial, isSpam: false),
                Counts(trial, isSpam: true),
                months
            )
            {
                SharesLearning = owner.CommentSettings.SharesLearning == true,
                Shared = await DecidedComments.CountSharedAsync(database, site, cancellation),
            }
        );
    }

    private static int[] Counts(FilterTrial trial, bool isSpam)
    {
        var counts = new int[Steps];
        foreach (var one in trial.Scored.Where(decision => decision.IsSpam == isSpam))
            counts[Math.Min(Steps - 1, (int)(one.Score * Steps))]++;
        return counts;
    }

    private static FilterMonth Month(string month, IReadOnlyList<ScoredDecision> scored, EffectiveSettings settings)
    {
        var outcome = new FilterTrial(scored).At(
            settings.PublishBelow / (double)Steps,
            settings.SpamFrom / (double)Steps
        );
        return new FilterMonth(month, scored.Count, outcome.Precision, outcome.Recall);
    }
}

/// <summary>How well the filter of a site does.</summary>
/// <param name="Spam">Spam it learned from.</param>
/// <param name="Good">Genuine comments it learned from.</param>
/// <param name="Needed">How many of each it needs before it is sure.</param>
/// <param name="IsSure">Whether it has them; what follows is empty otherwise.</param>
/// <param name="Area">Area under the ROC curve on decisions held out.</param>
/// <param name="CaughtAtOne">Share of the spam caught while one genuine comment in a hundred waits with it.</param>
/// <param name="PublishBelow">Threshold set, in hundredths: below, a comment is published where approval goes by
/// score.</param>
/// <param name="SpamFrom">Threshold set, in hundredths: from there on, a comment is put aside as spam.</param>
/// <param name="GoodByScore">How many genuine comments had a score of so many hundredths.</param>
/// <param name="SpamByScore">How many spam comments had it.</param>
/// <param name="Months">By month, the latest first, a year at most.</param>
internal sealed record FilterView(
    int Spam,
    int Good,
    int Needed,
    bool IsSure,
    double? Area,
    double? CaughtAtOne,
    int PublishBelow,
    int SpamFrom,
    IReadOnlyList<int> GoodByScore,
    IReadOnlyList<int> SpamByScore,
    IReadOnlyList<FilterMonth> Months
)
{
    /// <summary>Whether it begins with what other sites decided, and they with what this one did.</summary>
    public bool SharesLearning { get; init; }

    /// <summary>Decisions of other sites it learned from.</summary>
    public int Shared { get; init; }
}

/// <summary>How the filter did in a month.</summary>
/// <param name="Month">The month as yyyy-MM.</param>
/// <param name="Decisions">How many decisions were made.</param>
/// <param name="Precision">Of what it would have put aside, the share that was spam.</param>
/// <param name="Recall">Of the spam, the share it would have put aside.</param>
internal sealed record FilterMonth(string Month, int Decisions, double? Precision, double? Recall);
