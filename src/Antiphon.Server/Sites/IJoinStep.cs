using Antiphon.Core.Sites;
using Antiphon.Data;

namespace Antiphon.Server.Sites;

/// <summary>What an area does when somebody joins the team of a site.</summary>
internal interface IJoinStep
{
    /// <summary>Adds what belongs to it to the context; the caller saves.</summary>
    Task JoinAsync(AntiphonContext database, long site, long person, SiteRole role, CancellationToken cancellation);
}
