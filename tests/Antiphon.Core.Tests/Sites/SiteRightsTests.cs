using Antiphon.Core.Sites;

namespace Antiphon.Core.Tests.Sites;

public sealed class SiteRightsTests
{
    [Theory]
    [InlineData(SiteRole.Owner, "Owner Editor Moderator Contributor")]
    [InlineData(SiteRole.Editor, "Editor Moderator Contributor")]
    [InlineData(SiteRole.Moderator, "Moderator")]
    [InlineData(SiteRole.Contributor, "Contributor")]
    public void A_role_includes_these(SiteRole role, string included) =>
        Assert.Equal(included.Split(' '), Enum.GetValues<SiteRole>().Where(needed => role.Reach(needed)).Select(one => one.ToString()));
}
