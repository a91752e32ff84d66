namespace Antiphon.Core.Listings.Definition;

/// <summary>The form in which a listing sets its entries.</summary>
public enum ListingLayout
{
    /// <summary>
    /// One entry under the other, text only in a tight column, picture small at the start of the line.
    /// </summary>
    Lines,

    /// <summary>Entries side by side, as many as fit the width of the place.</summary>
    Columns,

    /// <summary>A large picture beside the text.</summary>
    Rows,

    /// <summary>Entries of different height, packed; pictures uncropped.</summary>
    Bricks,

    /// <summary>Like Rows, the side of the picture alternating.</summary>
    Zigzag,

    /// <summary>Entries in one line that is moved sideways.</summary>
    Carousel,

    /// <summary>Titles running through one line.</summary>
    Ticker,

    /// <summary>Months with their numbers of posts, each opening to its titles.</summary>
    Archive,

    /// <summary>Tags, the more used the larger.</summary>
    TagCloud,

    /// <summary>Categories with their numbers of posts, each leading to its posts.</summary>
    CategoryIndex,

    /// <summary>A field that searches titles and texts.</summary>
    Search,

    /// <summary>
    /// Index, categories, tags, months, search and the posts themselves, all in one page of the site.
    /// </summary>
    WholeBlog,
}
