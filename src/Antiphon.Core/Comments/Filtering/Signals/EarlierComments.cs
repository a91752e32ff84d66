namespace Antiphon.Core.Comments.Filtering.Signals;

/// <summary>What is remembered of the comments a filter learned from, to tell copies of them.</summary>
internal sealed class EarlierComments
{
    private const int Steps = 4;
    private readonly LikenessIndex _index = new();
    private readonly List<Remembered> _comments = [];

    /// <summary>Remembers a comment.</summary>
    public void Add(FilterDecision decision, IReadOnlyList<ulong> words, int addresses)
    {
        _index.Add(_comments.Count, words);
        _comments.Add(
            new Remembered(decision.IsSpam, KeyOf(decision.Comment.Author), KeyOf(decision.Comment.Address), addresses)
        );
    }

    /// <summary>Reads the signals of likeness.</summary>
    /// <param name="comment">The comment.</param>
    /// <param name="words">Hashes of its words in order.</param>
    /// <param name="addresses">How many addresses stand in its text.</param>
    /// <param name="itself">Its number when it is one of those remembered; -1 otherwise.</param>
    /// <param name="sink">Where they go.</param>
    public void Read<TSink>(
        CommentTraits comment,
        IReadOnlyList<ulong> words,
        int addresses,
        int itself,
        ref TSink sink
    )
        where TSink : struct, ISignalSink
    {
        var found = _index.Find(words, itself);
        var step = (int)(found.Share * Steps);
        if (found.Earlier < 0 || step == 0)
        {
            Say("like-none", 0, ref sink);
            return;
        }

        var earlier = _comments[found.Earlier];
        var isByAnother = earlier.Author != KeyOf(comment.Author);
        var hasMore =
            addresses > earlier.Addresses
            || (comment.Address.Trim().Length > 0 && earlier.Site != KeyOf(comment.Address));
        Say(earlier.IsSpam ? "like-spam" : "like-genuine", step, ref sink);
        if (isByAnother)
            Say(earlier.IsSpam ? "like-spam-by-another" : "like-genuine-by-another", step, ref sink);
        if (hasMore)
            Say(earlier.IsSpam ? "like-spam-with-address" : "like-genuine-with-address", step, ref sink);
        if (hasMore && step >= 2)
            Say(earlier.IsSpam ? "copy-of-spam-with-address" : "copy-of-genuine-with-address", 0, ref sink);
        if (hasMore && isByAnother && step >= 2 && !earlier.IsSpam)
            Say("copy-of-genuine-by-another-with-address", 0, ref sink);
    }

    private static ulong KeyOf(string field) => SignalHash.Of(field.Trim().ToLowerInvariant());

    private static void Say<TSink>(string name, int step, ref TSink sink)
        where TSink : struct, ISignalSink =>
        sink.Add(SignalKind.Likeness, SignalHash.Join(SignalHash.Of(name), (ulong)step), name, step);

    private readonly record struct Remembered(bool IsSpam, ulong Author, ulong Site, int Addresses);
}
