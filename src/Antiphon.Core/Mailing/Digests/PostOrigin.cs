namespace Antiphon.Core.Mailing.Digests;

/// <summary>How a post came to be here.</summary>
public enum PostOrigin
{
    /// <summary>It was written here.</summary>
    Written,

    /// <summary>It comes from a feed that is followed.</summary>
    Followed,

    /// <summary>It was imported.</summary>
    BroughtIn,
}
