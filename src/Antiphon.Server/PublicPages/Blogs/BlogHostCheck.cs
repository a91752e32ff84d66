using System.Text;
using Antiphon.Data;
using Antiphon.Data.Blogs;
using Antiphon.Server.Outgoing;
using Antiphon.Server.Posts.Reading;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.PublicPages.Blogs;

/// <summary>Finds out whether a blog's own host name leads here, by asking for a page of ours under it.</summary>
internal sealed class BlogHostCheck(
    AntiphonContext database,
    GuardedClient client,
    PostAddresses addresses,
    TimeProvider clock
)
{
    /// <summary>
    /// Looks, and records what was found; null when all is well, otherwise what is wrong and what to do.
    /// </summary>
    public async Task<string?> RunAsync(Blog blog, CancellationToken cancellation)
    {
        var address = new Uri(addresses.AtHost(blog.HostName!) + "robots.txt");
        var fetched = await client.GetAsync(address, cancellation: cancellation);
        var trouble = TroubleOf(blog, fetched);
        blog.HostSeenAt = trouble is null ? clock.GetUtcNow() : null;
        await database
            .Blogs.Where(row => row.Id == blog.Id)
            .ExecuteUpdateAsync(set => set.SetProperty(row => row.HostSeenAt, blog.HostSeenAt), cancellation);
        return trouble;
    }

    /// <summary>
    /// The line of robots.txt by which the blog's own pages are told from anybody else's; a comment to those it is
    /// written for.
    /// </summary>
    public static string MarkOf(Blog blog) => $"# Pages of the blog {blog.Key}";

    private static string? TroubleOf(Blog blog, Fetched fetched)
    {
        if (fetched.Problem is { } problem)
            return $"{FetchWords.For(problem, fetched.Detail)} Ask your domain provider to point {blog.HostName} to this server (CNAME or A record), wait until the change has spread, then check again.";
        return
            Encoding.UTF8.GetString(fetched.Bytes).Contains(MarkOf(blog), StringComparison.Ordinal)
            && fetched.Address.Host == blog.HostName
            ? null
            : $"{blog.HostName} answers, but not with the pages of this blog. It points to another server, or a proxy does not forward the host name.";
    }
}
