using Antiphon.Data.Work;

namespace Antiphon.Data.Outgoing;

/// <summary>A mail that is written in one transaction with what it tells, and sent afterwards.</summary>
public abstract class DueMail : LeasedRow
{
    /// <summary>Identifies the due mail in the database.</summary>
    public long Id { get; set; }

    /// <summary>Random key that stands in its Message-ID, so that a repeat is the same mail.</summary>
    public string Key { get; set; } = string.Empty;

    /// <summary>Name of the person.</summary>
    public string Name { get; set; } = string.Empty;

    /// <summary>Mail address of the person.</summary>
    public string Address { get; set; } = string.Empty;

    /// <summary>When the mail server took it.</summary>
    public DateTimeOffset? SentAt { get; set; }

    /// <summary>When it was given up.</summary>
    public DateTimeOffset? FailedAt { get; set; }

    /// <summary>Attempts so far.</summary>
    public int Attempts { get; set; }

    /// <summary>Earliest moment of the next attempt.</summary>
    public DateTimeOffset NextAttemptAt { get; set; }
}
