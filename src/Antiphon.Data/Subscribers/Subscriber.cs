using Antiphon.Core.Mailing.Returns;
using Antiphon.Core.Subscribers;
using Antiphon.Data.Sites;

namespace Antiphon.Data.Subscribers;

/// <summary>Somebody who asked for mail.</summary>
public sealed class Subscriber
{
    /// <summary>Identifies the subscriber in the database.</summary>
    public long Id { get; set; }

    /// <summary>Id of the site the subscriber belongs to.</summary>
    public long SiteId { get; set; }

    /// <summary>Site the subscriber belongs to, when it is read with it.</summary>
    public Site Site { get; set; } = null!;

    /// <summary>Address, lower-cased.</summary>
    public string Mail { get; set; } = string.Empty;

    /// <summary>Name, when given.</summary>
    public string? Name { get; set; }

    /// <summary>Random key of the link that ends the mails.</summary>
    public string Key { get; set; } = string.Empty;

    /// <summary>When the address came onto the list.</summary>
    public DateTimeOffset CreatedAt { get; set; }

    /// <summary>How they came.</summary>
    public SubscriberOrigin Origin { get; set; }

    /// <summary>What the team wrote about why they are here; null for what needs no reason.</summary>
    public string? Reason { get; set; }

    /// <summary>When the mails were ended; null while they go on.</summary>
    public DateTimeOffset? LeftAt { get; set; }

    /// <summary>Categories they chose; empty for all.</summary>
    public List<string> Categories { get; set; } = [];

    /// <summary>
    /// Ids of the digests they chose; null while they have not chosen, which gives those that are usual.
    /// </summary>
    public List<long>? Digests { get; set; }

    /// <summary>Until when they want no mail; null for no pause.</summary>
    public DateTimeOffset? PausedUntil { get; set; }

    /// <summary>Why the address gets no mail although they did not leave; null while it does.</summary>
    public Suppression? Suppressed { get; set; }

    /// <summary>When that began.</summary>
    public DateTimeOffset? SuppressedAt { get; set; }

    /// <summary>Mails in a row that came back for the time being.</summary>
    public int SoftBounces { get; set; }

    /// <summary>What was said when a mail came back last.</summary>
    public string? LastReturn { get; set; }

    /// <summary>The form they came by; null for other ways.</summary>
    public long? FormId { get; set; }

    /// <summary>The form they came by; null for other ways.</summary>
    public SignUpForm? Form { get; set; }

    /// <summary>What they agreed to, in the words they saw; null where nothing was asked.</summary>
    public string? Consent { get; set; }

    /// <summary>Number of that wording.</summary>
    public int? ConsentVersion { get; set; }

    /// <summary>When they were last seen: confirmed, or chose what to get.</summary>
    public DateTimeOffset? SeenAt { get; set; }
}
