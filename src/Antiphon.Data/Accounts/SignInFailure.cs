namespace Antiphon.Data.Accounts;

/// <summary>A wrong password, kept for a quarter of an hour to slow the next ones down.</summary>
public sealed class SignInFailure
{
    /// <summary>Identifies the sign in failure in the database.</summary>
    public long Id { get; set; }

    /// <summary>Hash of the address that was tried.</summary>
    public string Person { get; set; } = string.Empty;

    /// <summary>Hash of the network it was tried from.</summary>
    public string Network { get; set; } = string.Empty;

    /// <summary>When somebody tried.</summary>
    public DateTimeOffset At { get; set; }
}
