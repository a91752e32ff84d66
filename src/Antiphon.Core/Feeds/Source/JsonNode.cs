using System.Globalization;
using System.Text;
using System.Text.Encodings.Web;
using System.Text.Json;

namespace Antiphon.Core.Feeds.Source;

/// <summary>A value of a JSON document with its place.</summary>
public sealed class JsonNode : ISourcePlace
{
    private readonly List<(string Name, JsonNode Value)> _members = [];
    private readonly List<JsonNode> _items = [];
    private readonly string _step;

    internal JsonNode(JsonNode? parent, string step, JsonValueKind kind, string text, int line, int column)
    {
        Parent = parent;
        _step = step;
        Kind = kind;
        Text = text;
        Line = line;
        Column = column;
    }

    /// <summary>The object or array around it.</summary>
    public JsonNode? Parent { get; }

    /// <summary>What kind of value it is.</summary>
    public JsonValueKind Kind { get; }

    /// <summary>Content of a string, literal text of a number; empty otherwise.</summary>
    public string Text { get; }

    /// <inheritdoc/>
    public int Line { get; }

    /// <inheritdoc/>
    public int Column { get; }

    /// <inheritdoc/>
    public string Path => Parent is null ? "$" : Parent.Path + _step;

    /// <summary>Items of an array.</summary>
    public IReadOnlyList<JsonNode> Items => _items;

    /// <summary>Members of an object.</summary>
    public IReadOnlyList<(string Name, JsonNode Value)> Members => _members;

    /// <summary>Member of an object, or null; the last one of that name, as most parsers take it.</summary>
    public JsonNode? Member(string name) => _members.FindLast(member => member.Name == name).Value;

    /// <summary>
    /// Text of a string member, or of a number member when <paramref name="orNumber"/>; null when absent, empty or of
    /// another kind.
    /// </summary>
    public string? String(string name, bool orNumber = false)
    {
        var member = Member(name);
        var fits = member?.Kind == JsonValueKind.String || (orNumber && member?.Kind == JsonValueKind.Number);
        return fits && !string.IsNullOrWhiteSpace(member!.Text) ? member.Text.Trim() : null;
    }

    /// <summary>Objects of an array member; empty when absent or no array.</summary>
    public IEnumerable<JsonNode> Objects(string name) =>
        Member(name)?.Items.Where(item => item.Kind == JsonValueKind.Object) ?? [];

    /// <summary>The value written as JSON.</summary>
    public string ToJson()
    {
        using var stream = new MemoryStream();
        using (
            var json = new Utf8JsonWriter(
                stream,
                new JsonWriterOptions { Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping }
            )
        )
            WriteTo(json);
        return Encoding.UTF8.GetString(stream.ToArray());
    }

    private void WriteTo(Utf8JsonWriter json)
    {
        switch (Kind)
        {
            case JsonValueKind.Object:
                json.WriteStartObject();
                foreach (var (name, value) in _members)
                {
                    json.WritePropertyName(name);
                    value.WriteTo(json);
                }

                json.WriteEndObject();
                break;
            case JsonValueKind.Array:
                json.WriteStartArray();
                foreach (var item in _items)
                    item.WriteTo(json);
                json.WriteEndArray();
                break;
            case JsonValueKind.String:
                json.WriteStringValue(Text);
                break;
            case JsonValueKind.Number:
                json.WriteRawValue(Text);
                break;
            case JsonValueKind.True:
                json.WriteBooleanValue(true);
                break;
            case JsonValueKind.False:
                json.WriteBooleanValue(false);
                break;
            default:
                json.WriteNullValue();
                break;
        }
    }

    internal static string MemberStep(string name) => "." + name;

    internal string NextItemStep() => "[" + _items.Count.ToString(CultureInfo.InvariantCulture) + "]";

    internal void Add(string name, JsonNode value) => _members.Add((name, value));

    internal void Add(JsonNode item) => _items.Add(item);
}
