namespace Antiphon.Core.Pictures;

/// <summary>A part of a picture, in its pixels.</summary>
public readonly record struct CropBox(int Left, int Top, int Width, int Height)
{
    /// <summary>The largest part of a shape, as near to a point as the edges allow.</summary>
    /// <param name="width">Width of the picture.</param>
    /// <param name="height">Height of the picture.</param>
    /// <param name="across">The shape: so much across …</param>
    /// <param name="down">… for so much down.</param>
    /// <param name="focusX">Point to keep, in hundredths from the left.</param>
    /// <param name="focusY">The same from the top.</param>
    public static CropBox Around(int width, int height, int across, int down, int focusX, int focusY)
    {
        var isTooWide = (long)width * down > (long)height * across;
        var partWidth = isTooWide ? Math.Max(1, (int)((long)height * across / down)) : width;
        var partHeight = isTooWide ? height : Math.Max(1, (int)((long)width * down / across));
        return new CropBox(Start(width, partWidth, focusX), Start(height, partHeight, focusY), partWidth, partHeight);
    }

    private static int Start(int whole, int part, int focus) =>
        Math.Clamp((int)((long)whole * focus / 100) - (part / 2), 0, whole - part);
}
