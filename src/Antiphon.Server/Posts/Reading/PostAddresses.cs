using System.Globalization;
using Antiphon.Core.Listings.Entries;
using Antiphon.Data.Blogs;
using Antiphon.Data.Posts;
using Antiphon.Server.Platform;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Posts.Reading;

/// <summary>Where posts and blogs are.</summary>
internal sealed class PostAddresses(IOptions<AntiphonOptions> options)
{
    /// <summary>
    /// The post's canonical address, for which its blog must be loaded: its page elsewhere for followed posts; within
    /// the blog's home where the blog lives in a page of the site; otherwise
    /// the page we serve.
    /// </summary>
    public string Of(Post post) =>
        post.SourceAddress
        ?? (
            post.Blog is { ShowsPostsAtHome: true, HomeAddress: { } home }
                ? new BlogPart(BlogPartKind.Post, post.Key).In(home, post.Slug)
                : Own(post)
        );

    /// <summary>
    /// The page we serve for a post whose blog is loaded, under the blog's own host name where it has one.
    /// </summary>
    public string Own(Post post) =>
        OwnHost(post.Blog) is { } host ? host + PathOf(post.Key, post.Slug) : Here(post.Key, post.Slug);

    /// <summary>
    /// The page we serve, under our own host name. The key alone finds the post, so that a changed slug breaks no link.
    /// </summary>
    public string Here(string key, string slug) => options.Value.AddressOf(PathOf(key, slug));

    /// <summary>The page a blog lives on.</summary>
    public string OfBlog(Blog blog) => blog.HomeAddress ?? OfPage(blog, string.Empty);

    /// <summary>A page we serve for a blog, such as "archive"; without a path its first page.</summary>
    public string OfPage(Blog blog, string path) =>
        OwnHost(blog) is { } host
            ? host + path
            : options.Value.AddressOf($"blogs/{blog.Key}" + (path.Length > 0 ? "/" + path : string.Empty));

    /// <summary>A stable identifier that survives a change of slug or host (RFC 4151).</summary>
    public static string StableId(Post post) =>
        post.SourceId is { } id && post.SourceAddress is not null
            ? id
            : string.Create(
                CultureInfo.InvariantCulture,
                $"tag:antiphon.example,{post.CreatedAt:yyyy-MM-dd}:post:{post.Key}"
            );

    /// <summary>
    /// Where the pages of a blog's own host name are, with trailing slash; scheme and port are those of our own
    /// address.
    /// </summary>
    public string AtHost(string host)
    {
        var own = new Uri(options.Value.PublicAddress);
        return own.IsDefaultPort
            ? $"{own.Scheme}://{host}/"
            : string.Create(CultureInfo.InvariantCulture, $"{own.Scheme}://{host}:{own.Port}/");
    }

    private string? OwnHost(Blog? blog) => blog is { HostName: { } host, HostSeenAt: not null } ? AtHost(host) : null;

    private static string PathOf(string key, string slug) => $"posts/{key}/{Uri.EscapeDataString(slug)}";
}
