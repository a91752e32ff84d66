using YamlDotNet.Core;
using YamlDotNet.Core.Events;

namespace Antiphon.Core.Importing.Reading;

/// <summary>
/// The fields of a YAML mapping: words, and lists of words. Read event by event, as a tree of it would be built by
/// recursion as deep as its author likes, and looking for the end of a thousand
/// lists within lists costs the square of them.
/// </summary>
internal static class FrontMatterFields
{
    private const int LongestHead = 100_000;
    private const int Deepest = 20;
    private const int MostEvents = 10_000;

    /// <summary>
    /// Values by key, lists joined by commas, what is nested deeper empty; null when it is no mapping, or beyond
    /// 100,000 characters, 20 levels or 10,000 parts.
    /// </summary>
    /// <exception cref="YamlException">It is no YAML.</exception>
    public static Dictionary<string, string>? Read(string head)
    {
        if (head.Length > LongestHead)
            return null;
        var parser = new Parser(new StringReader(head));
        var (fields, named, open) = (
            new Dictionary<string, string>(),
            new Dictionary<string, string>(),
            new Stack<Open>()
        );
        for (var events = 0; parser.MoveNext(); events++)
        {
            if (events > MostEvents || open.Count > Deepest)
                return null;
            switch (parser.Current)
            {
                case MappingStart or SequenceStart:
                    if (open.Count == 0 && parser.Current is SequenceStart)
                        return null;
                    open.Push(new Open(parser.Current is MappingStart));
                    break;
                case MappingEnd or SequenceEnd:
                    var closed = open.Pop();
                    if (open.Count == 0)
                        return fields;
                    Take(
                        closed.IsMapping ? string.Empty : string.Join(", ", closed.Words),
                        isWord: false,
                        open,
                        fields
                    );
                    break;
                case Scalar scalar:
                    if (open.Count == 0)
                        return null;
                    if (!scalar.Anchor.IsEmpty)
                        named[scalar.Anchor.Value] = scalar.Value;
                    Take(scalar.Value, isWord: true, open, fields);
                    break;
                case AnchorAlias alias:
                    if (open.Count == 0)
                        return null;
                    Take(named.GetValueOrDefault(alias.Value.Value, string.Empty), isWord: true, open, fields);
                    break;
            }
        }

        return fields;
    }

    private static void Take(string value, bool isWord, Stack<Open> open, Dictionary<string, string> fields)
    {
        var around = open.Peek();
        if (!around.IsMapping)
        {
            if (isWord)
                around.Words.Add(value);
        }
        else if (around.Key is null)
        {
            around.Key = value;
        }
        else
        {
            if (open.Count == 1 && around.Key.Length > 0)
                fields[around.Key] = isWord && value is "~" or "null" ? string.Empty : value;
            around.Key = null;
        }
    }

    /// <summary>A mapping or list whose end has not come yet.</summary>
    private sealed class Open(bool isMapping)
    {
        public bool IsMapping => isMapping;

        public string? Key { get; set; }

        public List<string> Words { get; } = [];
    }
}
