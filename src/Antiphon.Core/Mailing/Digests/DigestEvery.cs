namespace Antiphon.Core.Mailing.Digests;

/// <summary>How often a digest goes out.</summary>
public enum DigestEvery
{
    /// <summary>With each post, when it is published.</summary>
    Post,

    /// <summary>Every day.</summary>
    Day,

    /// <summary>Every week.</summary>
    Week,

    /// <summary>Every month.</summary>
    Month,
}
