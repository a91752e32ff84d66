using Antiphon.Server.Pages;

namespace Antiphon.Server.PublicPages.Posts;

/// <summary>The style of a post's own page, on top of what all our public pages share.</summary>
internal static class PostPageStyle
{
    /// <summary>The sheet.</summary>
    public static readonly string Sheet = StyleSheet.Read("PublicPages/Posts/post.css");
}
