namespace Antiphon.Data.Blogs.Followed;

/// <summary>Where a subscription at a hub stands (WebSub §5).</summary>
public enum HubState
{
    /// <summary>The feed offers no hub.</summary>
    None,

    /// <summary>We asked, and the hub has not confirmed yet.</summary>
    Asked,

    /// <summary>The hub tells us of changes.</summary>
    Subscribed,

    /// <summary>The hub refused, or cannot be reached; the feed is visited as if it offered none.</summary>
    Refused,
}
