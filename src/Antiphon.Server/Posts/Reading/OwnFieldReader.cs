using System.Globalization;
using Antiphon.Core.Posts.Fields;
using Antiphon.Data;
using Antiphon.Data.Blogs;
using Antiphon.Data.Posts;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Posts.Reading;

/// <summary>Reads the own fields of blogs as far as readers see them.</summary>
internal sealed class OwnFieldReader(AntiphonContext database)
{
    /// <summary>The public fields of some blogs.</summary>
    public async Task<PublicFields> OfBlogsAsync(IEnumerable<long> blogs, CancellationToken cancellation)
    {
        List<long> asked = [.. blogs.Distinct()];
        var fields = await database
            .BlogFields.AsNoTracking()
            .Where(field => asked.Contains(field.BlogId))
            .OrderBy(field => field.Position)
            .ToListAsync(cancellation);
        return new PublicFields(
            fields.Where(field => field.Definition.IsPublic).ToLookup(field => field.BlogId, field => field.Definition)
        );
    }
}

/// <summary>The public own fields of some blogs, each blog's in its order.</summary>
internal sealed class PublicFields(ILookup<long, OwnField> fields)
{
    /// <summary>No fields at all.</summary>
    public static PublicFields None { get; } =
        new(Enumerable.Empty<BlogField>().ToLookup(field => field.BlogId, field => field.Definition));

    /// <summary>What a post fills of them, in words of the readers' language.</summary>
    public IEnumerable<FilledField> Of(Post post, string language)
    {
        var culture = CultureInfo.GetCultureInfo(language);
        foreach (var field in fields[post.BlogId])
            if (post.OwnValues.Find(value => value.Key == field.Key) is { } held)
                yield return new FilledField(field, held.Value, FieldValues.InWords(field, held.Value, culture));
    }
}

/// <summary>An own field a post fills.</summary>
/// <param name="Field">The field.</param>
/// <param name="Value">Its stored value.</param>
/// <param name="InWords">The value for readers.</param>
internal sealed record FilledField(OwnField Field, string Value, string InWords);
