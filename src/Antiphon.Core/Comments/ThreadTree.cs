namespace Antiphon.Core.Comments;

/// <summary>Puts the comments of a thread in reading order: every answer after what it answers, oldest first among siblings.</summary>
public static class ThreadTree
{
    /// <summary>Deepest level drawn as an indent; deeper answers stay at this level.</summary>
    public const int MaxDepth = 3;

    /// <summary>
    /// The comments in reading order with their level. An answer whose parent is missing stands at the top level, and a ring of answers is cut, so that nothing is lost.
    /// </summary>
    public static IReadOnlyList<(T Comment, int Depth)> Arrange<T>(
        IReadOnlyCollection<T> comments, Func<T, long> id, Func<T, long?> parent, Func<T, DateTimeOffset> date)
    {
        var known = comments.Select(id).ToHashSet();
        var children = comments
            .OrderBy(date).ThenBy(id)
            .ToLookup(comment => parent(comment) is { } p && p != id(comment) && known.Contains(p) ? p : 0);
        var ordered = new List<(T, int)>(comments.Count);
        var placed = new HashSet<long>();
        Walk(children, children[0], id, placed, ordered);
        foreach (var left in comments.OrderBy(date).ThenBy(id).Where(comment => !placed.Contains(id(comment))).ToList())
        {
            Walk(children, [left], id, placed, ordered);
        }

        return ordered;
    }

    private static void Walk<T>(
        ILookup<long, T> children, IEnumerable<T> roots, Func<T, long> id, HashSet<long> placed, List<(T, int)> ordered)
    {
        var stack = new Stack<(T Comment, int Depth)>(roots.Reverse().Select(root => (root, 0)));
        while (stack.TryPop(out var next))
        {
            if (!placed.Add(id(next.Comment))) continue;
            ordered.Add((next.Comment, Math.Min(next.Depth, MaxDepth)));
            foreach (var answer in children[id(next.Comment)].Reverse()) stack.Push((answer, next.Depth + 1));
        }
    }
}
