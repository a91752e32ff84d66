using System.Globalization;

namespace Antiphon.Core.Pictures;

/// <summary>
/// A form in which a picture of the library is served. There are only these, so that nobody fills a disk by asking for
/// others.
/// </summary>
/// <param name="Width">Width in pixels; a smaller picture stays as it is.</param>
/// <param name="IsCard">Whether it is the card of networks, cut to 1200 by 630 around the point to keep.</param>
/// <param name="FocusX">For cards: that point in hundredths from the left, in steps of five.</param>
/// <param name="FocusY">The same from the top.</param>
public sealed record PictureVariant(int Width, bool IsCard = false, int FocusX = 50, int FocusY = 50)
{
    /// <summary>Width of a card.</summary>
    public const int CardWidth = 1200;

    /// <summary>Height of a card.</summary>
    public const int CardHeight = 630;

    /// <summary>Width that stands in addresses put into posts.</summary>
    public const int UsualWidth = 1280;

    private const int FocusStep = 5;
    private const string WidthEnd = ".webp";
    private const string CardEnd = ".jpg";

    /// <summary>Widths that are served, in pixels.</summary>
    public static IReadOnlyList<int> Widths { get; } = [160, 320, 640, 960, 1280, 1920, 2560];

    /// <summary>The card around a point, rounded to where cards are served.</summary>
    public static PictureVariant Card(int focusX, int focusY) => new(CardWidth, true, Rounded(focusX), Rounded(focusY));

    /// <summary>The last part of its address, such as "w640.webp" or "card-50-35.jpg".</summary>
    public override string ToString() =>
        string.Create(
            CultureInfo.InvariantCulture,
            $"{(IsCard ? $"card-{FocusX}-{FocusY}{CardEnd}" : $"w{Width}{WidthEnd}")}"
        );

    /// <summary>Reads the last part of an address; null when there is no such form.</summary>
    public static PictureVariant? Parse(string? name)
    {
        if (name is null)
            return null;
        if (name.StartsWith('w') && name.EndsWith(WidthEnd, StringComparison.Ordinal))
        {
            return Number(name[1..^WidthEnd.Length]) is { } width && Widths.Contains(width)
                ? new PictureVariant(width)
                : null;
        }

        if (!name.StartsWith("card-", StringComparison.Ordinal) || !name.EndsWith(CardEnd, StringComparison.Ordinal))
            return null;
        var parts = name["card-".Length..^CardEnd.Length].Split('-');
        if (parts.Length != 2 || Number(parts[0]) is not { } x || Number(parts[1]) is not { } y)
            return null;
        return x <= 100 && y <= 100 && x % FocusStep == 0 && y % FocusStep == 0
            ? new PictureVariant(CardWidth, true, x, y)
            : null;
    }

    private static int Rounded(int focus) => Math.Clamp((focus + (FocusStep / 2)) / FocusStep * FocusStep, 0, 100);

    private static int? Number(string text) =>
        int.TryParse(text, NumberStyles.None, CultureInfo.InvariantCulture, out var number) ? number : null;
}
