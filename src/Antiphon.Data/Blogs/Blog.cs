using Antiphon.Core.Comments.Settings;
using Antiphon.Core.PublicPages;
using Antiphon.Data.Blogs.Followed;
using Antiphon.Data.Sites;

namespace Antiphon.Data.Blogs;

/// <summary>A series of posts belonging to a site: written here, or followed from a feed.</summary>
public sealed class Blog
{
    /// <summary>Identifies the blog in the database.</summary>
    public long Id { get; set; }

    /// <summary>Id of the site the blog belongs to.</summary>
    public long SiteId { get; set; }

    /// <summary>Site the blog belongs to, when it is read with it.</summary>
    public Site Site { get; set; } = null!;

    /// <summary>Random key that stands in feed and page addresses.</summary>
    public string Key { get; set; } = string.Empty;

    /// <summary>Name shown to readers.</summary>
    public string Name { get; set; } = string.Empty;

    /// <summary>What it is about.</summary>
    public string? Description { get; set; }

    /// <summary>Page the blog lives on; null for the page we serve.</summary>
    public string? HomeAddress { get; set; }

    /// <summary>Whether its posts live in that page, so that their canonical addresses are there.</summary>
    public bool ShowsPostsAtHome { get; set; }

    /// <summary>Host name of its own under which its pages answer too, in its ASCII form; null for none.</summary>
    public string? HostName { get; set; }

    /// <summary>When our own pages were last found under that name; until then addresses do not use it.</summary>
    public DateTimeOffset? HostSeenAt { get; set; }

    /// <summary>What search engines show below its name; null takes <see cref="Description"/>.</summary>
    public string? SearchDescription { get; set; }

    /// <summary>How its pages look.</summary>
    public PageLook PageLook { get; set; } = PageLook.Usual;

    /// <summary>Comment settings on its posts, where that is not as on the site.</summary>
    public CommentSettings CommentSettings { get; set; } = CommentSettings.None;

    /// <summary>When it was connected.</summary>
    public DateTimeOffset CreatedAt { get; set; }

    /// <summary>
    /// When it was removed with its posts, which lie in the bin as long; null while it is there. No query sees a removed
    /// blog unless it asks for it.
    /// </summary>
    public DateTimeOffset? RemovedAt { get; set; }

    /// <summary>How its feed is followed; null for a blog written here.</summary>
    public Following? Following { get; set; }
}
