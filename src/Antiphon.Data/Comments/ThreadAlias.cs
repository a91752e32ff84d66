namespace Antiphon.Data.Comments;

/// <summary>Another identifier or address that leads to a thread, after a page moved or threads were merged.</summary>
public sealed class ThreadAlias
{
    /// <summary>Identifies the thread alias in the database.</summary>
    public long Id { get; set; }

    /// <summary>Id of the site the thread alias belongs to.</summary>
    public long SiteId { get; set; }

    /// <summary>The thread it leads to.</summary>
    public long ThreadId { get; set; }

    /// <summary>The thread it leads to.</summary>
    public CommentThread Thread { get; set; } = null!;

    /// <summary>The identifier, or null.</summary>
    public string? Identifier { get; set; }

    /// <summary>The folded address, or null.</summary>
    public string? FoldedAddress { get; set; }
}
