using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Feeds.Model;
using Antiphon.Server.Feeds.Published.Pages;
using Antiphon.Server.Platform;
using Antiphon.Server.Platform.Language;
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
    public async Task<IReadOnlyList<FeedHealthView>> ReadAsync(long site, CancellationToken cancellation)
    {
        var health = new List<FeedHealthView>();
        foreach (var feed in await list.AllAsync(site, cancellation))
        {
            var forms = FeedForm.All.Where(form => form.IsOn(feed.Settings)).ToList();
            // Read once: the forms differ in how they are written and in their address alone.
            if (
                feed.Settings.RedirectTo is null
                && await reader.ReadAsync(feed.Asked with { Form = forms[0] }, cancellation) is { } found
            )
                health.AddRange(forms.Select(form => Of(feed, form, found.Feed)));
        }

        return health;
    }

    private FeedHealthView Of(OwnFeed feed, FeedForm form, Feed read)
    {
        var address = options.Value.AddressOf(feed.Asked.PathOf(form));
        var result = FeedCheck.Run(
            form.Write(read with { FeedLink = address }),
            new FeedCheckOptions(clock.GetUtcNow(), form.ContentType, new Uri(address))
        );
        return new FeedHealthView(
            feed.View.Subject,
            feed.View.SubjectId,
            feed.View.Settings.Title ?? feed.View.BlogName,
            form.Name,
            address,
            result.Verdict,
            result.Findings.Count == 0 ? null : TeamTexts.Rules.Of(result.Findings[0]).Message
        );
    }
}
