using System.Security.Cryptography;
using System.Text;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Html;
using Antiphon.Core.Html.Trees;
using Antiphon.Core.Importing.Tidying;
using Antiphon.Core.Posts;
using Antiphon.Core.Posts.Fields;
using Antiphon.Core.Text;

namespace Antiphon.Core.Importing;

/// <summary>Reads the rows of a table as posts, by a plan.</summary>
public sealed class RowReader
{
    private const int LongestTitle = 300;
    private const int LongestTerm = 100;
    private const int MostTags = 30;
    private const int MostCategories = 20;
    private static readonly string[] PublicWords =
    [
        "published",
        "publish",
        "public",
        "live",
        "online",
        "veröffentlicht",
        "publié",
        "publie",
    ];
    private static readonly string[] NoWords = ["no", "false", "0", "n", "nein", "non"];
    private static readonly string[] YesWords = ["yes", "true", "1", "x", "y", "ja", "oui"];

    private readonly ImportPlan _plan;
    private readonly string _zone;
    private readonly DateTimeOffset _now;
    private readonly Dictionary<ImportTarget, int> _places = [];
    private readonly List<(int Column, OwnField Field)> _own = [];
    private readonly bool _draftIsYes;

    /// <summary>A reader for a table.</summary>
    /// <param name="columns">Its columns.</param>
    /// <param name="plan">Where they go.</param>
    /// <param name="fields">Own fields of the blog.</param>
    /// <param name="zone">Zone of the site.</param>
    /// <param name="now">The moment of reading; later dates are refused.</param>
    public RowReader(
        IReadOnlyList<string> columns,
        ImportPlan plan,
        IReadOnlyList<OwnField> fields,
        string zone,
        DateTimeOffset now
    )
    {
        (_plan, _zone, _now) = (plan, zone, now);
        foreach (var mapping in plan.Columns)
        {
            var column = columns
                .ToList()
                .FindIndex(name => string.Equals(name, mapping.Column, StringComparison.OrdinalIgnoreCase));
            if (column < 0 || mapping.Target is not { } target)
                continue;
            if (target != ImportTarget.OwnField)
                _places.TryAdd(target, column);
            else if (fields.FirstOrDefault(field => field.Key == mapping.Field) is { } field)
                _own.Add((column, field));
            // A column called "draft" that says yes means the opposite of one called "published".
            if (target == ImportTarget.Status)
                _draftIsYes =
                    mapping.Column.Contains("draft", StringComparison.OrdinalIgnoreCase)
                    || mapping.Column.Contains("entwurf", StringComparison.OrdinalIgnoreCase);
        }
    }

    /// <summary>The row as a post, or in words why it cannot be one.</summary>
    /// <param name="number">Its number, from 1.</param>
    /// <param name="row">Its values.</param>
    public (ImportedRow? Row, string? Refusal) Read(int number, IReadOnlyList<string> row)
    {
        var reservations = new List<string>();
        var title = TitleOf(row, reservations);
        if (title.Length == 0)
            return (null, "It has no title.");
        if (Value(row, ImportTarget.Body).Length > HtmlLimits.Text.Length)
            return (
                null,
                $"Its text is longer than {HtmlLimits.Text.Length:N0} characters; split it into several posts."
            );
        var (body, tidied) = BodyOf(Value(row, ImportTarget.Body));
        var written = Value(row, ImportTarget.Date);
        var date = written.Length == 0 ? null : TableDate.Read(written, _plan.DateForm, _zone);
        if (written.Length > 0 && date is null)
            return (
                null,
                $"“{Shortened.ToLength(written, 40)}” is not a recognised date. Choose the date format or correct it."
            );
        if (date > _now)
            return (null, $"Its date, {written}, is still to come; schedule such a post by hand.");
        if (OwnValuesOf(row) is { Problem: { } problem })
            return (null, problem);
        var status = StatusOf(row, date);
        var terms = Terms(row, ImportTarget.Category);
        return (
            new ImportedRow(
                number,
                KeyOf(row, title, written),
                MarkOf(row),
                title,
                body,
                status,
                date ?? (status == PostStatus.Published ? _now : null)
            )
            {
                Excerpt = Trimmed.OrNull(Shortened.ToLength(HtmlText.Of(Value(row, ImportTarget.Excerpt)), 1000)),
                Author = Named(Value(row, ImportTarget.Author)) ?? _plan.Author,
                Category = terms.FirstOrDefault() ?? _plan.Category,
                MoreCategories = [.. terms.Skip(1).Take(MostCategories - 1)],
                Tags = [.. Terms(row, ImportTarget.Tags).Take(MostTags)],
                Slug = SlugOf(Value(row, ImportTarget.Slug)),
                Picture = PictureOf(row, reservations),
                PictureAlt = Trimmed.OrNull(Shortened.ToLength(Value(row, ImportTarget.PictureAlt), 500)),
                IsFeatured = YesWords.Contains(Value(row, ImportTarget.Featured), StringComparer.OrdinalIgnoreCase),
                Link = Value(row, ImportTarget.Link) is var link && LinkResolver.IsWeb(link) ? link : null,
                OwnValues = OwnValuesOf(row).Values,
                Tidied = tidied,
                Reservations = reservations,
            },
            null
        );
    }

    private static string TitleOf(string value, List<string> reservations)
    {
        var title = OneLine.Of(HtmlText.Of(value));
        if (title.Length <= LongestTitle)
            return title;
        reservations.Add($"Its title had {title.Length} characters and was shortened.");
        return Shortened.ToLength(title, LongestTitle);
    }

    private string TitleOf(IReadOnlyList<string> row, List<string> reservations) =>
        TitleOf(Value(row, ImportTarget.Title), reservations);

    private (string Html, int Tidied) BodyOf(string text)
    {
        var html = BodyFormat.ToHtml(text);
        if (!_plan.Tidy)
            return (HtmlCleaner.ForPosts.Clean(html), 0);
        var tidy = BodyTidying.Tidy(html);
        return (HtmlCleaner.ForPosts.Clean(tidy.Html), tidy.Total);
    }

    private PostStatus StatusOf(IReadOnlyList<string> row, DateTimeOffset? date)
    {
        if (_plan.AsDrafts)
            return PostStatus.Draft;
        if (_places.ContainsKey(ImportTarget.Status) && !SaysPublic(Value(row, ImportTarget.Status)))
            return PostStatus.Draft;
        // What never said when it was published may never have been.
        return date is null && _places.ContainsKey(ImportTarget.Date) ? PostStatus.Draft : PostStatus.Published;
    }

    // Only what says so is public: a word nobody knows, or none, must not show the world what was waiting for a
    // colleague.
    private bool SaysPublic(string word)
    {
        bool IsOneOf(string[] words) => words.Contains(word, StringComparer.OrdinalIgnoreCase);
        return _draftIsYes
            ? word.Length == 0 || IsOneOf(NoWords) || IsOneOf(PublicWords)
            : IsOneOf(PublicWords) || IsOneOf(YesWords);
    }

    private (List<FieldValue> Values, string? Problem) OwnValuesOf(IReadOnlyList<string> row)
    {
        var values = new List<FieldValue>();
        foreach (var (column, field) in _own)
        {
            var entered = row[column].Trim();
            if (field.Kind == OwnFieldKind.Date && TableDate.Read(entered, _plan.DateForm, "Etc/UTC") is { } day)
                entered = day.ToString("yyyy-MM-dd", System.Globalization.CultureInfo.InvariantCulture);
            var (value, problem) = FieldValues.Read(field, entered, mustBeThere: false);
            if (problem is not null)
                return ([], problem);
            if (value is not null)
                values.Add(new FieldValue(field.Key, value));
        }

        return (values, null);
    }

    private string? PictureOf(IReadOnlyList<string> row, List<string> reservations)
    {
        var address = Value(row, ImportTarget.Picture);
        if (address.Length == 0 || LinkResolver.IsWeb(address))
            return Trimmed.OrNull(address);
        reservations.Add($"“{Shortened.ToLength(address, 60)}” is not a full picture address and was left out.");
        return null;
    }

    private IEnumerable<string> Terms(IReadOnlyList<string> row, ImportTarget target) =>
        Value(row, target)
            .Split(_plan.ListSeparator.Length == 0 ? "," : _plan.ListSeparator)
            .Select(Named)
            .OfType<string>()
            .Select(term => Shortened.ToLength(term, LongestTerm))
            .Distinct(StringComparer.OrdinalIgnoreCase);

    // Identifiers of authors and categories stand for names that come in a table of their own.
    private string? Named(string value) =>
        Trimmed.OrNull(HtmlText.Of(value)) is not { } said
            ? null
            : _plan.Names?.GetValueOrDefault(said) ?? Shortened.ToLength(said, LongestTerm);

    private string KeyOf(IReadOnlyList<string> row, string title, string date)
    {
        var id = Value(row, ImportTarget.Identifier);
        if (id.Length > 0)
            return Shortened.ToLength(id, 200);
        var link = Value(row, ImportTarget.Link);
        return link.Length > 0 ? Shortened.ToLength(link, 500) : $"{Posts.Slug.FromTitle(title)} {date}".Trim();
    }

    private static string MarkOf(IReadOnlyList<string> row) =>
        Convert.ToHexStringLower(SHA256.HashData(Encoding.UTF8.GetBytes(string.Join('\u001f', row))))[..32];

    // "/2026/11/frost-on-the-finder.html" is an address of which the last part is meant.
    private static string? SlugOf(string value)
    {
        var path =
            Uri.TryCreate(value, UriKind.Absolute, out var uri)
            && uri.Scheme.StartsWith("http", StringComparison.Ordinal)
                ? uri.AbsolutePath
                : value;
        var last = path.TrimEnd('/').Split('/')[^1];
        var dot = last.LastIndexOf('.');
        return Trimmed.OrNull(dot > 0 && last.Length - dot <= 6 ? last[..dot] : last);
    }

    private string Value(IReadOnlyList<string> row, ImportTarget target) =>
        _places.TryGetValue(target, out var column) && column < row.Count ? row[column].Trim() : string.Empty;
}
