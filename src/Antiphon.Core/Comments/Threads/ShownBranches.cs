namespace Antiphon.Core.Comments.Threads;

/// <summary>
/// Leaves out what readers do not see, but keeps its place where something public stands below it, so that the thread
/// keeps its shape.
/// </summary>
public static class ShownBranches
{
    /// <summary>The comments that take room: the public ones, and those with a public one below them.</summary>
    /// <param name="comments">Comments of a thread or of one branch, in any order.</param>
    /// <param name="votes">What orders look at.</param>
    /// <param name="isPublic">Whether readers see it.</param>
    public static IReadOnlyList<T> Of<T>(IReadOnlyCollection<T> comments, Func<T, Voted> votes, Func<T, bool> isPublic)
    {
        var known = comments.ToDictionary(comment => votes(comment).Id);
        var kept = new HashSet<long>();
        foreach (var comment in comments.Where(isPublic))
        {
            // Up to what is kept already; a ring of answers ends there too.
            for (
                var at = comment;
                kept.Add(votes(at).Id) && votes(at).ParentId is { } parent && known.TryGetValue(parent, out var above);

            )
                at = above;
        }

        return [.. comments.Where(comment => kept.Contains(votes(comment).Id))];
    }
}
