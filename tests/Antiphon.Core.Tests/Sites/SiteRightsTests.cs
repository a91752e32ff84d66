using Antiphon.Core.Sites;

namespace Antiphon.Core.Tests.Sites;

public sealed class SiteRightsTests
{
    private static readonly Dictionary<SiteRight, string> Words = new()
    {
        [SiteRight.See] = "see posts, listings, feeds, channels, coverage and comments",
        [SiteRight.Write] = "write posts and pass them on for review; add pictures",
        [SiteRight.Moderate] = "decide and answer comments and mentions",
        [SiteRight.SeeReaders] = "see subscribers, recipients and questions",
        [SiteRight.Edit] = "publish; build listings, feeds, channels and emails; import and export",
        [SiteRight.Own] = "change the site, its people, and delete",
    };

    [Fact]
    public void Every_role_has_rights_and_the_owner_all() =>
        Assert.Equal(
            Enum.GetValues<SiteRole>()
                .ToDictionary(
                    role => role,
                    role => role == SiteRole.Owner ? Enum.GetValues<SiteRight>().Length : SiteRights.Table[role].Count
                ),
            SiteRights.Table.ToDictionary(row => row.Key, row => row.Value.Count)
        );

    [Theory]
    [InlineData(SiteRole.Contributor, SiteRight.SeeReaders)]
    [InlineData(SiteRole.Contributor, SiteRight.Edit)]
    [InlineData(SiteRole.Contributor, SiteRight.Moderate)]
    [InlineData(SiteRole.Moderator, SiteRight.SeeReaders)]
    [InlineData(SiteRole.Moderator, SiteRight.Write)]
    [InlineData(SiteRole.Editor, SiteRight.Own)]
    public void A_role_may_not(SiteRole role, SiteRight right) => Assert.False(role.May(right));

    [Fact]
    public void The_guide_has_the_same_table()
    {
        var guide = File.ReadAllText(Path.Combine(Antiphon.Tests.Repository.Root, "docs", "guide", "sites.md"));
        var roles = SiteRights.Table.Keys.ToList();
        string Name(SiteRole role) => role == SiteRole.Contributor ? "writer" : role.ToString().ToLowerInvariant();
        Assert.Contains($"| may | {string.Join(" | ", roles.Select(Name))} |", guide, StringComparison.Ordinal);
        foreach (var right in Enum.GetValues<SiteRight>())
            Assert.Contains(
                $"| {Words[right]} | {string.Join(" | ", roles.Select(role => role.May(right) ? "yes" : "–"))} |",
                guide,
                StringComparison.Ordinal
            );
    }
}
