using System.Text;
using System.Text.Json;

namespace Antiphon.Core.Feeds.Source;

/// <summary>Builds the tree of a JSON document with places.</summary>
public sealed class JsonSource
{
    private readonly byte[] _bytes;
    private readonly List<int> _lineStarts = [0];
    private (int Line, int Offset, int Column) _counted;

    private JsonSource(byte[] bytes)
    {
        _bytes = bytes;
        for (var i = 0; i < bytes.Length; i++)
        {
            if (bytes[i] == '\n')
                _lineStarts.Add(i + 1);
        }
    }

    /// <summary>
    /// The root value and, when the document breaks off, where and why; the tree then holds what stood before.
    /// </summary>
    public static (JsonNode? Root, JsonBreak? Break) Parse(string text) =>
        new JsonSource(Encoding.UTF8.GetBytes(text)).Parse();

    private (JsonNode? Root, JsonBreak? Break) Parse()
    {
        JsonNode? root = null;
        var reader = new Utf8JsonReader(
            _bytes,
            new JsonReaderOptions { CommentHandling = JsonCommentHandling.Disallow, MaxDepth = 100 }
        );
        try
        {
            JsonNode? current = null;
            string? name = null;
            while (reader.Read())
            {
                if (reader.TokenType == JsonTokenType.PropertyName)
                    name = ReadString(ref reader);
                else if (reader.TokenType is JsonTokenType.EndObject or JsonTokenType.EndArray)
                    current = current?.Parent;
                else
                {
                    var node = Take(ref reader, current, name);
                    root ??= node;
                    if (reader.TokenType is JsonTokenType.StartObject or JsonTokenType.StartArray)
                        current = node;
                }
            }

            return (root, null);
        }
        catch (JsonException broken)
        {
            var message = broken.Message.Split(" LineNumber:")[0].TrimEnd('.');
            return (
                root,
                new JsonBreak((int)(broken.LineNumber ?? 0) + 1, (int)(broken.BytePositionInLine ?? 0) + 1, message)
            );
        }
    }

    private JsonNode Take(ref Utf8JsonReader reader, JsonNode? parent, string? name)
    {
        var (line, column) = PlaceOf((int)reader.TokenStartIndex);
        var isMember = parent?.Kind == JsonValueKind.Object;
        var step =
            parent is null ? string.Empty
            : isMember ? JsonNode.MemberStep(name!)
            : parent.NextItemStep();
        var node = new JsonNode(parent, step, KindOf(reader.TokenType), TextOf(ref reader), line, column);
        if (isMember)
            parent!.Add(name!, node);
        else
            parent?.Add(node);
        return node;
    }

    private (int Line, int Column) PlaceOf(int offset)
    {
        var index = _lineStarts.BinarySearch(offset);
        if (index < 0)
            index = ~index - 1;
        // Values come in order, and many documents are one long line, so columns are counted on from the last one.
        var from =
            _counted.Line == index && _counted.Offset <= offset
                ? _counted
                : (Line: index, Offset: _lineStarts[index], Column: 0);
        _counted = (index, offset, from.Column + Encoding.UTF8.GetCharCount(_bytes, from.Offset, offset - from.Offset));
        return (index + 1, _counted.Column + 1);
    }

    private static string TextOf(ref Utf8JsonReader reader) =>
        reader.TokenType switch
        {
            JsonTokenType.String => ReadString(ref reader),
            JsonTokenType.Number => Encoding.UTF8.GetString(reader.ValueSpan),
            _ => string.Empty,
        };

    private static string ReadString(ref Utf8JsonReader reader)
    {
        try
        {
            return reader.GetString() ?? string.Empty;
        }
        catch (InvalidOperationException)
        {
            // A lone half of a surrogate pair cannot become a string; its escape is kept as written.
            return Encoding.UTF8.GetString(reader.ValueSpan);
        }
    }

    private static JsonValueKind KindOf(JsonTokenType token) =>
        token switch
        {
            JsonTokenType.StartObject => JsonValueKind.Object,
            JsonTokenType.StartArray => JsonValueKind.Array,
            JsonTokenType.String => JsonValueKind.String,
            JsonTokenType.Number => JsonValueKind.Number,
            JsonTokenType.True => JsonValueKind.True,
            JsonTokenType.False => JsonValueKind.False,
            _ => JsonValueKind.Null,
        };
}
