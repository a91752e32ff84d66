namespace Antiphon.Core.Listings.Definition;

/// <summary>Shape of a picture, width to height.</summary>
public enum PictureRatio
{
    /// <summary>4 to 3.</summary>
    FourToThree,

    /// <summary>16 to 9.</summary>
    SixteenToNine,

    /// <summary>1 to 1.</summary>
    Square,

    /// <summary>3 to 4, standing.</summary>
    ThreeToFour,
}
