using Antiphon.Core.Importing;
using Antiphon.Core.Pictures;
using Antiphon.Core.Posts;
using Antiphon.Core.Sites;
using Antiphon.Core.Tables;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Importing;
using Antiphon.Data.Posts;
using Antiphon.Server.Pictures;
using Antiphon.Server.Posts;
using Antiphon.Server.Posts.Reading;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Importing;

/// <summary>
/// Makes posts of rows, some at a time: each batch is one transaction together with how far the import is, so that it
/// goes on where it stopped and makes nothing twice.
/// </summary>
internal sealed class ImportPosts(
    AntiphonContext database,
    PictureLibrary pictures,
    PostAddresses addresses,
    IKeySource keys,
    TimeProvider clock
)
{
    /// <summary>Rows of one batch.</summary>
    public const int BatchSize = 200;

    private const int MostNotes = 5000;
    private const int PicturesOfText = 20;

    /// <summary>
    /// Deals with the next rows of an import, which must be tracked with its blog and site; the caller saves, in one
    /// transaction with holding on to the import.
    /// </summary>
    public async Task MakeNextAsync(Import import, ImportTable table, RowReader reader, CancellationToken cancellation)
    {
        var rows = table
            .Rows.Skip(import.Done)
            .Take(BatchSize)
            .Select((row, index) => (Number: import.Done + index + 1, Values: row))
            .ToList();
        var read = rows.ConvertAll(row => (row.Number, row.Values, Result: reader.Read(row.Number, row.Values)));
        var present = await PresentAsync(
            import,
            read.Select(pair => pair.Result.Row).OfType<ImportedRow>(),
            cancellation
        );
        var slugs = await SlugsAsync(
            import,
            [
                .. read.Select(pair => pair.Result.Row)
                    .OfType<ImportedRow>()
                    .Select(row => SlugOf(row, import.Blog.Site.Language))
                    .Distinct(),
            ],
            cancellation
        );
        var notes = new List<ImportNote>(import.Notes);
        foreach (var (number, values, (row, refusal)) in read)
        {
            if (row is null)
                Note(
                    notes,
                    new ImportNote(
                        number,
                        Shortened.ToLength(values.FirstOrDefault(value => value.Length > 0) ?? string.Empty, 80),
                        "refused",
                        refusal!
                    )
                );
            if (row is null)
                import.Refused++;
            else if (present.TryGetValue(row.Key, out var post))
                await MeetAsync(import, row, post, notes, cancellation);
            else
                present[row.Key] = await MakeAsync(import, row, slugs, notes, cancellation);
        }

        import.Done += rows.Count;
        import.Notes = notes;
    }

    /// <summary>The posts of the blog that rows stand for already, by their keys.</summary>
    public async Task<Dictionary<string, Post>> PresentAsync(
        Import import,
        IEnumerable<ImportedRow> rows,
        CancellationToken cancellation
    )
    {
        var wanted = rows.Select(row => row.Key).Distinct().ToList();
        var found = new Dictionary<string, Post>();
        foreach (var part in wanted.Chunk(500))
        {
            foreach (
                var post in await database
                    .Posts.Where(post =>
                        post.BlogId == import.BlogId && post.ImportKey != null && part.Contains(post.ImportKey)
                    )
                    .ToListAsync(cancellation)
            )
                found[post.ImportKey!] = post;
        }

        return found;
    }

    private async Task MeetAsync(
        Import import,
        ImportedRow row,
        Post post,
        List<ImportNote> notes,
        CancellationToken cancellation
    )
    {
        if (import.EveryMinutes is null || post.ImportMark == row.Mark || post.ImportId is null)
        {
            import.Skipped++;
            if (import.EveryMinutes is null)
                Note(notes, new ImportNote(row.Number, row.Title, "skipped", "It is in this blog already."));
            return;
        }

        await FillAsync(import, row, post, notes, cancellation);
        post.Revision++;
        import.Changed++;
    }

    private async Task<Post> MakeAsync(
        Import import,
        ImportedRow row,
        HashSet<string> slugs,
        List<ImportNote> notes,
        CancellationToken cancellation
    )
    {
        var now = clock.GetUtcNow();
        var post = new Post
        {
            Key = keys.NewKey(12),
            SiteId = import.SiteId,
            Blog = import.Blog,
            CreatedAt = now,
            ImportId = import.Id,
            ImportKey = row.Key,
            Revision = 1,
            Status = row.Status,
            PublishedAt = row.Status == PostStatus.Draft ? null : row.Date,
        };
        post.Slug = Slug.MakeUnique(SlugOf(row, import.Blog.Site.Language), slugs.Contains);
        slugs.Add(post.Slug);
        await FillAsync(import, row, post, notes, cancellation);
        database.Posts.Add(post);
        if (row.Status == PostStatus.Published)
            database.Threads.Add(PostThreads.Of(post, addresses.Of(post), now));
        foreach (var reservation in row.Reservations)
            Note(notes, new ImportNote(row.Number, row.Title, "made", reservation));
        import.Made++;
        import.Tidied += row.Tidied;
        return post;
    }

    private async Task FillAsync(
        Import import,
        ImportedRow row,
        Post post,
        List<ImportNote> notes,
        CancellationToken cancellation
    )
    {
        post.Apply(
            post.ToContent() with
            {
                Title = row.Title,
                BodyHtml = row.BodyHtml,
                Excerpt = row.Excerpt,
                Author = row.Author,
                Category = row.Category,
                MoreCategories = row.MoreCategories,
                Tags = row.Tags,
                IsFeatured = row.IsFeatured,
                OwnValues = row.OwnValues,
                PictureAddress = row.Picture,
                PictureAlt = row.PictureAlt,
            }
        );
        (post.ImportMark, post.UpdatedAt) = (row.Mark, clock.GetUtcNow());
        if (import.Plan!.FetchPictures)
            await FetchPicturesAsync(import, row, post, notes, cancellation);
    }

    private async Task FetchPicturesAsync(
        Import import,
        ImportedRow row,
        Post post,
        List<ImportNote> notes,
        CancellationToken cancellation
    )
    {
        if (post.PictureAddress is not null && PictureAddress.Parse(post.PictureAddress) is null)
            post.PictureAddress = await FetchedAsync(
                import,
                row,
                post.PictureAddress,
                post.PictureAlt,
                notes,
                cancellation
            );
        foreach (var address in PicturesInText.OutsideIn(post.BodyHtml).Take(PicturesOfText))
        {
            var fetched = await FetchedAsync(import, row, address, null, notes, cancellation);
            if (fetched != address)
                post.BodyHtml = PicturesInText.Exchanged(post.BodyHtml, address, fetched);
        }
    }

    // A picture that cannot be fetched stays where it is; the note says so.
    private async Task<string> FetchedAsync(
        Import import,
        ImportedRow row,
        string address,
        string? alt,
        List<ImportNote> notes,
        CancellationToken cancellation
    )
    {
        var (picture, problem) = await pictures.FetchAsync(import.SiteId, new Uri(address), alt, cancellation);
        if (picture is not null)
            return pictures.AddressOf(picture);
        Note(
            notes,
            new ImportNote(
                row.Number,
                row.Title,
                "made",
                $"The picture {Shortened.ToLength(address, 80)} stays where it is: {problem}"
            )
        );
        return address;
    }

    private static string SlugOf(ImportedRow row, string language) => Slug.FromTitle(row.Slug ?? row.Title, language);

    // Of those wished the ones that are taken, and only for these what else begins like them: most are free, and a blog
    // may be long.
    private async Task<HashSet<string>> SlugsAsync(
        Import import,
        IReadOnlyList<string> wished,
        CancellationToken cancellation
    )
    {
        var all = database.Posts.IgnoreQueryFilters().Where(post => post.BlogId == import.BlogId);
        HashSet<string> taken =
        [
            .. await all.Where(post => wished.Contains(post.Slug)).Select(post => post.Slug).ToListAsync(cancellation),
        ];
        foreach (var slug in taken.ToList())
            taken.UnionWith(
                await all.Where(post => post.Slug.StartsWith(slug + "-"))
                    .Select(post => post.Slug)
                    .ToListAsync(cancellation)
            );
        return taken;
    }

    private static void Note(List<ImportNote> notes, ImportNote note)
    {
        if (notes.Count < MostNotes)
            notes.Add(note);
    }
}
