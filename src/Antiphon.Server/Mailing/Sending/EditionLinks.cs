using Antiphon.Core.Mailing.Drawing;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Server.Platform;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Mailing.Sending;

/// <summary>Links of editions that lead over us.</summary>
internal sealed class EditionLinks(AntiphonContext database, IKeySource keys, IOptions<AntiphonOptions> options)
{
    /// <summary>
    /// The mail with every link leading over us; what counts it is stored before the mail is sent, and the same for
    /// each mail of the edition.
    /// </summary>
    public async Task<ComposedDigest> CountedAsync(
        ComposedDigest mail,
        long edition,
        bool isSecond,
        CancellationToken cancellation
    )
    {
        foreach (var address in CountedLinks.Of(mail))
        {
            // Two workers may come to the same address; the first key stays.
            await database.Database.ExecuteSqlAsync(
                $"INSERT OR IGNORE INTO EditionLinks (EditionId, Key, Address, Clicks, SecondClicks) VALUES ({edition}, {keys.NewKey(12)}, {address}, 0, 0)",
                cancellation
            );
        }

        var known = await database
            .EditionLinks.AsNoTracking()
            .Where(link => link.EditionId == edition)
            .ToListAsync(cancellation);
        return CountedLinks.Through(
            mail,
            known.ToDictionary(
                link => link.Address,
                link => options.Value.AddressOf($"go/{link.Key}{(isSecond ? "/b" : string.Empty)}")
            )
        );
    }
}
