namespace Antiphon.Core.Mailing.Digests;

/// <summary>Order of the posts in a digest.</summary>
public enum DigestOrder
{
    /// <summary>Newest first.</summary>
    Newest,

    /// <summary>In the order they were published.</summary>
    Oldest,

    /// <summary>Featured posts first, each part newest first.</summary>
    Featured,
}
