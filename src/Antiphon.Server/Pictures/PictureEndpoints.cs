using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Pictures;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Pictures;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Pictures;

/// <summary>/api/sites/{site}/pictures.</summary>
internal static class PictureEndpoints
{
    private const int PageSize = 48;

    /// <summary>Maps the library.</summary>
    public static void MapPictures(this RouteGroupBuilder site)
    {
        var pictures = site.MapGroup("/pictures").WithTags("Pictures");
        pictures.MapGet("", List).Needs(SiteRight.See).WithName("listPictures");
        pictures
            .MapPost("", Upload)
            .Needs(SiteRight.Write)
            .DisableAntiforgery()
            .WithName("uploadPicture")
            .WithSummary("Adds one picture, sent as the body; its type is told by its content.");
        pictures
            .MapPost("/fetch", Fetch)
            .Needs(SiteRight.Write)
            .WithName("fetchPicture")
            .WithSummary("Adds the picture at an address.");
        pictures
            .MapPost("/draw", Draw)
            .Needs(SiteRight.Write)
            .WithName("drawPicture")
            .WithSummary("Adds a picture drawn from a title.");
        pictures.MapGet("/{picture:long}/uses", Uses).Needs(SiteRight.See).WithName("listPictureUses");
        pictures.MapPut("/{picture:long}", Change).Needs(SiteRight.Write).WithName("changePicture");
        pictures
            .MapPut("/{picture:long}/file", Replace)
            .Needs(SiteRight.Edit)
            .WithName("replacePicture")
            .WithSummary("Puts another picture in its place, everywhere it is used.");
        pictures
            .MapGet("/of", Whole)
            .Needs(SiteRight.See)
            .WithName("findWholePicture")
            .WithSummary("The picture of the library behind an address; for a cut the picture it was made of.");
        pictures
            .MapPost("/{picture:long}/cuts", Cut)
            .Needs(SiteRight.Write)
            .WithName("cutPicture")
            .WithSummary(
                "A part of a picture for one use, with an address of its own; the picture stays as it is everywhere else."
            );
        pictures
            .MapDelete("/{picture:long}", Remove)
            .Needs(SiteRight.Edit)
            .WithName("removePicture")
            .WithSummary("Removes a picture that no post uses.");
    }

    private static async Task<Ok<PicturePage>> List(
        long site,
        string? search,
        bool? unused,
        bool? withoutAlt,
        long? before,
        AntiphonContext database,
        PictureLibrary library,
        CancellationToken cancellation
    )
    {
        var found = database
            .Pictures.AsNoTracking()
            .Where(picture => picture.SiteId == site && picture.OfKey == null && !picture.IsFromReader);
        var wordless = await found.CountAsync(picture => picture.Alt == string.Empty, cancellation);
        if (withoutAlt == true)
            found = found.Where(picture => picture.Alt == string.Empty);
        if (!string.IsNullOrWhiteSpace(search))
        {
            var part = $"%{search.Trim()}%";
            found = found.Where(picture =>
                EF.Functions.Like(picture.Name, part)
                || EF.Functions.Like(picture.Alt, part)
                || EF.Functions.Like(picture.Caption!, part)
                || EF.Functions.Like(picture.Credit!, part)
            );
        }

        var counted = found.Select(picture => new
        {
            Picture = picture,
            Uses = database.Posts.Count(post =>
                post.SiteId == site
                && (
                    EF.Functions.Like(post.PictureAddress!, "%/pictures/" + picture.Key + "%")
                    || EF.Functions.Like(post.BodyHtml, "%/pictures/" + picture.Key + "%")
                    || EF.Functions.Like((string)(object)post.Details, "%/pictures/" + picture.Key + "%")
                )
            ),
        });
        if (unused == true)
            counted = counted.Where(row => row.Uses == 0);
        var total = unused == true ? await counted.CountAsync(cancellation) : await found.CountAsync(cancellation);
        if (before is { } last)
            counted = counted.Where(row => row.Picture.Id < last);
        var rows = await counted.OrderByDescending(row => row.Picture.Id).Take(PageSize + 1).ToListAsync(cancellation);
        return TypedResults.Ok(
            new PicturePage(
                [.. rows.Take(PageSize).Select(row => View(row.Picture, library, row.Uses))],
                rows.Count > PageSize ? rows[PageSize - 1].Picture.Id : null,
                total,
                wordless
            )
        );
    }

    private static async Task<Results<Ok<PictureView>, ValidationProblem>> Upload(
        long site,
        string? name,
        string? alt,
        HttpContext http,
        PictureLibrary library,
        CancellationToken cancellation
    )
    {
        var (picture, problem) = await library.AddAsync(
            site,
            string.IsNullOrWhiteSpace(name) ? "Picture" : name,
            await http.BodyAsync(),
            alt,
            null,
            cancellation
        );
        return picture is null ? FieldProblem.For("file", problem!) : TypedResults.Ok(View(picture, library, 0));
    }

    private static async Task<Results<Ok<PictureView>, ValidationProblem>> Fetch(
        long site,
        PictureFetchRequest request,
        PictureLibrary library,
        CancellationToken cancellation
    )
    {
        if (!LinkResolver.IsWeb(request.Address))
            return FieldProblem.For("address", "Enter the picture’s full address, starting with https://.");
        var (picture, problem) = await library.FetchAsync(site, new Uri(request.Address), request.Alt, cancellation);
        return picture is null ? FieldProblem.For("address", problem!) : TypedResults.Ok(View(picture, library, 0));
    }

    private static async Task<Results<Ok<PictureView>, ValidationProblem>> Draw(
        long site,
        PictureDrawRequest request,
        PictureLibrary library,
        CancellationToken cancellation
    )
    {
        if (string.IsNullOrWhiteSpace(request.Title))
            return FieldProblem.For("title", "Enter a title for the post first; the picture is drawn from it.");
        var (ground, mark) = (request.Ground ?? "#12262b", request.Mark ?? "#6fc2bb");
        if (!IsColour(ground))
            return FieldProblem.For("ground", "Enter the colour as #rrggbb.");
        if (!IsColour(mark))
            return FieldProblem.For("mark", "Enter the colour as #rrggbb.");
        var (picture, problem) = await library.AddAsync(
            site,
            $"Drawn for {request.Title.Trim()}",
            TitlePicture.Draw(request.Title.Trim(), ground, mark),
            "Rings and points, drawn from the title",
            null,
            cancellation
        );
        return picture is null ? FieldProblem.For("title", problem!) : TypedResults.Ok(View(picture, library, 0));
    }

    private static async Task<Results<Ok<List<PictureUse>>, NotFound>> Uses(
        long site,
        long picture,
        AntiphonContext database,
        PictureLibrary library,
        CancellationToken cancellation
    ) =>
        await FindAsync(site, picture, database, cancellation) is { } found
            ? TypedResults.Ok(await library.UsesAsync(found, cancellation))
            : TypedResults.NotFound();

    private static async Task<Results<Ok<PictureView>, NotFound, ValidationProblem, ProblemHttpResult>> Change(
        long site,
        long picture,
        PictureRequest request,
        HttpContext http,
        AntiphonContext database,
        PictureLibrary library,
        CancellationToken cancellation
    )
    {
        if (await FindAsync(site, picture, database, cancellation) is not { } found)
            return TypedResults.NotFound();
        if (!http.Member().Role.May(SiteRight.Edit) && await library.IsLiveAsync(found, cancellation))
            return Live();
        if (request.Edit is { IsValid: false })
            return FieldProblem.For("edit", "Choose a part within the picture.");
        if (request.FocusX is < 0 or > 100 || request.FocusY is < 0 or > 100)
            return FieldProblem.For("focusX", "Enter the point in hundredths of the picture.");
        if (request.Alt?.Length > 500)
            return FieldProblem.For("alt", "Use at most 500 characters.");
        if (request.Caption?.Length > 1000)
            return FieldProblem.For("caption", "Use at most 1,000 characters.");
        await library.ChangeAsync(found, request, cancellation);
        return TypedResults.Ok(View(found, library, (await library.UsesAsync(found, cancellation)).Count));
    }

    private static async Task<Results<Ok<PictureView>, NotFound, ValidationProblem>> Replace(
        long site,
        long picture,
        string? name,
        HttpContext http,
        AntiphonContext database,
        PictureLibrary library,
        CancellationToken cancellation
    )
    {
        if (await FindAsync(site, picture, database, cancellation) is not { } found)
            return TypedResults.NotFound();
        return
            await library.ReplaceAsync(found, name ?? found.Name, await http.BodyAsync(), cancellation) is { } problem
            ? FieldProblem.For("file", problem)
            : TypedResults.Ok(View(found, library, (await library.UsesAsync(found, cancellation)).Count));
    }

    private static async Task<Results<Ok<PictureView>, NotFound>> Whole(
        long site,
        string address,
        AntiphonContext database,
        PictureLibrary library,
        CancellationToken cancellation
    )
    {
        if (
            PictureAddress.Parse(address) is not { } own
            || await database.Pictures.FirstOrDefaultAsync(
                picture => picture.Key == own.Key && picture.SiteId == site,
                cancellation
            )
                is not { } found
        )
            return TypedResults.NotFound();
        return TypedResults.Ok(View(await library.WholeAsync(found, cancellation), library, 0));
    }

    private static async Task<Results<Ok<PictureView>, NotFound, ValidationProblem>> Cut(
        long site,
        long picture,
        PictureEdit edit,
        AntiphonContext database,
        PictureLibrary library,
        CancellationToken cancellation
    )
    {
        if (await FindAsync(site, picture, database, cancellation) is not { } found)
            return TypedResults.NotFound();
        if (!edit.IsValid)
            return FieldProblem.For("edit", "Choose a part within the picture.");
        if (found.Type == PictureType.Svg)
            return FieldProblem.For(
                "edit",
                "SVG drawings cannot be cropped. Replace it with a photo or a PNG to crop it."
            );
        return TypedResults.Ok(
            View(await library.CutAsync(await library.WholeAsync(found, cancellation), edit, cancellation), library, 0)
        );
    }

    private static async Task<Results<NoContent, NotFound, ValidationProblem>> Remove(
        long site,
        long picture,
        AntiphonContext database,
        PictureLibrary library,
        CancellationToken cancellation
    )
    {
        if (await FindAsync(site, picture, database, cancellation) is not { } found)
            return TypedResults.NotFound();
        var uses = await library.UsesAsync(found, cancellation);
        if (uses.Count > 0)
            return FieldProblem.For(
                "picture",
                $"Used in {(uses.Count == 1 ? "one post" : $"{uses.Count} posts")}, e.g. “{uses[0].Title}”. Remove it there first, or replace it."
            );
        await library.RemoveAsync(found, cancellation);
        return TypedResults.NoContent();
    }

    private static Task<Picture?> FindAsync(
        long site,
        long picture,
        AntiphonContext database,
        CancellationToken cancellation
    ) => database.Pictures.FirstOrDefaultAsync(row => row.Id == picture && row.SiteId == site, cancellation);

    private static ProblemHttpResult Live() =>
        TypedResults.Problem(
            "Ask an editor, or add another picture and use that.",
            title: "Readers see this picture in a published post.",
            statusCode: StatusCodes.Status403Forbidden
        );

    private static bool IsColour(string text) =>
        text.Length == 7 && text[0] == '#' && text.AsSpan(1).ContainsAnyExcept("0123456789abcdefABCDEF") == false;

    private static PictureView View(Picture picture, PictureLibrary library, int uses) =>
        new(
            picture.Id,
            picture.Key,
            picture.Name,
            picture.Alt,
            picture.Caption,
            picture.Credit,
            picture.Type,
            library.AddressOf(picture),
            $"{library.AddressOf(picture, 320)}?v={picture.Version}",
            picture.Width,
            picture.Height,
            picture.Bytes,
            picture.Edit,
            picture.FocusX,
            picture.FocusY,
            picture.AddedAt,
            uses
        );
}
