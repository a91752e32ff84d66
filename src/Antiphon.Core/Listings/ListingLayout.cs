namespace Antiphon.Core.Listings;

/// <summary>The form in which a listing sets its entries.</summary>
public enum ListingLayout
{
    /// <summary>One entry under the other, text only in a tight column, picture small at the start of the line.</summary>
    Lines,

    /// <summary>Entries side by side, as many as fit the width of the place.</summary>
    Columns,
}
