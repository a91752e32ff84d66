using System.Globalization;

namespace Antiphon.Core.Listings.Entries;

/// <summary>What a page of a blog shows.</summary>
public enum BlogPartKind
{
    /// <summary>The newest posts.</summary>
    Index,

    /// <summary>One post; the subject is its key.</summary>
    Post,

    /// <summary>The posts of a category.</summary>
    Category,

    /// <summary>The posts with a tag, or of a category of that name.</summary>
    Tag,

    /// <summary>The posts of a month; the subject is "2026-11".</summary>
    Month,

    /// <summary>All months with their numbers of posts.</summary>
    Archive,

    /// <summary>All categories with their numbers of posts.</summary>
    Categories,

    /// <summary>What a search finds; the subject is what was typed.</summary>
    Search,
}

/// <summary>A view of a blog inside one page of a site, and how it is written into that page's address.</summary>
/// <param name="Kind">What is shown.</param>
/// <param name="Subject">Of which post, category, tag, month or words; empty where the kind needs none.</param>
public sealed record BlogPart(BlogPartKind Kind, string Subject = "")
{
    /// <summary>Name of the parameter that holds the view in the address of a host page.</summary>
    public const string Parameter = "antiphon";

    /// <summary>Name of the parameter that holds the number of the page.</summary>
    public const string PageParameter = Parameter + "-page";

    private const int LongestSubject = 200;

    /// <summary>The newest posts.</summary>
    public static BlogPart Index { get; } = new(BlogPartKind.Index);

    /// <summary>
    /// Reads a view as <see cref="ToString"/> writes it, such as "post/k7fq2/geminids-over-the-moor"; what stands
    /// behind a post's key is for readers only. Null when it is none.
    /// </summary>
    public static BlogPart? Parse(string? text)
    {
        var parts = (text ?? string.Empty).Split('/', 2);
        if (!Enum.TryParse<BlogPartKind>(parts[0], ignoreCase: true, out var kind) || !char.IsLetter(parts[0][0]))
            return null;
        var subject =
            parts.Length > 1
                ? Uri.UnescapeDataString(kind == BlogPartKind.Post ? parts[1].Split('/')[0] : parts[1])
                : string.Empty;
        if (subject.Length > LongestSubject)
            return null;
        return kind switch
        {
            BlogPartKind.Index or BlogPartKind.Archive or BlogPartKind.Categories => new BlogPart(kind),
            BlogPartKind.Search => new BlogPart(kind, subject),
            BlogPartKind.Month => MonthOf(subject) is null ? null : new BlogPart(kind, subject),
            _ => subject.Length == 0 ? null : new BlogPart(kind, subject),
        };
    }

    /// <summary>The view in a host page's address: other parameters stay, an earlier view and page number go.</summary>
    /// <param name="page">Absolute address of the host page.</param>
    /// <param name="slug">For a post, readable words behind its key.</param>
    public string In(string page, string? slug = null)
    {
        var uri = new UriBuilder(page) { Fragment = string.Empty };
        var kept = uri
            .Query.TrimStart('?')
            .Split('&', StringSplitOptions.RemoveEmptyEntries)
            .Where(text => !text.StartsWith(Parameter, StringComparison.Ordinal));
        var view =
            Kind == BlogPartKind.Index
                ? []
                : new[]
                {
                    $"{Parameter}={ToString()}{(string.IsNullOrEmpty(slug) ? string.Empty : "/" + Uri.EscapeDataString(slug))}",
                };
        uri.Query = string.Join('&', kept.Concat(view));
        return uri.Uri.AbsoluteUri;
    }

    /// <summary>The view that a host page's address asks for; null when it asks for none.</summary>
    public static BlogPart? OfAddress(string? page)
    {
        if (!Uri.TryCreate(page, UriKind.Absolute, out var uri))
            return null;
        var given = uri
            .Query.TrimStart('?')
            .Split('&')
            .FirstOrDefault(text => text.StartsWith(Parameter + "=", StringComparison.Ordinal));
        return given is null ? null : Parse(given[(Parameter.Length + 1)..].Replace('+', ' '));
    }

    /// <summary>The number of the page that a host page's address asks for; 1 when it asks for none.</summary>
    public static int PageOfAddress(string? page)
    {
        if (!Uri.TryCreate(page, UriKind.Absolute, out var uri))
            return 1;
        var given = uri
            .Query.TrimStart('?')
            .Split('&')
            .FirstOrDefault(text => text.StartsWith(PageParameter + "=", StringComparison.Ordinal));
        return
            given is not null
            && int.TryParse(given[(PageParameter.Length + 1)..], CultureInfo.InvariantCulture, out var number)
            && number > 0
            ? number
            : 1;
    }

    /// <summary>Whether a post belongs to the view; views that are no list take all.</summary>
    /// <param name="post">The post.</param>
    /// <param name="published">Its date on the site's clocks.</param>
    public bool Takes(ListingCandidate post, DateTimeOffset? published) =>
        Kind switch
        {
            BlogPartKind.Post => post.Key == Subject,
            BlogPartKind.Category => post.Categories.Contains(Subject, StringComparer.OrdinalIgnoreCase),
            BlogPartKind.Tag => post.Tags.Concat(post.Categories).Contains(Subject, StringComparer.OrdinalIgnoreCase),
            BlogPartKind.Month => published is { } date
                && MonthOf(Subject) is { } month
                && date.Year == month.Year
                && date.Month == month.Month,
            _ => true,
        };

    /// <summary>First day of the month a subject names, or null.</summary>
    public static DateTimeOffset? MonthOf(string subject) =>
        DateTimeOffset.TryParseExact(
            subject,
            "yyyy-MM",
            CultureInfo.InvariantCulture,
            DateTimeStyles.AssumeUniversal,
            out var month
        )
            ? month
            : null;

    /// <summary>The view of a month.</summary>
    public static BlogPart Month(DateTimeOffset month) =>
        new(BlogPartKind.Month, month.ToString("yyyy-MM", CultureInfo.InvariantCulture));

    /// <summary>The view as it stands in addresses, such as "category/Sky%20events".</summary>
    public override string ToString() =>
        Kind.ToString().ToLowerInvariant() + (Subject.Length == 0 ? string.Empty : "/" + Uri.EscapeDataString(Subject));
}
