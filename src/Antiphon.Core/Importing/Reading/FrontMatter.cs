using System.Globalization;
using YamlDotNet.Core;

namespace Antiphon.Core.Importing.Reading;

/// <summary>Reads a Markdown file whose head stands between lines of three dashes (YAML 1.2).</summary>
public static class FrontMatter
{
    /// <summary>Name of the column that holds the text below the head.</summary>
    public const string BodyColumn = "text";

    /// <summary>Name of the column that holds the name of the file.</summary>
    public const string FileColumn = "file";

    private const string Fence = "---";

    /// <summary>The head's fields and the text. A head that cannot be read stays part of the text.</summary>
    /// <param name="name">Name of the file; a date and title are read from it when the head has none.</param>
    /// <param name="content">The file.</param>
    public static Dictionary<string, string> Read(string name, string content)
    {
        var record = new Dictionary<string, string>(StringComparer.OrdinalIgnoreCase) { [FileColumn] = name };
        var (head, text) = Split(content.TrimStart('\uFEFF'));
        if (head is not null && !Fill(record, head))
            text = content;
        record[BodyColumn] = text.Trim();
        var file = name[(name.LastIndexOf('/') + 1)..];
        var stem = file.Contains('.', StringComparison.Ordinal) ? file[..file.LastIndexOf('.')] : file;
        // "2026-11-24-frost-on-the-finder" is a date and a slug.
        if (
            stem.Length > 11
            && stem[10] == '-'
            && DateOnly.TryParseExact(
                stem[..10],
                "yyyy-MM-dd",
                CultureInfo.InvariantCulture,
                DateTimeStyles.None,
                out _
            )
        )
        {
            record.TryAdd("date", stem[..10]);
            stem = stem[11..];
        }

        record.TryAdd("slug", stem);
        if (!record.ContainsKey("title"))
            TakeTitle(record, stem);
        return record;
    }

    private static (string? Head, string Text) Split(string content)
    {
        if (!content.StartsWith(Fence, StringComparison.Ordinal))
            return (null, content);
        var start = content.IndexOf('\n', StringComparison.Ordinal) + 1;
        if (start == 0)
            return (null, content);
        for (var at = start; at < content.Length; )
        {
            var end = content.IndexOf('\n', at) is var found and >= 0 ? found : content.Length;
            if (content[at..end].TrimEnd() is Fence or "...")
                return (content[start..at], content[Math.Min(end + 1, content.Length)..]);
            at = end + 1;
        }

        return (null, content);
    }

    private static bool Fill(Dictionary<string, string> record, string head)
    {
        try
        {
            if (FrontMatterFields.Read(head) is not { } fields)
                return false;
            foreach (var (key, value) in fields)
                record[key] = value;
            return true;
        }
        catch (YamlException)
        {
            return false;
        }
    }

    // A first heading is the title of a file that names none.
    private static void TakeTitle(Dictionary<string, string> record, string stem)
    {
        var text = record[BodyColumn];
        if (text.StartsWith("# ", StringComparison.Ordinal))
        {
            var end = text.IndexOf('\n', StringComparison.Ordinal) is var found and >= 0 ? found : text.Length;
            record["title"] = text[2..end].Trim();
            record[BodyColumn] = text[end..].Trim();
        }
        else
        {
            var words = stem.Replace('-', ' ').Replace('_', ' ').Trim();
            record["title"] = words.Length == 0 ? string.Empty : char.ToUpperInvariant(words[0]) + words[1..];
        }
    }
}
