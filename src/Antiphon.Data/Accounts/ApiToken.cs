namespace Antiphon.Data.Accounts;

/// <summary>A personal token for scripts; only its hash is kept.</summary>
public sealed class ApiToken
{
    /// <summary>Identifies the API token in the database.</summary>
    public long Id { get; set; }

    /// <summary>Whose it is.</summary>
    public long PersonId { get; set; }

    /// <summary>Whose it is.</summary>
    public Person Person { get; set; } = null!;

    /// <summary>What it is for.</summary>
    public string Name { get; set; } = string.Empty;

    /// <summary>SHA-256 of the token, hexadecimal.</summary>
    public string Hash { get; set; } = string.Empty;

    /// <summary>When its owner made the token.</summary>
    public DateTimeOffset CreatedAt { get; set; }

    /// <summary>Last use, to the minute; null when never used.</summary>
    public DateTimeOffset? LastUsedAt { get; set; }
}
