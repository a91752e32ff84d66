using Antiphon.Core.Pictures;
using Antiphon.Core.Sites;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Pictures;
using Antiphon.Data.Posts;
using Antiphon.Server.Outgoing;
using Antiphon.Server.Platform;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Pictures;

/// <summary>Adds, replaces, changes and removes pictures of a site's library.</summary>
internal sealed class PictureLibrary(
    AntiphonContext database,
    PictureReceiving receiving,
    PictureFiles files,
    GuardedClient client,
    IKeySource keys,
    IOptions<AntiphonOptions> options,
    TimeProvider clock
)
{
    /// <summary>Adds a picture and saves; in plain words why not.</summary>
    public async Task<(Picture? Picture, string? Problem)> AddAsync(
        long site,
        string name,
        byte[] bytes,
        string? alt,
        string? source,
        CancellationToken cancellation
    )
    {
        var (received, problem) = receiving.Read(bytes);
        if (received is null)
            return (null, problem);
        return (
            await KeepAsync(
                new Picture
                {
                    SiteId = site,
                    Name = name,
                    Alt = alt?.Trim() ?? string.Empty,
                    SourceAddress = source,
                },
                received,
                cancellation
            ),
            null
        );
    }

    /// <summary>Keeps a picture that was examined, under a key of its own, and saves.</summary>
    /// <param name="picture">A new picture with its site and what is said about it.</param>
    /// <param name="received">What was examined.</param>
    /// <param name="cancellation">Ends it.</param>
    public async Task<Picture> KeepAsync(Picture picture, ReceivedPicture received, CancellationToken cancellation)
    {
        (picture.Key, picture.Name, picture.AddedAt) = (
            keys.NewKey(12),
            Shortened.ToLength(picture.Name.Trim(), 200),
            clock.GetUtcNow()
        );
        Fill(picture, received);
        await files.KeepAsync(picture, received.Bytes, cancellation);
        database.Pictures.Add(picture);
        await database.SaveChangesAsync(cancellation);
        return picture;
    }

    /// <summary>
    /// The picture at an address, fetched unless it is in the library already; in plain words why not.
    /// </summary>
    public async Task<(Picture? Picture, string? Problem)> FetchAsync(
        long site,
        Uri address,
        string? alt,
        CancellationToken cancellation
    )
    {
        var source = address.AbsoluteUri;
        if (
            await database.Pictures.FirstOrDefaultAsync(
                picture => picture.SiteId == site && picture.SourceAddress == source,
                cancellation
            ) is
            { } known
        )
            return (known, null);
        var fetched = await client.GetAsync(address, cancellation: cancellation);
        if (fetched.Problem is { } problem)
            return (null, FetchWords.For(problem, fetched.Detail));
        var name = Uri.UnescapeDataString(address.Segments[^1].Trim('/'));
        return await AddAsync(site, name.Length == 0 ? address.Host : name, fetched.Bytes, alt, source, cancellation);
    }

    /// <summary>Puts another picture in the place of one, everywhere it is used; in plain words why not.</summary>
    public async Task<string?> ReplaceAsync(Picture picture, string name, byte[] bytes, CancellationToken cancellation)
    {
        var (received, problem) = receiving.Read(bytes);
        if (received is null)
            return problem;
        picture.Edit = PictureEdit.None;
        var cuts = await database.Pictures.Where(cut => cut.OfKey == picture.Key).ToListAsync(cancellation);
        picture.Name = Shortened.ToLength(name.Trim(), 200);
        await files.KeepAsync(picture, received.Bytes, cancellation);
        // Cuts keep their place in the new picture, as they keep their address.
        foreach (var one in cuts.Prepend(picture))
        {
            Fill(one, received);
            one.Version++;
            files.ForgetForms(one);
        }

        await database.SaveChangesAsync(cancellation);
        return null;
    }

    /// <summary>Changes what is said about a picture and what was done to it.</summary>
    public async Task ChangeAsync(Picture picture, PictureRequest request, CancellationToken cancellation)
    {
        picture.Name = string.IsNullOrWhiteSpace(request.Name) ? picture.Name : request.Name.Trim();
        picture.Alt = request.Alt?.Trim() ?? string.Empty;
        (picture.Caption, picture.Credit) = (Trimmed.OrNull(request.Caption), Trimmed.OrNull(request.Credit));
        (picture.FocusX, picture.FocusY) = (request.FocusX, request.FocusY);
        if (request.Edit is { } edit && edit != picture.Edit)
        {
            picture.Edit = edit;
            picture.Version++;
            Measure(picture);
            files.ForgetForms(picture);
        }

        await database.SaveChangesAsync(cancellation);
    }

    /// <summary>The picture a cut was made of; of any other, itself.</summary>
    public async Task<Picture> WholeAsync(Picture picture, CancellationToken cancellation) =>
        picture.OfKey is { } whole
            ? await database.Pictures.FirstAsync(row => row.Key == whole, cancellation)
            : picture;

    /// <summary>
    /// A picture cut for one use, with an address of its own; the same cut is made once, and what is seen of the whole
    /// already is the whole.
    /// </summary>
    /// <param name="whole">What was received, not itself a cut.</param>
    /// <param name="edit">What of it is to be seen.</param>
    /// <param name="cancellation">Ends it.</param>
    public async Task<Picture> CutAsync(Picture whole, PictureEdit edit, CancellationToken cancellation)
    {
        if (edit == whole.Edit)
            return whole;
        var cuts = await database.Pictures.Where(cut => cut.OfKey == whole.Key).ToListAsync(cancellation);
        if (cuts.FirstOrDefault(cut => cut.Edit == edit) is { } known)
            return known;
        var cut = new Picture
        {
            SiteId = whole.SiteId,
            Key = whole.Key + keys.NewKey(4),
            OfKey = whole.Key,
            Name = whole.Name,
            Alt = whole.Alt,
            Type = whole.Type,
            FileWidth = whole.FileWidth,
            FileHeight = whole.FileHeight,
            Bytes = whole.Bytes,
            Edit = edit,
            AddedAt = clock.GetUtcNow(),
        };
        Measure(cut);
        database.Pictures.Add(cut);
        await database.SaveChangesAsync(cancellation);
        return cut;
    }

    /// <summary>Removes a picture with its cuts and their files.</summary>
    public async Task RemoveAsync(Picture picture, CancellationToken cancellation)
    {
        var gone = await database.Pictures.Where(cut => cut.OfKey == picture.Key).ToListAsync(cancellation);
        gone.Add(picture);
        database.Pictures.RemoveRange(gone);
        await database.SaveChangesAsync(cancellation);
        foreach (var one in gone)
            files.Remove(one.Key);
    }

    /// <summary>Posts that use a picture or a cut of it, at most a hundred.</summary>
    public async Task<List<PictureUse>> UsesAsync(Picture picture, CancellationToken cancellation)
    {
        var part = $"%{PictureAddress.Folder}{picture.Key}%";
        return await database
            .Posts.Where(post =>
                post.SiteId == picture.SiteId
                && (
                    EF.Functions.Like(post.PictureAddress!, part)
                    || EF.Functions.Like(post.BodyHtml, part)
                    || EF.Functions.Like((string)(object)post.Details, part)
                )
            )
            .OrderByDescending(post => post.ListedAt)
            .Take(100)
            .Select(post => new PictureUse(post.Id, post.Title, !EF.Functions.Like(post.BodyHtml, part)))
            .ToListAsync(cancellation);
    }

    /// <summary>Whether a published post shows it, so that changing it changes what readers see.</summary>
    public async Task<bool> IsLiveAsync(Picture picture, CancellationToken cancellation)
    {
        var part = $"%{PictureAddress.Folder}{picture.Key}%";
        return await database
            .Posts.PublicAt(clock.GetUtcNow())
            .AnyAsync(
                post =>
                    post.SiteId == picture.SiteId
                    && (
                        EF.Functions.Like(post.PictureAddress!, part)
                        || EF.Functions.Like(post.BodyHtml, part)
                        || EF.Functions.Like((string)(object)post.Details, part)
                    ),
                cancellation
            );
    }

    /// <summary>Its address as it is put into posts. An SVG has one form.</summary>
    public string AddressOf(Picture picture, int width = PictureVariant.UsualWidth) =>
        options.Value.AddressOf($"pictures/{picture.Key}/{new PictureVariant(width)}");

    private static void Fill(Picture picture, ReceivedPicture received)
    {
        (picture.Type, picture.FileWidth, picture.FileHeight, picture.Bytes) = (
            received.Type,
            received.Width,
            received.Height,
            received.Bytes.Length
        );
        Measure(picture);
    }

    private static void Measure(Picture picture)
    {
        var part = picture.Edit.Part(picture.FileWidth, picture.FileHeight);
        (picture.Width, picture.Height) = (part.Width, part.Height);
    }
}
