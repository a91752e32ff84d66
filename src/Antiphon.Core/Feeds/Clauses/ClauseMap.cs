using System.Text.Json;
using System.Text.Json.Serialization;

namespace Antiphon.Core.Feeds.Clauses;

/// <summary>What one standard says of feeds.</summary>
/// <param name="Standard">Its name.</param>
/// <param name="Clauses">Its clauses, in its own order.</param>
public sealed record ClauseMap(string Standard, IReadOnlyList<Clause> Clauses)
{
    private static readonly JsonSerializerOptions Strict = new()
    {
        PropertyNamingPolicy = JsonNamingPolicy.CamelCase,
        UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow,
        Converters = { new JsonStringEnumConverter(JsonNamingPolicy.CamelCase) },
    };

    // The order in which one reads a document: bytes, syntax, format, modules, values, how it is served.
    private static readonly string[] Names =
    [
        "xml",
        "namespaces",
        "xml-base",
        "encodings",
        "rss-2.0",
        "rss-best-practices",
        "rss-0.91",
        "rss-1.0",
        "atom",
        "threading",
        "paging",
        "deleted",
        "licence",
        "modules",
        "json-feed",
        "json",
        "dates",
        "addresses",
        "languages",
        "html",
        "http",
    ];

    /// <summary>Every standard, read from the files beside this one.</summary>
    public static IReadOnlyList<ClauseMap> All { get; } = [.. Names.Select(Read)];

    private static ClauseMap Read(string name)
    {
        using var stream = typeof(ClauseMap).Assembly.GetManifestResourceStream($"Clauses/{name}.json")
            ?? throw new InvalidOperationException($"There is no file of clauses named {name}");
        return JsonSerializer.Deserialize<ClauseMap>(stream, Strict)!;
    }
}
