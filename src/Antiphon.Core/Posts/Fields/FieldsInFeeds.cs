using System.Text.Json;
using System.Xml.Linq;
using Antiphon.Core.Feeds.Model;

namespace Antiphon.Core.Posts.Fields;

/// <summary>
/// Own fields as feeds carry them. No standard has a place for them, so XML formats carry one element of our namespace
/// for each (RSS 2.0 "Extending RSS", RFC 4287 §6.4),
/// and JSON Feed one member with an underscore (JSON Feed 1.1, Extensions).
/// </summary>
public static class FieldsInFeeds
{
    /// <summary>Namespace of the elements.</summary>
    public const string Namespace = "https://antiphon.example/ns/fields";

    /// <summary>Name of the member of JSON Feed.</summary>
    public const string Member = "_fields";

    /// <summary>What an entry carries for its fields, for formats of both kinds; nothing without a field.</summary>
    public static IEnumerable<FeedExtension> Write(IReadOnlyList<(OwnField Field, string Value)> fields)
    {
        if (fields.Count == 0)
            yield break;
        foreach (var (field, value) in fields)
        {
            var element = new XElement(
                XName.Get("field", Namespace),
                new XAttribute("name", field.Key),
                new XAttribute("label", Clean(field.Label)),
                Clean(value)
            );
            if (field.Unit is not null)
                element.SetAttributeValue("unit", Clean(field.Unit));
            yield return new FeedExtension(Namespace, "field", element.ToString(SaveOptions.DisableFormatting));
        }

        yield return new FeedExtension(
            null,
            Member,
            JsonSerializer.Serialize(fields.ToDictionary(pair => pair.Field.Key, pair => pair.Value))
        );
    }

    /// <summary>
    /// The values an entry carries; empty when it carries none. A member that is no object of texts is passed over.
    /// </summary>
    public static IReadOnlyList<FieldValue> Read(IEnumerable<FeedExtension> extensions)
    {
        var found = new List<FieldValue>();
        foreach (var one in extensions)
        {
            if (one.Namespace == Namespace)
                found.AddRange(FromElement(one.Raw));
            if (one.IsJson && one.Name == Member)
                found.AddRange(FromMember(one.Raw));
        }

        return found;
    }

    private static IEnumerable<FieldValue> FromElement(string raw)
    {
        var element = XElement.Parse(raw);
        if (element.Attribute("name")?.Value is { Length: > 0 } name)
            yield return new FieldValue(name, element.Value);
    }

    private static IEnumerable<FieldValue> FromMember(string raw)
    {
        using var json = JsonDocument.Parse(raw);
        if (json.RootElement.ValueKind != JsonValueKind.Object)
            return [];
        return
        [
            .. json
                .RootElement.EnumerateObject()
                .Where(jsonProperty => jsonProperty.Value.ValueKind is JsonValueKind.String or JsonValueKind.Number)
                .Select(jsonProperty => new FieldValue(jsonProperty.Name, jsonProperty.Value.ToString())),
        ];
    }

    private static string Clean(string text) => Feeds.Writing.XmlSafe.Clean(text);
}
