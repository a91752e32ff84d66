namespace Antiphon.Core.Sites;

/// <summary>Which role may do what: the one table that server, screens and guide go by.</summary>
public static class SiteRights
{
    /// <summary>The rights of each role.</summary>
    public static IReadOnlyDictionary<SiteRole, IReadOnlyList<SiteRight>> Table { get; } =
        new Dictionary<SiteRole, IReadOnlyList<SiteRight>>
        {
            [SiteRole.Owner] =
            [
                SiteRight.See,
                SiteRight.Write,
                SiteRight.Moderate,
                SiteRight.SeeReaders,
                SiteRight.Edit,
                SiteRight.Own,
            ],
            [SiteRole.Editor] =
            [
                SiteRight.See,
                SiteRight.Write,
                SiteRight.Moderate,
                SiteRight.SeeReaders,
                SiteRight.Edit,
            ],
            [SiteRole.Moderator] = [SiteRight.See, SiteRight.Moderate],
            [SiteRole.Contributor] = [SiteRight.See, SiteRight.Write],
        };

    /// <summary>Whether a role has a right.</summary>
    public static bool May(this SiteRole role, SiteRight right) => Table[role].Contains(right);

    /// <summary>The roles that have a right.</summary>
    public static IReadOnlyList<SiteRole> RolesWith(SiteRight right) =>
        [.. Table.Where(row => row.Value.Contains(right)).Select(row => row.Key)];
}
