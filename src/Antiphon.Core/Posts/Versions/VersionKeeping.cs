namespace Antiphon.Core.Posts.Versions;

/// <summary>
/// Which of the many saves of a post are kept as versions. An editor that saves every few seconds would bury the ones
/// that matter.
/// </summary>
public static class VersionKeeping
{
    /// <summary>Saves of one person within this time of each other's beginning are one version.</summary>
    public static readonly TimeSpan OneSitting = TimeSpan.FromMinutes(10);

    /// <summary>Versions kept of one post; of more the oldest go, but never one that was public.</summary>
    public const int Most = 100;

    /// <summary>
    /// True when a save takes the place of the version before it: by the same person, in the same sitting, and neither
    /// of them public.
    /// </summary>
    /// <param name="last">The version before; null when there is none.</param>
    /// <param name="save">The save.</param>
    public static bool Replaces(KeptVersion? last, KeptVersion save) =>
        last is not null
        && last.Person == save.Person
        && !last.WasPublic
        && !save.WasPublic
        && save.At - last.At < OneSitting
        && save.At >= last.At;

    /// <summary>
    /// The versions to forget, so that no more than <see cref="Most"/> are left besides those that were public.
    /// </summary>
    /// <param name="versions">All versions of a post, in any order.</param>
    public static IReadOnlyList<long> ToForget(IEnumerable<KeptVersion> versions) =>
        [
            .. versions
                .Where(version => !version.WasPublic)
                .OrderByDescending(version => version.At)
                .ThenByDescending(version => version.Id)
                .Skip(Most)
                .Select(version => version.Id),
        ];
}

/// <summary>A version as far as keeping needs it.</summary>
/// <param name="Id">Key; 0 for one that is about to be made.</param>
/// <param name="Person">Who saved it; null for the program itself.</param>
/// <param name="At">When its sitting began.</param>
/// <param name="WasPublic">Whether readers saw it.</param>
public sealed record KeptVersion(long Id, long? Person, DateTimeOffset At, bool WasPublic);
