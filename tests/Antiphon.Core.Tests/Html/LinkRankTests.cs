using Antiphon.Core.Html;

namespace Antiphon.Core.Tests.Html;

/// <summary>Whose links they are decides what they say of their targets.</summary>
public sealed class LinkRankTests
{
    private const string Link = "<a href=\"https://charts.example/\"{0}>the chart</a>";

    [Theory]
    [InlineData("", "")]
    [InlineData(" rel=\"sponsored\"", " rel=\"sponsored\"")]
    [InlineData(" rel=\"nofollow sponsored\"", " rel=\"nofollow sponsored\"")]
    [InlineData(" rel=\"me me\"", " rel=\"me\"")]
    [InlineData(" rel=\"opener\"", "")]
    [InlineData(" rel=\"noopener nofollow ugc\"", "")]
    [InlineData(" rel=\"noopener noreferrer nofollow\"", "")]
    public void A_link_of_an_owner_says_what_they_said(string written, string kept) =>
        Assert.Equal(Of(kept), HtmlCleaner.ForPosts.Clean(Of(written)));

    [Theory]
    [InlineData("")]
    [InlineData(" rel=\"me\"")]
    [InlineData(" rel=\"noopener nofollow ugc\"")]
    public void A_link_of_somebody_else_passes_no_rank(string written)
    {
        var expected = Of(" rel=\"nofollow ugc noopener\"");
        Assert.Equal(expected, HtmlCleaner.ForComments.Clean(Of(written)));
        Assert.Equal(expected, HtmlCleaner.ForFollowedPosts.Clean(Of(written)));
        // A post of a followed blog is cleaned once more where it goes out.
        Assert.Equal(expected, HtmlCleaner.ForPosts.Clean(HtmlCleaner.ForFollowedPosts.Clean(Of(written))));
    }

    private static string Of(string rel) => Link.Replace("{0}", rel, StringComparison.Ordinal);
}
