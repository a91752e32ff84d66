namespace Antiphon.Core.Comments.Threads;

/// <summary>
/// Puts the comments of a thread in reading order: every answer after what it answers, and those that answer the same
/// in the order wished.
/// </summary>
public static class ThreadTree
{
    /// <summary>Deepest level drawn as an indent; deeper answers stay at this level.</summary>
    public const int MaxDepth = 3;

    /// <summary>
    /// The comments in reading order with their level. An answer whose parent is missing stands at the top level, and a
    /// ring of answers is cut, so that nothing is lost.
    /// Ties are broken by time, then by key, so that the order is the same each time.
    /// </summary>
    public static IReadOnlyList<(T Comment, int Depth)> Arrange<T>(
        IReadOnlyCollection<T> comments,
        Func<T, Voted> votes,
        CommentOrder order = CommentOrder.Oldest
    )
    {
        var known = comments.ToDictionary(comment => votes(comment).Id, votes);
        var answers = order == CommentOrder.MostAnswered ? AnswersBelow(known) : [];
        var sorted = Sorted(comments, votes, order, answers);
        // Keys are above 0, so that 0 stands for the top level.
        var children = sorted.ToLookup(comment =>
            votes(comment) is { ParentId: { } parent } own && parent != own.Id && known.ContainsKey(parent) ? parent : 0
        );
        var ordered = new List<(T, int)>(comments.Count);
        var placed = new HashSet<long>();
        Walk(children, children[0], votes, placed, ordered);
        foreach (var left in sorted.Where(comment => !placed.Contains(votes(comment).Id)).ToList())
            Walk(children, [left], votes, placed, ordered);
        return ordered;
    }

    private static List<T> Sorted<T>(
        IEnumerable<T> comments,
        Func<T, Voted> votes,
        CommentOrder order,
        Dictionary<long, int> answers
    )
    {
        var ordered = order switch
        {
            CommentOrder.Newest => comments
                .OrderByDescending(comment => votes(comment).WrittenAt)
                .ThenByDescending(comment => votes(comment).Id),
            CommentOrder.Best => comments.OrderByDescending(comment =>
                WilsonBound.Of(votes(comment).Up, votes(comment).Down)
            ),
            CommentOrder.MostLiked => comments.OrderByDescending(comment => votes(comment).Up),
            CommentOrder.LeastLiked => comments.OrderByDescending(comment => votes(comment).Down),
            CommentOrder.MostAnswered => comments.OrderByDescending(comment =>
                answers.GetValueOrDefault(votes(comment).Id)
            ),
            _ => comments.OrderBy(comment => votes(comment).WrittenAt),
        };
        return [.. ordered.ThenBy(comment => votes(comment).WrittenAt).ThenBy(comment => votes(comment).Id)];
    }

    // From the latest to the earliest: what a comment has below it is known before it is added to what it answers, as
    // an answer is written later and has the larger key.
    private static Dictionary<long, int> AnswersBelow(Dictionary<long, Voted> comments)
    {
        var below = new Dictionary<long, int>();
        foreach (var comment in comments.Values.OrderByDescending(voted => voted.Id))
        {
            if (comment.ParentId is { } parent && parent < comment.Id)
                below[parent] = below.GetValueOrDefault(parent) + 1 + below.GetValueOrDefault(comment.Id);
        }

        return below;
    }

    private static void Walk<T>(
        ILookup<long, T> children,
        IEnumerable<T> roots,
        Func<T, Voted> votes,
        HashSet<long> placed,
        List<(T, int)> ordered
    )
    {
        var stack = new Stack<(T Comment, int Depth)>(roots.Reverse().Select(root => (root, 0)));
        while (stack.TryPop(out var next))
        {
            if (!placed.Add(votes(next.Comment).Id))
                continue;
            ordered.Add((next.Comment, Math.Min(next.Depth, MaxDepth)));
            foreach (var answer in children[votes(next.Comment).Id].Reverse())
                stack.Push((answer, next.Depth + 1));
        }
    }
}
