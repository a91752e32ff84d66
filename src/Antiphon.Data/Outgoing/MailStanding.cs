namespace Antiphon.Data.Outgoing;

/// <summary>
/// How it stands with the mail server: one row while it refuses us or is away, none while all is well.
/// </summary>
public sealed class MailStanding
{
    /// <summary>The only key there is.</summary>
    public const long Only = 1;

    /// <summary>Identifies the mail standing in the database.</summary>
    public long Id { get; set; } = Only;

    /// <summary>When the mail server first answered so.</summary>
    public DateTimeOffset Since { get; set; }

    /// <summary>What it said, or what happened, last.</summary>
    public string Reason { get; set; } = string.Empty;

    /// <summary>Failures in a row.</summary>
    public int Failures { get; set; }

    /// <summary>Until when no mail is handed over; null while there were too few failures to tell.</summary>
    public DateTimeOffset? PausedUntil { get; set; }
}
