using Antiphon.Core.Feeds.Model;

namespace Antiphon.Core.Feeds.Reading.Modules.Extensions;

/// <summary>What the podcast modules say of a whole feed; what they do not say is null, false or empty.</summary>
public sealed record FeedShow
{
    /// <summary>episodic or serial, in small letters as given.</summary>
    public string? Kind { get; init; }

    /// <summary>Whom to ask about it.</summary>
    public FeedPerson? Owner { get; init; }

    /// <summary>Categories, those below another behind a slash: "Science / Astronomy".</summary>
    public IReadOnlyList<string> Categories { get; init; } = [];

    /// <summary>Whether it is said to be explicit; null when it is not said.</summary>
    public bool? IsExplicit { get; init; }

    /// <summary>Whether no more episodes will come.</summary>
    public bool IsComplete { get; init; }

    /// <summary>Whether directories are asked to leave it out.</summary>
    public bool IsBlocked { get; init; }

    /// <summary>Whether it may not be brought to another host.</summary>
    public bool IsLocked { get; init; }

    /// <summary>Where it has moved for good.</summary>
    public string? MovedTo { get; init; }

    /// <summary>Identifier that stays when the feed moves (a UUID).</summary>
    public string? Guid { get; init; }

    /// <summary>podcast, music, video, film, audiobook, newsletter or blog, as given.</summary>
    public string? Medium { get; init; }

    /// <summary>Where it can be supported, each with its words.</summary>
    public IReadOnlyList<FeedFunding> Funding { get; init; } = [];

    /// <summary>Who takes part in every episode.</summary>
    public IReadOnlyList<FeedVoice> Voices { get; init; } = [];
}

/// <summary>A page where a podcast can be supported.</summary>
/// <param name="Url">Its address.</param>
/// <param name="Words">What it is called, or null.</param>
public sealed record FeedFunding(string? Url, string? Words);
