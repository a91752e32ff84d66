namespace Antiphon.Core.Pictures;

/// <summary>
/// What was done to a picture of the library without touching what was uploaded: turned first, then cut.
/// </summary>
/// <param name="QuarterTurns">Turns by 90 degrees clockwise, 0 to 3.</param>
/// <param name="Left">Left edge of the part shown, in thousandths of the turned picture's width.</param>
/// <param name="Top">Top edge, in thousandths of its height.</param>
/// <param name="Width">Width of the part, in thousandths.</param>
/// <param name="Height">Height of the part, in thousandths.</param>
public sealed record PictureEdit(int QuarterTurns, int Left, int Top, int Width, int Height)
{
    private const int Whole = 1000;

    /// <summary>Nothing was done.</summary>
    public static PictureEdit None { get; } = new(0, 0, 0, Whole, Whole);

    /// <summary>Whether the numbers make sense.</summary>
    public bool IsValid =>
        QuarterTurns is >= 0 and <= 3
        && Left >= 0
        && Top >= 0
        && Width >= 10
        && Height >= 10
        && Left + Width <= Whole
        && Top + Height <= Whole;

    /// <summary>Size after the turn.</summary>
    public (int Width, int Height) Turned(int width, int height) =>
        QuarterTurns % 2 == 0 ? (width, height) : (height, width);

    /// <summary>The part shown, in pixels of the turned picture.</summary>
    public CropBox Part(int width, int height)
    {
        var (turnedWidth, turnedHeight) = Turned(width, height);
        var (left, top) = (turnedWidth * Left / Whole, turnedHeight * Top / Whole);
        return new CropBox(
            left,
            top,
            Math.Clamp((int)((long)turnedWidth * Width / Whole), 1, turnedWidth - left),
            Math.Clamp((int)((long)turnedHeight * Height / Whole), 1, turnedHeight - top)
        );
    }
}
