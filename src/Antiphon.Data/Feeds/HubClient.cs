using Antiphon.Data.Blogs;
using Antiphon.Data.Work;

namespace Antiphon.Data.Feeds;

/// <summary>Somebody whom our hub tells of a feed of ours.</summary>
public sealed class HubClient : LeasedRow
{
    /// <summary>Identifies the hub reader in the database.</summary>
    public long Id { get; set; }

    /// <summary>The blog of the feed.</summary>
    public long BlogId { get; set; }

    /// <summary>The blog of the feed.</summary>
    public Blog Blog { get; set; } = null!;

    /// <summary>Address of the feed.</summary>
    public string Topic { get; set; } = string.Empty;

    /// <summary>Where they are told.</summary>
    public string Callback { get; set; } = string.Empty;

    /// <summary>What messages are signed with, encrypted; null for unsigned ones.</summary>
    public string? Secret { get; set; }

    /// <summary>Until when they are told; null before they confirmed.</summary>
    public DateTimeOffset? LeaseUntil { get; set; }

    /// <summary>The lease they asked for, in seconds; null while no question is open.</summary>
    public long? AskedSeconds { get; set; }

    /// <summary>Whether the open question is about ending it.</summary>
    public bool AsksToEnd { get; set; }

    /// <summary>The secret they asked with, encrypted; takes the place of the other once they confirmed.</summary>
    public string? AskedSecret { get; set; }

    /// <summary>Changes of the feed they are to be told of, counted.</summary>
    public long Wanted { get; set; }

    /// <summary>The last of those they were told of.</summary>
    public long Told { get; set; }

    /// <summary>Attempts since something was last taken.</summary>
    public int Attempts { get; set; }

    /// <summary>When something is to be done next; null when there is nothing to do.</summary>
    public DateTimeOffset? DueAt { get; set; }
}
