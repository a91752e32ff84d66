using System.Globalization;
using System.Text.Json.Nodes;

namespace Antiphon.Server.Tests.Hosting;

/// <summary>An answer as a tree, read by paths such as "points.0.state".</summary>
/// <param name="Root">The tree, or null for an empty answer.</param>
public sealed record Json(JsonNode? Root)
{
    /// <summary>Text at a path; fails when there is none.</summary>
    public string Text(string path) =>
        At(path)?.ToString() ?? throw new InvalidOperationException($"Nothing at {path} in {Root}");

    /// <summary>Whole number at a path.</summary>
    public long Number(string path) => long.Parse(Text(path), CultureInfo.InvariantCulture);

    /// <summary>True when something other than null stands at the path.</summary>
    public bool Has(string path) => At(path) is not null;

    /// <summary>The items of an array at a path; the whole answer for an empty path.</summary>
    public IReadOnlyList<Json> Items(string path = "") =>
        [.. ((path.Length == 0 ? Root : At(path)) as JsonArray ?? []).Select(item => new Json(item))];

    /// <summary>The names of an object at a path.</summary>
    public IReadOnlyList<string> Names(string path = "") =>
        [.. ((path.Length == 0 ? Root : At(path)) as JsonObject ?? []).Select(member => member.Key)];

    /// <inheritdoc/>
    public override string ToString() => Root?.ToJsonString() ?? "nothing";

    private JsonNode? At(string path)
    {
        var node = Root;
        foreach (var step in path.Split('.'))
        {
            node = node switch
            {
                JsonArray items when int.TryParse(step, out var index) => index < items.Count ? items[index] : null,
                JsonObject members => members[step],
                _ => null,
            };
        }

        return node;
    }
}
