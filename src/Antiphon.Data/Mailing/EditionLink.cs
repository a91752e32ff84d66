namespace Antiphon.Data.Mailing;

/// <summary>A link of an edition that leads over us, and how often it was followed; not by whom.</summary>
public sealed class EditionLink
{
    /// <summary>Identifies the edition link in the database.</summary>
    public long Id { get; set; }

    /// <summary>Id of the edition of the edition link.</summary>
    public long EditionId { get; set; }

    /// <summary>The edition of the edition link, when it is read with it.</summary>
    public Edition Edition { get; set; } = null!;

    /// <summary>Random key of the address that counts.</summary>
    public string Key { get; set; } = string.Empty;

    /// <summary>Where it leads.</summary>
    public string Address { get; set; } = string.Empty;

    /// <summary>Times it was followed in all.</summary>
    public int Clicks { get; set; }

    /// <summary>Times it was followed from mails with the second subject.</summary>
    public int SecondClicks { get; set; }
}
