namespace Antiphon.Core.Pictures;

/// <summary>Types of pictures that are taken.</summary>
public enum PictureType
{
    /// <summary>PNG (RFC 2083 and W3C PNG).</summary>
    Png,

    /// <summary>JPEG (ITU T.81).</summary>
    Jpeg,

    /// <summary>WebP (RFC 9649).</summary>
    Webp,

    /// <summary>GIF 87a and 89a.</summary>
    Gif,

    /// <summary>SVG.</summary>
    Svg,
}
