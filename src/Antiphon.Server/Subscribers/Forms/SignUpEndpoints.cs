using Antiphon.Core.Sites;
using Antiphon.Core.Subscribers;
using Antiphon.Data;
using Antiphon.Data.Subscribers;
using Antiphon.Server.Pages;
using Antiphon.Server.Platform;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Subscribers.Forms;

/// <summary>/api/sites/{site}/sign-up-forms, and /embed/forms/{key} by which they stand in pages.</summary>
internal static class SignUpEndpoints
{
    private const int LongestName = 80;

    /// <summary>Maps what the team does.</summary>
    public static void MapSignUpForms(this RouteGroupBuilder site)
    {
        var forms = site.MapGroup("/sign-up-forms").WithTags("Readers");
        forms.MapGet("", List).Needs(SiteRight.SeeReaders).WithName("listSignUpForms");
        forms.MapPost("", Add).Needs(SiteRight.Edit).WithName("addSignUpForm");
        forms.MapPut("/{form:long}", Change).Needs(SiteRight.Edit).WithName("changeSignUpForm");
        forms
            .MapDelete("/{form:long}", Remove)
            .Needs(SiteRight.Edit)
            .WithName("removeSignUpForm")
            .WithSummary("Takes a form off; its snippet shows nothing from then on.");
        forms
            .MapPost("/preview", Preview)
            .Needs(SiteRight.SeeReaders)
            .WithName("previewSignUpForm")
            .WithSummary("A form that need not be stored, as a page.");
    }

    /// <summary>Maps what pages fetch.</summary>
    public static void MapSignUpEmbed(this WebApplication app) =>
        app.MapGet("/embed/forms/{key}.html", Fragment).ExcludeFromDescription().ForAnybody();

    private static async Task<Ok<List<SignUpFormView>>> List(
        long site,
        AntiphonContext database,
        IOptions<AntiphonOptions> options,
        CancellationToken cancellation
    )
    {
        var forms = await Whole(database)
            .AsNoTracking()
            .Where(form => form.SiteId == site && form.ArchivedAt == null)
            .OrderBy(form => form.Id)
            .ToListAsync(cancellation);
        var came = await database
            .Subscribers.Where(subscriber => subscriber.SiteId == site && subscriber.FormId != null)
            .GroupBy(subscriber => subscriber.FormId!.Value)
            .Select(group => new { group.Key, Count = group.Count() })
            .ToDictionaryAsync(group => group.Key, group => group.Count, cancellation);
        var digests = await NamesAsync(site, database, cancellation);
        return TypedResults.Ok(
            forms.ConvertAll(form => View(form, came.GetValueOrDefault(form.Id), digests, options.Value))
        );
    }

    private static SignUpFormView View(
        SignUpForm form,
        int came,
        IReadOnlyDictionary<long, string> digests,
        AntiphonOptions options
    ) =>
        new(
            form.Id,
            form.Key,
            form.Name,
            form.Settings,
            form.ConsentVersion,
            form.LookId,
            came,
            SignUpMarkup.Snippet(form, digests, options)
        );

    private static async Task<Results<Ok<SignUpFormView>, ValidationProblem>> Add(
        long site,
        SignUpFormRequest request,
        AntiphonContext database,
        IKeySource keys,
        IOptions<AntiphonOptions> options,
        CancellationToken cancellation
    )
    {
        if (await ProblemAsync(site, request, database, cancellation) is { } problem)
            return FieldProblem.For(problem.Field, problem.Remedy);
        var form = new SignUpForm
        {
            SiteId = site,
            Key = keys.NewKey(12),
            Name = request.Name.Trim(),
            Settings = request.Settings,
            LookId = request.LookId,
        };
        database.SignUpForms.Add(form);
        await database.SaveChangesAsync(cancellation);
        return TypedResults.Ok(
            View(
                await Whole(database).FirstAsync(signUpForm => signUpForm.Id == form.Id, cancellation),
                0,
                await NamesAsync(site, database, cancellation),
                options.Value
            )
        );
    }

    private static async Task<Results<Ok<SignUpFormView>, NotFound, ValidationProblem>> Change(
        long site,
        long form,
        SignUpFormRequest request,
        AntiphonContext database,
        IOptions<AntiphonOptions> options,
        CancellationToken cancellation
    )
    {
        if (
            await Whole(database)
                .FirstOrDefaultAsync(
                    signUpForm => signUpForm.Id == form && signUpForm.SiteId == site && signUpForm.ArchivedAt == null,
                    cancellation
                )
            is not { } found
        )
            return TypedResults.NotFound();
        if (await ProblemAsync(site, request, database, cancellation) is { } problem)
            return FieldProblem.For(problem.Field, problem.Remedy);
        // Who agreed before agreed to other words.
        if (found.Settings.Consent != request.Settings.Consent)
            found.ConsentVersion++;
        (found.Name, found.Settings, found.LookId) = (request.Name.Trim(), request.Settings, request.LookId);
        await database.SaveChangesAsync(cancellation);
        var came = await database.Subscribers.CountAsync(subscriber => subscriber.FormId == form, cancellation);
        return TypedResults.Ok(View(found, came, await NamesAsync(site, database, cancellation), options.Value));
    }

    private static async Task<(string Field, string Remedy)?> ProblemAsync(
        long site,
        SignUpFormRequest request,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        if (string.IsNullOrWhiteSpace(request.Name) || request.Name.Length > LongestName)
            return ("name", $"Enter a name of at most {LongestName} characters.");
        if (
            request.LookId is { } look
            && !await database.Looks.AnyAsync(row => row.Id == look && row.SiteId == site, cancellation)
        )
            return ("lookId", "This look no longer exists. Choose another.");
        return request.Settings.Problem();
    }

    private static async Task<Results<NoContent, NotFound>> Remove(
        long site,
        long form,
        AntiphonContext database,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        var now = clock.GetUtcNow();
        return
            await database
                .SignUpForms.Where(signUpForm =>
                    signUpForm.Id == form && signUpForm.SiteId == site && signUpForm.ArchivedAt == null
                )
                .ExecuteUpdateAsync(set => set.SetProperty(signUpForm => signUpForm.ArchivedAt, now), cancellation) == 0
            ? TypedResults.NotFound()
            : TypedResults.NoContent();
    }

    private static async Task<Ok<SignUpPreview>> Preview(
        long site,
        SignUpFormRequest request,
        AntiphonContext database,
        IOptions<AntiphonOptions> options,
        CancellationToken cancellation
    )
    {
        var form = new SignUpForm
        {
            Key = "preview",
            Settings = request.Settings,
            Site = await database.Sites.AsNoTracking().FirstAsync(row => row.Id == site, cancellation),
            Look = await database
                .Looks.AsNoTracking()
                .FirstOrDefaultAsync(look => look.Id == request.LookId && look.SiteId == site, cancellation),
        };
        return TypedResults.Ok(
            new SignUpPreview(
                SignUpMarkup.Fragment(form, await NamesAsync(site, database, cancellation), options.Value)
            )
        );
    }

    private static async Task<IResult> Fragment(
        string key,
        HttpContext http,
        AntiphonContext database,
        IOptions<AntiphonOptions> options,
        CancellationToken cancellation
    )
    {
        if (
            await Whole(database)
                .AsNoTracking()
                .FirstOrDefaultAsync(signUpForm => signUpForm.Key == key && signUpForm.ArchivedAt == null, cancellation)
            is not { } form
        )
        {
            http.Response.Headers.AccessControlAllowOrigin = "*";
            return TypedResults.Problem(
                "Copy the snippet again from the form's screen.",
                title: "No form has this key.",
                statusCode: StatusCodes.Status404NotFound,
                type: "unknown-form"
            );
        }

        var html = SignUpMarkup.Fragment(form, await NamesAsync(form.SiteId, database, cancellation), options.Value);
        return EmbedAnswer.For(http, CachedFragment.Of(html), "text/html; charset=utf-8", form.Site.AllowedAddresses);
    }

    private static async Task<IReadOnlyDictionary<long, string>> NamesAsync(
        long site,
        AntiphonContext database,
        CancellationToken cancellation
    ) =>
        await database
            .Digests.Where(digest => digest.SiteId == site && digest.ArchivedAt == null)
            .ToDictionaryAsync(digest => digest.Id, digest => digest.Name, cancellation);

    private static IQueryable<SignUpForm> Whole(AntiphonContext database) =>
        database.SignUpForms.Include(form => form.Site).Include(form => form.Look);
}

/// <summary>A form as the team sees it.</summary>
/// <param name="ConsentVersion">Number of the present wording of what readers agree to.</param>
/// <param name="LookId">The look it shares with listings; null for the page's own.</param>
/// <param name="Came">Subscribers who came by it.</param>
/// <param name="Snippet">What is pasted into a page.</param>
internal sealed record SignUpFormView(
    long Id,
    string Key,
    string Name,
    SignUpSettings Settings,
    int ConsentVersion,
    long? LookId,
    int Came,
    string Snippet
);

/// <summary>A form to be made or changed.</summary>
internal sealed record SignUpFormRequest(string Name, SignUpSettings Settings, long? LookId = null);

/// <summary>A form as HTML.</summary>
internal sealed record SignUpPreview(string Html);
