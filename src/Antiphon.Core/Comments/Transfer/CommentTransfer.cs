namespace Antiphon.Core.Comments.Transfer;

/// <summary>Reads files of comments of any known format.</summary>
public static class CommentTransfer
{
    /// <summary>Longest name taken.</summary>
    public const int LongestName = 100;

    /// <summary>What the file holds: JSON when it begins so, Atom when it begins with markup, else a table.</summary>
    public static TransferRead Read(string text)
    {
        var start = text.AsSpan().TrimStart("\uFEFF \t\r\n");
        if (start.IsEmpty)
            return new TransferRead([], [new TransferProblem(0, string.Empty, "The file is empty.")]);
        var read = start[0] switch
        {
            '{' or '[' => CommentJson.Read(text),
            '<' => CommentAtom.Read(text),
            _ => CommentCsv.Read(text),
        };
        return Checked(read);
    }

    private static TransferRead Checked(TransferRead read)
    {
        var (good, problems, seen) = (
            new List<PortableComment>(),
            read.Problems.ToList(),
            new HashSet<string>(StringComparer.Ordinal)
        );
        foreach (var (comment, at) in read.Comments.Select((comment, at) => (comment, at + 1)))
        {
            if (ProblemOf(comment) is { } problem)
                problems.Add(new TransferProblem(at, problem.Field, problem.Remedy));
            else if (!seen.Add(comment.Id))
                problems.Add(
                    new TransferProblem(at, "id", $"“{comment.Id}” stands here twice; the first one is taken.")
                );
            else
                good.Add(comment);
        }

        return new TransferRead(good, problems);
    }

    private static (string Field, string Remedy)? ProblemOf(PortableComment comment) =>
        comment.Id.Length == 0 ? ("id", "Give each comment an id.")
        : comment.Thread.Length is 0 or > 500
            ? ("thread", "Name the thread by its identifier, or by the address of its page, in at most 500 characters.")
        : comment.Text.Trim().Length == 0 && comment.Standing != CommentStanding.Deleted ? ("text", "There is no text.")
        : comment.Text.Length > CommentBody.MaxLength ? ("text", "The text is longer than 10,000 characters.")
        : comment.Author.Length > LongestName ? ("author", "The name is longer than 100 characters.")
        : comment.Published == default ? ("published", "Enter the time it was written, such as 2026-11-27T09:12:00Z.")
        : null;
}
