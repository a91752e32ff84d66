namespace Antiphon.Data.Accounts;

/// <summary>
/// A place somebody is signed in at. The cookie there names it; without it the cookie is worth nothing.
/// </summary>
public sealed class Session
{
    /// <summary>Identifies the session in the database.</summary>
    public long Id { get; set; }

    /// <summary>Who.</summary>
    public long PersonId { get; set; }

    /// <summary>Who.</summary>
    public Person Person { get; set; } = null!;

    /// <summary>Hash of the key in the cookie.</summary>
    public string Hash { get; set; } = string.Empty;

    /// <summary>When the person signed in.</summary>
    public DateTimeOffset CreatedAt { get; set; }

    /// <summary>When it was used last, to the hour.</summary>
    public DateTimeOffset SeenAt { get; set; }
}
