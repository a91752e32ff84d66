using Antiphon.Core.Pictures;

namespace Antiphon.Server.Pictures;

/// <summary>A picture of the library.</summary>
/// <param name="Address">Its address as it is put into posts.</param>
/// <param name="Small">Its address in a small form.</param>
/// <param name="Width">Width as it is shown, in pixels.</param>
/// <param name="Height">Height as it is shown.</param>
/// <param name="Bytes">Size of what was kept.</param>
/// <param name="Uses">How many posts use it.</param>
internal sealed record PictureView(
    long Id,
    string Key,
    string Name,
    string Alt,
    string? Caption,
    string? Credit,
    PictureType Type,
    string Address,
    string Small,
    int Width,
    int Height,
    long Bytes,
    PictureEdit Edit,
    int FocusX,
    int FocusY,
    DateTimeOffset AddedAt,
    int Uses
);

/// <summary>A page of the library.</summary>
/// <param name="Pictures">The latest first.</param>
/// <param name="Next">Value of "before" for the next page, or null at the end.</param>
/// <param name="Total">How many the search finds in all.</param>
/// <param name="WithoutAlt">How many of the library have no description.</param>
internal sealed record PicturePage(IReadOnlyList<PictureView> Pictures, long? Next, int Total, int WithoutAlt);

/// <summary>What is said about a picture, and what was done to it.</summary>
internal sealed record PictureRequest(
    string? Name,
    string? Alt,
    string? Caption,
    string? Credit,
    PictureEdit? Edit,
    int FocusX = 50,
    int FocusY = 50
);

/// <summary>A picture to be fetched.</summary>
internal sealed record PictureFetchRequest(string Address, string? Alt);

/// <summary>A picture to be drawn from a title.</summary>
/// <param name="Title">The title.</param>
/// <param name="Ground">Colour of the ground as #rrggbb, or null for dark.</param>
/// <param name="Mark">Colour of what is drawn on it, or null.</param>
internal sealed record PictureDrawRequest(string Title, string? Ground, string? Mark);

/// <summary>A post that uses a picture.</summary>
internal sealed record PictureUse(long PostId, string Title, bool AsPicture);
