using Antiphon.Data;
using Antiphon.Data.Mailing;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Mailing.Planning;

/// <summary>A digest as it is being set up, to be looked at and counted before it is stored.</summary>
internal static class DigestDraft
{
    /// <summary>
    /// The digest a request describes, with its site and segment; as new where no stored one is named.
    /// </summary>
    public static async Task<Digest> OfAsync(
        AntiphonContext database,
        long site,
        long? id,
        DigestRequest request,
        DateTimeOffset now,
        CancellationToken cancellation
    )
    {
        var known = id is null
            ? null
            : await database
                .Digests.AsNoTracking()
                .FirstOrDefaultAsync(digest => digest.Id == id && digest.SiteId == site, cancellation);
        var segment = await database
            .Segments.AsNoTracking()
            .FirstOrDefaultAsync(row => row.Id == request.SegmentId && row.SiteId == site, cancellation);
        return new Digest
        {
            Id = known?.Id ?? 0,
            SiteId = site,
            Site = await database.Sites.AsNoTracking().FirstAsync(row => row.Id == site, cancellation),
            Settings = request.Settings,
            Segment = segment,
            SegmentId = segment?.Id,
            IsUsual = request.IsUsual,
            CreatedAt = known?.CreatedAt ?? now,
        };
    }
}
