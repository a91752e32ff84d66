using Microsoft.AspNetCore.Http.HttpResults;

namespace Antiphon.Server.Platform.Requests;

/// <summary>Refusals that belong to one field.</summary>
internal static class FieldProblem
{
    /// <summary>Problem details (RFC 9457) naming the field as the request spells it.</summary>
    public static ValidationProblem For(string field, string message) =>
        TypedResults.ValidationProblem(new Dictionary<string, string[]> { [field] = [message] }, title: message);

    /// <summary>The property path in the spelling of JSON.</summary>
    public static string FieldName(string property) =>
        string.Join(
            '.',
            property.Split('.').Select(part => part.Length == 0 ? part : char.ToLowerInvariant(part[0]) + part[1..])
        );
}
