using Antiphon.Core.Listings.Entries;

namespace Antiphon.Core.Listings.Choosing;

/// <summary>Sizes of the words of a tag cloud.</summary>
public static class TagWeights
{
    /// <summary>Number of sizes, the largest one.</summary>
    public const int Steps = 5;

    /// <summary>
    /// The tags of the posts with how often each is used and its size from 1 to <see cref="Steps"/>, by the alphabet.
    /// Sizes grow with the logarithm of the use, since a few tags
    /// are used far more than the rest and would leave them all alike small.
    /// </summary>
    public static IReadOnlyList<(string Tag, int Posts, int Step)> Of(IEnumerable<ListingCandidate> posts)
    {
        var counts = posts
            .SelectMany(post => post.Tags.Concat(post.Categories).Distinct(StringComparer.OrdinalIgnoreCase))
            .GroupBy(tag => tag, StringComparer.OrdinalIgnoreCase)
            .Select(group => (Tag: group.Key, Posts: group.Count()))
            .ToList();
        if (counts.Count == 0)
            return [];
        var (least, most) = (Math.Log(counts.Min(pair => pair.Posts)), Math.Log(counts.Max(pair => pair.Posts)));
        int StepOf(int posts) =>
            most - least < 1e-9
                ? (Steps + 1) / 2
                : 1 + (int)Math.Round((Steps - 1) * (Math.Log(posts) - least) / (most - least));
        return
        [
            .. counts
                .Select(pair => (pair.Tag, pair.Posts, StepOf(pair.Posts)))
                .OrderBy(pair => pair.Tag, StringComparer.CurrentCultureIgnoreCase),
        ];
    }
}
