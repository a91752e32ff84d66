namespace Antiphon.Core.Feeds.Checking;

/// <summary>How a feed was served. What was not tried or is not known is null.</summary>
/// <param name="Asked">The address asked for.</param>
/// <param name="Answered">The address that answered.</param>
public sealed record ServedFacts(Uri Asked, Uri Answered)
{
    /// <summary>Steps from one to the other.</summary>
    public IReadOnlyList<ServedStep> Steps { get; init; } = [];

    /// <summary>Whether it came with an ETag or a Last-Modified.</summary>
    public bool? HasValidator { get; init; }

    /// <summary>Whether asking again with the validators was answered with "not modified".</summary>
    public bool? HeedsValidator { get; init; }

    /// <summary>Whether it was sent compressed, which was offered.</summary>
    public bool? IsCompressed { get; init; }

    /// <summary>Whether pages of other sites may read it.</summary>
    public bool? IsOpenToPages { get; init; }

    /// <summary>Whether the server forbids keeping it.</summary>
    public bool? ForbidsKeeping { get; init; }

    /// <summary>How long it took.</summary>
    public TimeSpan? Took { get; init; }

    /// <summary>Whether the feed's own page names it; null when the page could not be read.</summary>
    public bool? IsNamedByPage { get; init; }
}

/// <summary>One redirect.</summary>
/// <param name="To">Where it led.</param>
/// <param name="IsPermanent">Whether for good (301, 308).</param>
public sealed record ServedStep(Uri To, bool IsPermanent);
