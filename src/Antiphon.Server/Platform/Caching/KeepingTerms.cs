namespace Antiphon.Server.Platform.Caching;

/// <summary>How answers are kept.</summary>
/// <param name="MostSize">Sizes of all answers together, in the measure the answers are told in. Bounded, since anybody
/// may ask for much.</param>
/// <param name="LookEvery">How long an answer is given without looking whether its version still stands; another
/// process's change shows after that.</param>
/// <param name="HeedsWrites">Whether a write of this process makes it look at once.</param>
internal sealed record KeepingTerms(long MostSize, TimeSpan LookEvery, bool HeedsWrites = false)
{
    /// <summary>After which an answer nobody asked for anew is forgotten.</summary>
    public TimeSpan Forgotten { get; init; } = TimeSpan.FromHours(1);
}
