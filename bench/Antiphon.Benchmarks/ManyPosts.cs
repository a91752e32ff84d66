namespace Antiphon.Benchmarks;

/// <summary>Fills a site with posts of one kind, faster than a client could write them.</summary>
internal static class ManyPosts
{
    /// <summary>Makes a site with a blog, a listing of each of two kinds, and so many posts; gives the site's id.</summary>
    public static async Task<long> SiteAsync(DemoServer server, string name, int count)
    {
        var site = (long)
            (
                await server.PostAsync(
                    "api/sites",
                    new
                    {
                        name,
                        address = $"https://{name}.example/",
                        timeZone = "Europe/London",
                        language = "en-GB",
                    }
                )
            )!["id"]!;
        var blog = (long)(await server.PostAsync($"api/sites/{site}/blogs", new { name = "Log" }))!["id"]!;
        await server.PostAsync(
            $"api/sites/{site}/posts",
            new
            {
                blogId = blog,
                title = "The pattern",
                bodyHtml = "<p>Clear from nine, with a wind from the moor.</p>",
                status = "published",
                revision = 0,
                category = "Night Log",
                tags = new[] { "dark" },
            }
        );
        var details = new
        {
            picture = true,
            excerpt = true,
            date = true,
            author = true,
            category = true,
        };
        foreach (var (listing, most) in new[] { ("Latest", 10), ("All", 0) })
            await server.PostAsync(
                $"api/sites/{site}/listings",
                new
                {
                    name = listing,
                    definition = new
                    {
                        blogs = new[] { blog },
                        count = most,
                        order = "newest",
                        layout = "lines",
                        heading = listing,
                        details,
                    },
                }
            );
        // Every copy differs in what must be its own: keys, slugs, titles, dates.
        await RowCopies.MakeAsync(
            server.Database,
            "Posts",
            $"SiteId = {site}",
            count - 1,
            new Dictionary<string, string>
            {
                ["Key"] = "lower(hex(randomblob(8)))",
                ["Slug"] = "'night-' || n",
                ["Title"] = "'Night ' || n || ' and what it brought'",
                ["PlainText"] = "'Clear from nine, with a wind from the moor. Object ' || (n % 997)",
                ["PublishedAt"] = "PublishedAt - n * 60000",
                ["UpdatedAt"] = "UpdatedAt - n * 60000",
                ["CreatedAt"] = "CreatedAt - n * 60000",
            }
        );
        return site;
    }
}
