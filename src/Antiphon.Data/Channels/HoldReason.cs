namespace Antiphon.Data.Channels;

/// <summary>Why a delivery is held back.</summary>
public enum HoldReason
{
    /// <summary>The channel wants somebody to approve it.</summary>
    Approval,

    /// <summary>Somebody held it.</summary>
    Person,
}
