using Antiphon.Core.Comments.Deciding;
using Antiphon.Core.Comments.Settings;
using Antiphon.Core.Posts.Blocks;
using Antiphon.Core.Sites;

namespace Antiphon.Data.Sites;

/// <summary>A website somebody already has.</summary>
public sealed class Site
{
    /// <summary>Identifies the site in the database.</summary>
    public long Id { get; set; }

    /// <summary>Random key that stands in public addresses of threads.</summary>
    public string PublicKey { get; set; } = string.Empty;

    /// <summary>Name shown to readers.</summary>
    public string Name { get; set; } = string.Empty;

    /// <summary>Home page, absolute, with trailing slash.</summary>
    public string Address { get; set; } = string.Empty;

    /// <summary>IANA zone.</summary>
    public string TimeZone { get; set; } = "Etc/UTC";

    /// <summary>BCP 47 tag.</summary>
    public string Language { get; set; } = "en";

    /// <summary>Origins that may embed.</summary>
    public List<string> AllowedAddresses { get; set; } = [];

    /// <summary>Where its readers can follow it elsewhere, in order.</summary>
    public List<FollowLink> FollowLinks { get; set; } = [];

    /// <summary>Where its readers can pass posts on, beside mail, in order.</summary>
    public List<ShareWay> ShareWays { get; set; } = [];

    /// <summary>Comment settings on the whole site.</summary>
    public CommentSettings CommentSettings { get; set; } = CommentSettings.None;

    /// <summary>Rules by which comments are decided, in order.</summary>
    public List<CommentRule> CommentRules { get; set; } = [];

    /// <summary>When it was registered.</summary>
    public DateTimeOffset CreatedAt { get; set; }

    /// <summary>
    /// Grows with every change of posts, blogs, listings or the site itself, by triggers in the same transaction;
    /// cached fragments are valid for one version.
    /// </summary>
    public long ContentVersion { get; set; }
}
