namespace Antiphon.Core.Listings.Definition;

/// <summary>Where posts enter an order arranged by hand.</summary>
public enum NewPostsByHand
{
    /// <summary>Before the arranged ones.</summary>
    OnTop,

    /// <summary>After the arranged ones.</summary>
    AtTheBottom,
}
