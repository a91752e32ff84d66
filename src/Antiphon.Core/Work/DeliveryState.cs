namespace Antiphon.Core.Work;

/// <summary>Where one post stands on its way to one receiver.</summary>
public enum DeliveryState
{
    /// <summary>Written to the outbox, not yet tried.</summary>
    Queued,

    /// <summary>A worker holds it and is handing it over.</summary>
    Sending,

    /// <summary>The receiver took it.</summary>
    Delivered,

    /// <summary>An attempt failed in a way that may pass; another follows.</summary>
    Retrying,

    /// <summary>Given up; the last attempt says why.</summary>
    Failed,

    /// <summary>Taken back before it left.</summary>
    Cancelled,
}
