namespace Antiphon.Core.Listings.Related;

/// <summary>
/// Finds the posts that are like one: by the categories and tags both have, the rarer the weightier, and by the words
/// both use, weighed by how often a text uses them and how few texts do
/// (term frequency and inverse document frequency, compared by the cosine).
/// </summary>
public static class RelatedPosts
{
    // A shared rare tag tells more than any likeness of words; a category that everything has tells next to nothing.
    private const double TermWeight = 1;
    private const double WordWeight = 2.5;
    private const double LeastWords = 0.06;
    private const int WordsTold = 5;

    /// <summary>
    /// Every post of the pool that is like the current one, by id. The current post is not related to itself.
    /// </summary>
    /// <param name="current">The post of the page.</param>
    /// <param name="pool">Posts to compare it with; what is rare is told by them.</param>
    public static IReadOnlyDictionary<long, Relation> To(RelatedText current, IReadOnlyCollection<RelatedText> pool)
    {
        var others = pool.Where(post => post.Id != current.Id).ToList();
        var all = others.Append(current).ToList();
        var terms = Rarity(all.Select(TermsOf), all.Count);
        var bags = all.ToDictionary(
            post => post.Id,
            post => DistinctiveWords.Of($"{post.Title} {post.Title} {post.Text}")
        );
        var words = Rarity(bags.Values.Select(bag => bag.Keys), all.Count);
        var mine = Weighed(bags[current.Id], words);
        var found = new Dictionary<long, Relation>();
        foreach (var post in others)
        {
            if (Compare(TermsOf(current), mine, TermsOf(post), Weighed(bags[post.Id], words), terms) is { } relation)
                found[post.Id] = relation;
        }

        return found;
    }

    private static Relation? Compare(
        HashSet<string> mine,
        Dictionary<string, double> myWords,
        HashSet<string> theirs,
        Dictionary<string, double> theirWords,
        Dictionary<string, double> rarity
    )
    {
        var shared = theirs
            .Where(mine.Contains)
            .OrderByDescending(term => rarity[term])
            .ThenBy(term => term, StringComparer.Ordinal)
            .ToList();
        var products = myWords
            .Where(word => theirWords.ContainsKey(word.Key))
            .Select(word => (Word: word.Key, Product: word.Value * theirWords[word.Key]))
            .ToList();
        var alike = products.Sum(pair => pair.Product) is var sum and > 0
            ? sum / (Length(myWords) * Length(theirWords))
            : 0;
        if (shared.Count == 0 && alike < LeastWords)
            return null;
        var score = (shared.Sum(term => rarity[term]) * TermWeight) + (alike * WordWeight);
        return new Relation(
            score,
            shared,
            [
                .. products
                    .OrderByDescending(pair => pair.Product)
                    .ThenBy(pair => pair.Word, StringComparer.Ordinal)
                    .Take(WordsTold)
                    .Select(pair => pair.Word),
            ]
        );
    }

    private static HashSet<string> TermsOf(RelatedText post) =>
        post.Categories.Concat(post.Tags).ToHashSet(StringComparer.OrdinalIgnoreCase);

    private static Dictionary<string, double> Rarity(IEnumerable<IEnumerable<string>> documents, int count)
    {
        var uses = new Dictionary<string, int>(StringComparer.OrdinalIgnoreCase);
        foreach (var one in documents.SelectMany(document => document))
            uses[one] = uses.GetValueOrDefault(one) + 1;
        return uses.ToDictionary(
            use => use.Key,
            use => Math.Log(1 + (count / (double)use.Value)),
            StringComparer.OrdinalIgnoreCase
        );
    }

    private static Dictionary<string, double> Weighed(
        IReadOnlyDictionary<string, int> bag,
        Dictionary<string, double> rarity
    ) => bag.ToDictionary(word => word.Key, word => (1 + Math.Log(word.Value)) * rarity[word.Key]);

    private static double Length(Dictionary<string, double> words) =>
        Math.Sqrt(words.Values.Sum(value => value * value));
}
