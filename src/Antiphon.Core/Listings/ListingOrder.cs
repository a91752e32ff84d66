namespace Antiphon.Core.Listings;

/// <summary>The order of a listing's entries.</summary>
public enum ListingOrder
{
    /// <summary>Latest date first.</summary>
    Newest,

    /// <summary>Earliest date first.</summary>
    Oldest,
}
