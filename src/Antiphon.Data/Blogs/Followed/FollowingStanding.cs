namespace Antiphon.Data.Blogs.Followed;

/// <summary>Whether a followed feed is visited.</summary>
public enum FollowingStanding
{
    /// <summary>It is visited when it is due.</summary>
    Active,

    /// <summary>Somebody of the team paused it.</summary>
    Paused,

    /// <summary>Its server said that it is gone for good (410), so it is not visited any more.</summary>
    Gone,
}
