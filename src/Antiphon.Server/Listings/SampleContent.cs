using Antiphon.Core.Listings.Choosing;
using Antiphon.Core.Listings.Definition;
using Antiphon.Core.Posts;
using Antiphon.Data;
using Antiphon.Server.Listings.Reading;
using Antiphon.Server.Posts.Reading;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Listings;

/// <summary>Hard cases for a preview.</summary>
internal sealed class SampleContent(AntiphonContext database, PostAddresses addresses)
{
    private const int LongTitle = 150;

    /// <summary>
    /// The page a preview stands on: the one it is meant for; for related posts, which need a post around them, the
    /// newest post.
    /// </summary>
    public async Task<string?> PageAsync(
        long site,
        ListingDefinition definition,
        string? page,
        CancellationToken cancellation
    )
    {
        if (definition.Order != ListingOrder.Related)
            return page;
        var newest = await database
            .Posts.AsNoTracking()
            .Where(post => post.SiteId == site && post.Status == PostStatus.Published && post.SourceAddress == null)
            .OrderByDescending(post => post.PublishedAt)
            .FirstOrDefaultAsync(cancellation);
        return newest is null ? page : addresses.Here(newest.Key, newest.Slug);
    }

    /// <summary>The content as a sample has it.</summary>
    public static ListingContent Apply(ListingContent content, PreviewSample? sample) =>
        sample switch
        {
            PreviewSample.LongTitles => content with
            {
                Entries = [.. content.Entries.Select(entry => entry with { Title = Lengthened(entry.Title) })],
            },
            PreviewSample.NoPictures => content with
            {
                Entries = [.. content.Entries.Select(entry => entry with { Picture = null })],
            },
            PreviewSample.Empty => content with
            {
                Entries = [],
                Selection = ListingSelection.Choose(content.Definition, [], DateTimeOffset.UnixEpoch),
                Pages = 1,
            },
            _ => content,
        };

    private static string Lengthened(string title)
    {
        var longer = title;
        while (longer.Length < LongTitle)
            longer += $", {title}";
        return longer;
    }
}
