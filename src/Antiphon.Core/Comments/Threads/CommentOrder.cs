namespace Antiphon.Core.Comments.Threads;

/// <summary>In which order comments stand that answer the same.</summary>
public enum CommentOrder
{
    /// <summary>As they were written.</summary>
    Oldest,

    /// <summary>The latest first.</summary>
    Newest,

    /// <summary>Those of which it is surest that readers like them.</summary>
    Best,

    /// <summary>Most votes up.</summary>
    MostLiked,

    /// <summary>Most votes down.</summary>
    LeastLiked,

    /// <summary>Most answers below them, however deep.</summary>
    MostAnswered,
}
