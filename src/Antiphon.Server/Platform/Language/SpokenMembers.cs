using System.Text.Json.Serialization.Metadata;
using Microsoft.AspNetCore.Mvc;

namespace Antiphon.Server.Platform.Language;

/// <summary>Tells what the server wrote in the language of whoever asks, as an answer is written.</summary>
internal static class SpokenMembers
{
    /// <summary>
    /// Takes hold of members marked with <see cref="TeamTextAttribute"/>, and of the words of every refusal (RFC 9457).
    /// </summary>
    public static void Translate(JsonTypeInfo type)
    {
        var isRefusal = type.Type.IsAssignableTo(typeof(ProblemDetails));
        foreach (
            var member in type.Properties.Where(member =>
                member.Get is not null
                && (
                    isRefusal && member.Name is "title" or "detail" or "errors"
                    || member.AttributeProvider?.IsDefined(typeof(TeamTextAttribute), inherit: false) == true
                )
            )
        )
        {
            var read = member.Get!;
            member.Get = holder => Said(read(holder));
        }
    }

    private static object? Said(object? value) =>
        value switch
        {
            string text => TeamTexts.Say(text),
            IDictionary<string, string[]> fields => fields.ToDictionary(
                field => field.Key,
                field => Array.ConvertAll(field.Value, text => TeamTexts.Say(text))
            ),
            IReadOnlyList<string> texts => texts.Select(text => TeamTexts.Say(text)).ToList(),
            _ => value,
        };
}
