using Antiphon.Core.Listings.Views;
using Antiphon.Data.Entities;
using Antiphon.Server.Hosting;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Posts;

/// <summary>Where posts and blogs are.</summary>
internal sealed class PostAddresses(IOptions<AntiphonOptions> options)
{
    /// <summary>
    /// The post's canonical address, for which its blog must be loaded: its page elsewhere for followed posts; within the blog's home where the blog lives in a page of the site; otherwise
    /// the page we serve.
    /// </summary>
    public string Of(Post post) => post.SourceAddress
        ?? (post.Blog is { ShowsPostsAtHome: true, HomeAddress: { } home } ? new BlogView(BlogViewKind.Post, post.Key).In(home, post.Slug) : Here(post.Key, post.Slug));

    /// <summary>The page we serve. The key alone finds the post, so that a changed slug breaks no link.</summary>
    public string Here(string key, string slug) => options.Value.AddressOf($"posts/{key}/{Uri.EscapeDataString(slug)}");

    /// <summary>The page we serve for a blog.</summary>
    public string OfBlog(Blog blog) => blog.HomeAddress ?? options.Value.AddressOf($"blogs/{blog.Key}");

    /// <summary>A stable identifier that survives a change of slug or host (RFC 4151).</summary>
    public static string StableId(Post post) => post.SourceId is { } id && post.SourceAddress is not null
        ? id
        : string.Create(System.Globalization.CultureInfo.InvariantCulture, $"tag:antiphon.example,{post.CreatedAt:yyyy-MM-dd}:post:{post.Key}");
}
