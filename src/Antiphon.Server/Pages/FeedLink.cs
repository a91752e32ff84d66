using Antiphon.Data.Blogs;
using Antiphon.Server.Platform;

namespace Antiphon.Server.Pages;

/// <summary>Tells browsers and feed readers, in the head of a page, where a blog's feed is.</summary>
internal static class FeedLink
{
    /// <summary>The link to the feed of a blog.</summary>
    public static string Of(Blog blog, AntiphonOptions options) =>
        $"<link rel=\"alternate\" type=\"application/rss+xml\" title=\"{Encoded.Html(blog.Name)}\" href=\"{options.AddressOf($"feeds/{blog.Key}.rss")}\">";
}
