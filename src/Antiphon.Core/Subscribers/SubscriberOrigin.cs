namespace Antiphon.Core.Subscribers;

/// <summary>How somebody came to be a subscriber.</summary>
public enum SubscriberOrigin
{
    /// <summary>Nobody noted it; from before it was kept.</summary>
    Unknown,

    /// <summary>They asked through a form and confirmed it by mail.</summary>
    Form,

    /// <summary>Somebody of the team added them.</summary>
    Hand,

    /// <summary>They stood in a list that was brought in.</summary>
    List,
}
