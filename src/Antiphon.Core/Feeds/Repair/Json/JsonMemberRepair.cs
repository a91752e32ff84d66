using System.Globalization;
using System.Text.Json;
using System.Text.Json.Nodes;
using Antiphon.Core.Feeds.Mending;
using Antiphon.Core.Feeds.Repair.Values;
using Antiphon.Core.Feeds.Repair.Xml;
using Antiphon.Core.Feeds.Rules.Json;
using Antiphon.Core.Feeds.Vocabulary;

namespace Antiphon.Core.Feeds.Repair.Json;

/// <summary>Brings objects of JSON Feed to the members they may have, and their values to their kinds and forms.</summary>
/// <param name="note">Told the rule and what was done.</param>
/// <param name="home">Against what relative addresses are resolved, or null.</param>
internal sealed class JsonMemberRepair(Action<string, string> note, Uri? home)
{
    /// <summary>The extension for what has no place; extensions are allowed everywhere.</summary>
    public const string Kept = "_kept";

    /// <summary>Repairs an object.</summary>
    public void Repair(JsonObject owner, IReadOnlyList<MemberSpec> members)
    {
        foreach (var (name, value) in owner.ToList())
        {
            if (name.StartsWith('_'))
                RepairExtension(owner, name, value);
            else if (members.FirstOrDefault(member => member.Name == name) is { } known)
                RepairValue(owner, known, value);
            else
                RepairName(owner, name, members);
        }
    }

    /// <summary>Puts a member into the object's extension for what has no place.</summary>
    public static void Keep(JsonObject owner, string name, JsonNode? value)
    {
        owner.Remove(name);
        if (owner[Kept] is not JsonObject kept)
            owner[Kept] = kept = [];
        kept[name] = value?.DeepClone();
    }

    private void RepairExtension(JsonObject owner, string name, JsonNode? value)
    {
        var isName = name.Length > 1 && char.IsAsciiLetter(name[1]);
        if (isName && value is JsonObject)
            return;
        owner.Remove(name);
        var right = isName ? name : Kept + name.TrimStart('_');
        owner[right] = value is JsonObject whole
            ? whole.DeepClone()
            : new JsonObject { ["value"] = value?.DeepClone() };
        note(
            isName ? JsonValueRules.ExtensionNotObject.Id : JsonValueRules.Extension.Id,
            $"Wrote the extension {name} as an object named {right}"
        );
    }

    private void RepairName(JsonObject owner, string name, IReadOnlyList<MemberSpec> members)
    {
        var value = owner[name];
        var folded = Folded(name);
        var meant = members.FirstOrDefault(member => Folded(member.Name) == folded)?.Name
            ?? NearestName.Of(name, members.Select(member => member.Name));
        if (meant is not null && !owner.ContainsKey(meant))
        {
            owner.Remove(name);
            owner[meant] = value?.DeepClone();
            note(
                Folded(meant) == folded ? JsonValueRules.MemberCase.Id : JsonDetailRules.MemberUnknown.Id,
                $"Wrote {name} as {meant}"
            );
            RepairValue(owner, members.First(member => member.Name == meant), owner[meant]);
            return;
        }

        Keep(owner, name, value);
        note(JsonDetailRules.MemberUnknown.Id, $"Moved {name} into the extension {Kept}");
    }

    private static string Folded(string name) =>
        name.Replace("_", string.Empty, StringComparison.Ordinal).ToUpperInvariant();

    private void RepairValue(JsonObject owner, MemberSpec known, JsonNode? value)
    {
        if (value is null)
        {
            owner.Remove(known.Name);
            note(JsonRules.WrongType.Id, $"Left out {known.Name}, which was null");
            return;
        }

        if (!IsOfKind(value, known.Kind))
        {
            if (OfKind(known, value) is { } right)
            {
                owner[known.Name] = right;
                note(JsonRules.WrongType.Id, $"Wrote {known.Name} as {Word(known.Kind)}");
            }
            else
            {
                Keep(owner, known.Name, value);
                note(
                    JsonRules.WrongType.Id,
                    $"Moved {known.Name}, which is not {Word(known.Kind)}, into the extension {Kept}"
                );
                return;
            }
        }

        if (owner[known.Name] is JsonValue text && text.GetValueKind() == JsonValueKind.String)
            RepairText(owner, known, text.ToString());
        else if (known.Kind == JsonValueKind.Number && owner[known.Name]!.ToString().StartsWith('-'))
        {
            Keep(owner, known.Name, owner[known.Name]);
            note(JsonValueRules.Number.Id, $"Moved {known.Name}, which is below nothing, into the extension {Kept}");
        }
    }

    private void RepairText(JsonObject owner, MemberSpec known, string text)
    {
        if (string.IsNullOrWhiteSpace(text) && !known.MayBeEmpty)
        {
            owner.Remove(known.Name);
            note(JsonValueRules.Empty.Id, $"Left out the empty {known.Name}");
        }
        else if (known.Form is not { } form)
            return;
        else if (ValueRepair.Repaired(form, text, home) is { } right)
        {
            owner[known.Name] = right.Value;
            note(
                right.Rule,
                $"Wrote {known.Name} as “{Antiphon.Core.Text.Shortened.ToLength(right.Value, 80)}” instead of “{Antiphon.Core.Text.Shortened.ToLength(text, 80)}”"
            );
        }
        else if (known.Name == "language" && form(text) is { } fault)
            SetAside(owner, known.Name, text, fault.Rule.Id);
    }

    private void SetAside(JsonObject owner, string name, string text, string rule)
    {
        Keep(owner, name, text);
        note(
            rule,
            $"Set the value “{Antiphon.Core.Text.Shortened.ToLength(text, 80)}” of {name} aside, which no program can read"
        );
    }

    private static bool IsOfKind(JsonNode value, JsonValueKind kind) =>
        value.GetValueKind() is var found
        && (found == kind || (kind == JsonValueKind.True && found == JsonValueKind.False));

    // A number as text and the other way, one thing as a list of one, a name as an author.
    private static JsonNode? OfKind(MemberSpec known, JsonNode value)
    {
        var (kind, text) = (value.GetValueKind(), value.ToString());
        switch (known.Kind)
        {
            case JsonValueKind.String when kind is JsonValueKind.Number or JsonValueKind.True or JsonValueKind.False:
                return JsonValue.Create(kind == JsonValueKind.Number ? value.ToJsonString() : text);
            case JsonValueKind.String
                when value is JsonArray { Count: 1 } one && one[0]?.GetValueKind() == JsonValueKind.String:
                return one[0]!.DeepClone();
            case JsonValueKind.Number
                when kind == JsonValueKind.String
                    && double.TryParse(text, NumberStyles.Float, CultureInfo.InvariantCulture, out var number):
                return number == Math.Floor(number) && Math.Abs(number) < 1e15
                    ? JsonValue.Create((long)number)
                    : JsonValue.Create(number);
            case JsonValueKind.True when kind is JsonValueKind.String or JsonValueKind.Number:
                return text.ToLowerInvariant() switch
                {
                    "true" or "yes" or "1" => JsonValue.Create(true),
                    "false" or "no" or "0" or "" => JsonValue.Create(false),
                    _ => null,
                };
            case JsonValueKind.Array when known.Name is "tags" && kind == JsonValueKind.String:
                return new JsonArray([
                    .. text.Split(',', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries)
                        .Select(tag => (JsonNode)tag!),
                ]);
            case JsonValueKind.Array when known.Name is "authors" && kind == JsonValueKind.String:
                return new JsonArray(new JsonObject { ["name"] = text });
            case JsonValueKind.Array when kind == JsonValueKind.Object:
                return new JsonArray(value.DeepClone());
            case JsonValueKind.Object when known.Name is "author" && kind == JsonValueKind.String:
                return new JsonObject { ["name"] = text };
            default:
                return null;
        }
    }

    private static string Word(JsonValueKind kind) =>
        kind switch
        {
            JsonValueKind.Array => "a list",
            JsonValueKind.Object => "an object",
            JsonValueKind.Number => "a number",
            JsonValueKind.True => "true or false",
            _ => "a text",
        };
}
