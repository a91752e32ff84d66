using System.Text;

namespace Antiphon.Core.Feeds.Discovery;

/// <summary>One link of an HTTP Link header (RFC 8288).</summary>
/// <param name="Target">Where it leads, absolute.</param>
/// <param name="Relations">What it is, in small letters.</param>
/// <param name="Type">Media type of the target, or null.</param>
/// <param name="Title">Its title, or null.</param>
public sealed record HeaderLink(Uri Target, IReadOnlyList<string> Relations, string? Type, string? Title);

/// <summary>Reads HTTP Link headers.</summary>
public static class LinkHeader
{
    /// <summary>The links of all header values; what does not follow RFC 8288 §3 is passed over.</summary>
    /// <param name="values">Values of the header, each with one link or several.</param>
    /// <param name="address">Address of the answer, against which targets are resolved.</param>
    public static IReadOnlyList<HeaderLink> Read(IEnumerable<string>? values, Uri address) =>
        [.. (values ?? []).SelectMany(Parts).Select(part => One(part, address)).OfType<HeaderLink>()];

    private static HeaderLink? One(string text, Uri address)
    {
        var end = text.IndexOf('>', StringComparison.Ordinal);
        if (!text.StartsWith('<') || end < 0 || !Uri.TryCreate(address, text[1..end].Trim(), out var target))
            return null;
        var given = new Dictionary<string, string>(StringComparer.OrdinalIgnoreCase);
        foreach (var parameter in Split(text[(end + 1)..], ';'))
        {
            var pair = parameter.Split('=', 2);
            // Of a parameter given twice the first counts (RFC 8288 §3.3).
            if (pair.Length == 2)
                given.TryAdd(pair[0].Trim(), Unquoted(pair[1].Trim()));
        }

        var relations = given
            .GetValueOrDefault("rel", string.Empty)
            .ToLowerInvariant()
            .Split(' ', StringSplitOptions.RemoveEmptyEntries);
        return new HeaderLink(target, relations, given.GetValueOrDefault("type"), given.GetValueOrDefault("title"));
    }

    private static IEnumerable<string> Parts(string value) => Split(value, ',');

    // Commas and semicolons inside addresses and quotes part nothing.
    private static IEnumerable<string> Split(string text, char by)
    {
        var part = new StringBuilder();
        var (quoted, bracketed) = (false, false);
        foreach (var c in text)
        {
            if (c == '"' && !bracketed)
                quoted = !quoted;
            if (c == '<' && !quoted)
                bracketed = true;
            if (c == '>' && !quoted)
                bracketed = false;
            if (c == by && !quoted && !bracketed)
            {
                if (part.ToString().Trim() is { Length: > 0 } whole)
                    yield return whole;
                part.Clear();
            }
            else
            {
                part.Append(c);
            }
        }

        if (part.ToString().Trim() is { Length: > 0 } last)
            yield return last;
    }

    private static string Unquoted(string value) =>
        value.Length > 1 && value[0] == '"' && value[^1] == '"'
            ? value[1..^1].Replace("\\\"", "\"", StringComparison.Ordinal)
            : value;
}
