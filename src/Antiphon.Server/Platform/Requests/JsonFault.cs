using System.Text.Json;
using System.Text.RegularExpressions;

namespace Antiphon.Server.Platform.Requests;

/// <summary>What is wrong with a JSON body, by field.</summary>
internal static partial class JsonFault
{
    /// <summary>The fields with what to do; empty when the body is not valid JSON.</summary>
    public static Dictionary<string, string[]> FieldsOf(JsonException fault)
    {
        if (fault.InnerException is JsonException)
            return [];
        var field = Index().Replace((fault.Path ?? string.Empty).TrimStart('$').TrimStart('.'), ".$1").TrimStart('.');
        if (MissingNames().Match(fault.Message) is { Success: true } missing)
        {
            var within = field.Length == 0 ? string.Empty : field + ".";
            return Name()
                .Matches(missing.Value)
                .Select(match => within + match.Groups[1].Value)
                .Distinct()
                .ToDictionary(name => name, name => new[] { $"Send {name}; it is missing." });
        }

        return field.Length == 0
            ? []
            : new Dictionary<string, string[]>
            {
                [field] = [$"Send another value for {field}; see /api/openapi.json for what it takes."],
            };
    }

    [GeneratedRegex(@"\[(\d+)\]")]
    private static partial Regex Index();

    // The framework tells the names in its sentence only.
    [GeneratedRegex("including: .*$", RegexOptions.Singleline)]
    private static partial Regex MissingNames();

    [GeneratedRegex("'([A-Za-z0-9_]+)'")]
    private static partial Regex Name();
}
