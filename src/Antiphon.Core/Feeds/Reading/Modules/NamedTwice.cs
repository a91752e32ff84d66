using Antiphon.Core.Feeds.Model;

namespace Antiphon.Core.Feeds.Reading.Modules;

/// <summary>People whom a feed names once by name alone, for simple readers, and once in full.</summary>
internal static class NamedTwice
{
    /// <summary>The people in their order, without those that stand there in full as well.</summary>
    public static IEnumerable<FeedPerson> LeftOut(IReadOnlyList<FeedPerson> people) =>
        people.Count < 2
            ? people
            : people
                .Distinct()
                .Where(person =>
                    !IsNameAlone(person) || !people.Any(other => other.Name == person.Name && !IsNameAlone(other))
                );

    private static bool IsNameAlone(FeedPerson person) => person.Email is null && person.Url is null;
}
