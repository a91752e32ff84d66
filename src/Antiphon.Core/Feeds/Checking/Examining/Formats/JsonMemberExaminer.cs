using System.Text.Json;
using Antiphon.Core.Feeds.Rules.Json;
using Antiphon.Core.Feeds.Source;
using Antiphon.Core.Feeds.Vocabulary;

namespace Antiphon.Core.Feeds.Checking.Examining.Formats;

/// <summary>Compares objects of JSON Feed with the members they may have.</summary>
internal sealed class JsonMemberExaminer(Examination examination, bool isOld)
{
    /// <summary>Examines the members of an object.</summary>
    public void Examine(JsonNode owner, IReadOnlyList<MemberSpec> members)
    {
        var seen = new HashSet<string>(StringComparer.Ordinal);
        foreach (var (name, value) in owner.Members)
        {
            if (!seen.Add(name))
                examination.Report(JsonValueRules.MemberTwice, value, name);
            if (name.StartsWith('_'))
                ExamineExtension(name, value);
            else if (members.FirstOrDefault(member => member.Name == name) is { } known)
                ExamineValue(known, value);
            else if (members.FirstOrDefault(member => Folded(member.Name) == Folded(name)) is { } meant)
                examination.Report(JsonValueRules.MemberCase, value, name, meant.Name);
            else
                examination.Report(JsonDetailRules.MemberUnknown, value, name);
        }
    }

    /// <summary>The kind of a value as people say it.</summary>
    public static string Word(JsonValueKind kind) =>
        kind switch
        {
            JsonValueKind.True or JsonValueKind.False => "true or false",
            JsonValueKind.Null => "null",
            JsonValueKind.Array => "an array",
            JsonValueKind.Object => "an object",
            _ => "a " + kind.ToString().ToLowerInvariant(),
        };

    private static string Folded(string name) =>
        name.Replace("_", string.Empty, StringComparison.Ordinal).ToUpperInvariant();

    private void ExamineExtension(string name, JsonNode value)
    {
        if (name.Length < 2 || !char.IsAsciiLetter(name[1]))
            examination.Report(JsonValueRules.Extension, value, name);
        else if (value.Kind != JsonValueKind.Object)
            examination.Report(JsonValueRules.ExtensionNotObject, value, name, Word(value.Kind));
    }

    private void ExamineValue(MemberSpec known, JsonNode value)
    {
        var isRightKind =
            value.Kind == known.Kind || (known.Kind == JsonValueKind.True && value.Kind == JsonValueKind.False);
        if (!isRightKind)
        {
            examination.Report(JsonRules.WrongType, value, known.Name, Word(value.Kind), Word(known.Kind));
            return;
        }

        if (known.IsNewer && isOld)
            examination.Report(JsonValueRules.Newer, value, known.Name);
        if (value.Kind == JsonValueKind.Number && value.Text.StartsWith('-'))
            examination.Report(JsonValueRules.Number, value, known.Name, value.Text);
        if (value.Kind != JsonValueKind.String)
            return;
        if (string.IsNullOrWhiteSpace(value.Text))
        {
            if (!known.MayBeEmpty)
                examination.Report(JsonValueRules.Empty, value, known.Name);
        }
        else if (known.Form?.Invoke(value.Text) is { } fault)
            examination.Report(fault.Rule, value, fault.Arguments);
    }
}
