using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Findings;
using Antiphon.Server.Feeds.Published.Pages;
using Antiphon.Server.Platform;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Feeds.Published.Lists;

/// <summary>Checks our own feeds as they are published now, in every form that is on.</summary>
internal sealed class OwnFeedHealth(
    OwnFeedList list,
    OwnFeedReader reader,
    TimeProvider clock,
    IOptions<AntiphonOptions> options
)
{
    /// <summary>How each feed of a site does; a feed that redirects elsewhere is not ours to check.</summary>
    /// <param name="site">The site.</param>
    /// <param name="texts">What the rules say.</param>
    /// <param name="cancellation">Ends it early.</param>
    public async Task<IReadOnlyList<FeedHealthView>> ReadAsync(
        long site,
        RuleTexts texts,
        CancellationToken cancellation
    )
    {
        var health = new List<FeedHealthView>();
        foreach (var feed in await list.AllAsync(site, cancellation))
        {
            if (feed.View.Settings.RedirectTo is null)
                health.AddRange(await OfAsync(feed, texts, cancellation));
        }

        return health;
    }

    private async Task<List<FeedHealthView>> OfAsync(OwnFeed feed, RuleTexts texts, CancellationToken cancellation)
    {
        var forms = new List<FeedHealthView>();
        foreach (var form in FeedForm.All)
        {
            var asked = feed.Asked with { Form = form };
            if (await reader.ReadAsync(asked, cancellation) is not { } found || !form.IsOn(found.Settings))
                continue;
            var address = options.Value.AddressOf(asked.Path);
            var result = FeedCheck.Run(
                form.Write(found.Feed),
                new FeedCheckOptions(clock.GetUtcNow(), form.ContentType, new Uri(address))
            );
            forms.Add(
                new FeedHealthView(
                    feed.View.Subject,
                    feed.View.SubjectId,
                    feed.View.Settings.Title ?? feed.View.BlogName,
                    form.Name,
                    address,
                    result.Verdict,
                    result.Findings.Count == 0 ? null : texts.Of(result.Findings[0]).Message
                )
            );
        }

        return forms;
    }
}
