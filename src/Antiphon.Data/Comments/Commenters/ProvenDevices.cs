using Microsoft.EntityFrameworkCore;

namespace Antiphon.Data.Comments.Commenters;

/// <summary>Asks about devices on which somebody showed that an address is theirs.</summary>
public static class ProvenDevices
{
    /// <summary>Whether the device has shown it for the address on the site.</summary>
    /// <param name="database">The database.</param>
    /// <param name="site">Id of the site.</param>
    /// <param name="mail">Address, lower-cased.</param>
    /// <param name="device">Hash of the key of the device.</param>
    /// <param name="cancellation">Ends the question early.</param>
    public static Task<bool> IsProvenAsync(
        this AntiphonContext database,
        long site,
        string mail,
        string device,
        CancellationToken cancellation
    ) =>
        database.ProvenDevices.AnyAsync(
            proven => proven.SiteId == site && proven.Mail == mail && proven.OwnerKey == device,
            cancellation
        );
}
