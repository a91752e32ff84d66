using Antiphon.Data;
using Antiphon.Data.Sites;

namespace Antiphon.Server.Platform.Access;

/// <summary>Writes down who did what.</summary>
internal sealed class ActRecord(AntiphonContext database, TimeProvider clock)
{
    /// <summary>Adds a line; the caller saves, so that it stands or falls with the act itself.</summary>
    /// <param name="site">The site.</param>
    /// <param name="person">Who.</param>
    /// <param name="what">What, as a sentence without its subject.</param>
    /// <param name="post">The post it is about, or null.</param>
    /// <param name="cancellation">Ends the reading early.</param>
    public async Task AddAsync(long site, long person, string what, long? post, CancellationToken cancellation)
    {
        var name = await database.NameOfAsync(person, cancellation);
        database.SiteActs.Add(
            new SiteAct
            {
                SiteId = site,
                PersonId = person,
                PersonName = name,
                At = clock.GetUtcNow(),
                What = what,
                PostId = post,
            }
        );
    }
}
