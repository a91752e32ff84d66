namespace Antiphon.Core.Pictures;

/// <summary>
/// The address of a picture of a library, such as "https://blog.example/pictures/k7fq2m9x/w1280.webp".
/// </summary>
/// <param name="Base">Everything up to and with the slash behind the key.</param>
/// <param name="Key">The picture's key.</param>
public sealed record PictureAddress(string Base, string Key)
{
    /// <summary>Part of an address that tells pictures of a library from others.</summary>
    public const string Folder = "/pictures/";

    /// <summary>Reads an address; null for pictures that are not of a library of ours.</summary>
    public static PictureAddress? Parse(string? address)
    {
        var end = address?.LastIndexOf('/') ?? -1;
        if (end < 0 || PictureVariant.Parse(address![(end + 1)..]) is null)
            return null;
        var folder = address.LastIndexOf(Folder, end - 1, StringComparison.Ordinal);
        if (folder < 0)
            return null;
        var key = address[(folder + Folder.Length)..end];
        return key.Length > 0 && key.All(char.IsAsciiLetterOrDigit)
            ? new PictureAddress(address[..(end + 1)], key)
            : null;
    }

    /// <summary>Its address in another form.</summary>
    public string Of(PictureVariant variant) => Base + variant;

    /// <summary>
    /// Its widths for the srcset attribute of HTML, up to a width; the browser takes the one it needs.
    /// </summary>
    /// <param name="natural">Width of the picture where it is known; larger forms are left out.</param>
    public string SourceSet(int? natural = null)
    {
        var widths = PictureVariant.Widths.Where(width => natural is null || width < natural).ToList();
        // The next larger form is the picture at its natural width; no form is ever made larger than that.
        var last =
            natural is { } known && PictureVariant.Widths.FirstOrDefault(width => width >= known) is var next and > 0
                ? $", {Of(new PictureVariant(next))} {known}w"
                : string.Empty;
        return (
            string.Join(", ", widths.Select(width => $"{Of(new PictureVariant(width))} {width}w")) + last
        ).TrimStart(',', ' ');
    }
}
