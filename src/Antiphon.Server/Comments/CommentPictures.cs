using Antiphon.Core.Pictures;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Pictures;
using Antiphon.Server.Pictures;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Comments;

/// <summary>
/// Pictures readers send with comments: examined and written anew like those of the library, but drawings with code of
/// their own are not taken.
/// </summary>
internal sealed class CommentPictures(AntiphonContext database, PictureReceiving receiving, PictureLibrary library)
{
    /// <summary>Largest file taken from a reader, in bytes.</summary>
    public const int MostBytes = 8_000_000;

    private const int LongestAlt = 300;

    /// <summary>What is in the file; null for no file, and for one that is not taken.</summary>
    public ReceivedPicture? Examine(SentPicture? sent) =>
        sent is null || sent.Bytes.Length > MostBytes || PictureSignature.TypeOf(sent.Bytes) is null or PictureType.Svg
            ? null
            : receiving.Read(sent.Bytes).Picture;

    /// <summary>Keeps it, for the comment it was sent with.</summary>
    public async Task<long> KeepAsync(
        long site,
        SentPicture sent,
        ReceivedPicture received,
        CancellationToken cancellation
    )
    {
        var picture = new Picture
        {
            SiteId = site,
            Name = "With a comment",
            Alt = Shortened.ToLength(sent.Alt.Trim(), LongestAlt),
            IsFromReader = true,
        };
        return (await library.KeepAsync(picture, received, cancellation)).Id;
    }

    /// <summary>Removes pictures with their files.</summary>
    public async Task RemoveAsync(IReadOnlyCollection<long> ids, CancellationToken cancellation)
    {
        foreach (var picture in await database.Pictures.Where(row => ids.Contains(row.Id)).ToListAsync(cancellation))
            await library.RemoveAsync(picture, cancellation);
    }

    /// <summary>The file of a form; null unless the thread takes pictures and one was chosen.</summary>
    public static async Task<SentPicture?> OfAsync(IFormCollection fields, CancellationToken cancellation)
    {
        if (fields.Files["picture"] is not { Length: > 0 } file)
            return null;
        // One byte more than is taken tells that it is too large.
        var bytes = new byte[Math.Min(file.Length, MostBytes + 1)];
        await using var stream = file.OpenReadStream();
        await stream.ReadExactlyAsync(bytes, cancellation);
        return new SentPicture(bytes, fields["pictureAlt"].ToString());
    }
}

/// <summary>A picture as a reader sent it.</summary>
/// <param name="Bytes">The file.</param>
/// <param name="Alt">What it shows, in the reader's words; empty for none given.</param>
internal sealed record SentPicture(byte[] Bytes, string Alt);
