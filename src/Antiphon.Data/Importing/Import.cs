using Antiphon.Core.Importing;
using Antiphon.Data.Blogs;
using Antiphon.Data.Work;

namespace Antiphon.Data.Importing;

/// <summary>Posts being brought in, or brought in, from somewhere.</summary>
public sealed class Import : LeasedRow
{
    /// <summary>Identifies the import in the database.</summary>
    public long Id { get; set; }

    /// <summary>Id of the site the import belongs to.</summary>
    public long SiteId { get; set; }

    /// <summary>The blog the posts go to.</summary>
    public long BlogId { get; set; }

    /// <summary>The blog of the import, when it is read with it.</summary>
    public Blog Blog { get; set; } = null!;

    /// <summary>Who brings them in.</summary>
    public long PersonId { get; set; }

    /// <summary>Name of the file or address.</summary>
    public string Name { get; set; } = string.Empty;

    /// <summary>What they come from.</summary>
    public ImportKind Kind { get; set; }

    /// <summary>Where a published table is read, or null for files.</summary>
    public string? Address { get; set; }

    /// <summary>How far it is.</summary>
    public ImportState State { get; set; }

    /// <summary>How the table becomes posts; null until somebody said.</summary>
    public ImportPlan? Plan { get; set; }

    /// <summary>When it was begun.</summary>
    public DateTimeOffset BegunAt { get; set; }

    /// <summary>When it ended; null before.</summary>
    public DateTimeOffset? EndedAt { get; set; }

    /// <summary>Rows in all.</summary>
    public int Rows { get; set; }

    /// <summary>Rows dealt with.</summary>
    public int Done { get; set; }

    /// <summary>Posts made.</summary>
    public int Made { get; set; }

    /// <summary>Posts changed, for tables that are followed.</summary>
    public int Changed { get; set; }

    /// <summary>Rows that were there already.</summary>
    public int Skipped { get; set; }

    /// <summary>Rows refused.</summary>
    public int Refused { get; set; }

    /// <summary>Pieces of clutter cleaned out.</summary>
    public int Tidied { get; set; }

    /// <summary>What happened to rows that did not simply become posts.</summary>
    public List<ImportNote> Notes { get; set; } = [];

    /// <summary>Whether somebody asked it to stop.</summary>
    public bool StopAsked { get; set; }

    /// <summary>For tables that are followed: minutes between readings; null for others.</summary>
    public int? EveryMinutes { get; set; }

    /// <summary>When a followed table is read next.</summary>
    public DateTimeOffset? NextAt { get; set; }

    /// <summary>What the last reading of a followed table said, or null.</summary>
    public string? LastWords { get; set; }
}
