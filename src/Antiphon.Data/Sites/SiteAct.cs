namespace Antiphon.Data.Sites;

/// <summary>Something a person did on a site, for the record of who did what.</summary>
public sealed class SiteAct
{
    /// <summary>Identifies the site act in the database.</summary>
    public long Id { get; set; }

    /// <summary>Id of the site the site act belongs to.</summary>
    public long SiteId { get; set; }

    /// <summary>Who did it.</summary>
    public long PersonId { get; set; }

    /// <summary>Name of that person at the time.</summary>
    public string PersonName { get; set; } = string.Empty;

    /// <summary>When a member did it.</summary>
    public DateTimeOffset At { get; set; }

    /// <summary>What was done, as one sentence without its subject, such as "published “First light”".</summary>
    public string What { get; set; } = string.Empty;

    /// <summary>The post it was about, or null.</summary>
    public long? PostId { get; set; }
}
