namespace Antiphon.Core.Channels;

/// <summary>What a delivery brings about at its receiver.</summary>
public enum DeliveryAct
{
    /// <summary>The post appears.</summary>
    Publish,

    /// <summary>What was delivered follows a change of the post.</summary>
    Update,

    /// <summary>What was delivered goes with the post.</summary>
    Withdraw,

    /// <summary>Something else that happened is told; the delivery holds what.</summary>
    Tell,
}
