using Antiphon.Data;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Platform.Access;

/// <summary>What people are called.</summary>
internal static class PersonNames
{
    /// <summary>Name of somebody who can sign in.</summary>
    public static Task<string> NameOfAsync(
        this AntiphonContext database,
        long person,
        CancellationToken cancellation
    ) => database.Users.Where(row => row.Id == person).Select(row => row.DisplayName).SingleAsync(cancellation);
}
