using Antiphon.Core.Feeds.Model;

namespace Antiphon.Core.Feeds.Reading.Modules.Extensions;

/// <summary>What the podcast modules say of an entry; what they do not say is null, false or empty.</summary>
public sealed record FeedEpisode
{
    /// <summary>Number of the season, from 1.</summary>
    public int? Season { get; init; }

    /// <summary>Name of the season.</summary>
    public string? SeasonName { get; init; }

    /// <summary>Number of the episode; the newer module allows fractions.</summary>
    public decimal? Number { get; init; }

    /// <summary>full, trailer or bonus, in small letters as given.</summary>
    public string? Kind { get; init; }

    /// <summary>How long it is.</summary>
    public TimeSpan? Duration { get; init; }

    /// <summary>Whether it is said to be explicit; null when it is not said.</summary>
    public bool? IsExplicit { get; init; }

    /// <summary>Whether directories are asked to leave it out.</summary>
    public bool IsBlocked { get; init; }

    /// <summary>Line below the title.</summary>
    public string? Subtitle { get; init; }

    /// <summary>Where its chapters are (JSON).</summary>
    public FeedEnclosure? Chapters { get; init; }

    /// <summary>Its text in writing, in each form and language there is.</summary>
    public IReadOnlyList<FeedTranscript> Transcripts { get; init; } = [];

    /// <summary>Who takes part.</summary>
    public IReadOnlyList<FeedVoice> Voices { get; init; } = [];
}

/// <summary>A text of what is said.</summary>
/// <param name="Url">Where it is.</param>
/// <param name="Type">Media type as given.</param>
/// <param name="Language">Language tag, or null for that of the feed.</param>
/// <param name="IsCaptions">Whether it is timed, for captions.</param>
public sealed record FeedTranscript(string? Url, string? Type, string? Language, bool IsCaptions);

/// <summary>Somebody who takes part in a podcast.</summary>
/// <param name="Name">The name.</param>
/// <param name="Role">The part, such as "host"; that of a host when nothing is said.</param>
/// <param name="Group">The group of parts, such as "cast".</param>
/// <param name="Picture">Address of a picture, or null.</param>
/// <param name="Link">A page, or null.</param>
public sealed record FeedVoice(string Name, string Role, string Group, string? Picture, string? Link);
