using System.Collections;
using System.Reflection;
using System.Text.Json.Nodes;

namespace Antiphon.Server.Tests.Platform;

/// <summary>Bodies for requests, made of the types that requests are read as.</summary>
internal static class SampleBody
{
    private const int Deepest = 4;

    /// <summary>An object with a value of the right kind for each member.</summary>
    public static JsonNode? Of(Type type, int depth = 0)
    {
        var plain = Nullable.GetUnderlyingType(type) ?? type;
        if (plain == typeof(string))
            return "x";
        if (plain == typeof(bool))
            return false;
        if (plain.IsEnum)
            return System.Text.Json.JsonNamingPolicy.CamelCase.ConvertName(Enum.GetNames(plain)[0]);
        if (plain == typeof(DateTimeOffset) || plain == typeof(DateTime))
            return "2026-11-30T09:00:00Z";
        if (plain == typeof(DateOnly))
            return "2026-11-30";
        if (plain == typeof(TimeOnly))
            return "09:00:00";
        if (plain == typeof(TimeSpan))
            return "01:00:00";
        if (plain.IsPrimitive || plain == typeof(decimal))
            return 1;
        if (depth > Deepest)
            return null;
        if (DictionaryValue(plain) is { } value)
            return new JsonObject { ["x"] = Of(value, depth + 1) };
        if (Element(plain) is { } element)
            return new JsonArray(Of(element, depth + 1));
        return new JsonObject(
            Members(plain).Select(member => KeyValuePair.Create(member.Name, Of(member.Type, depth + 1)))
        );
    }

    /// <summary>Names as they stand in JSON, and types.</summary>
    public static IEnumerable<(string Name, Type Type)> Members(Type type) =>
        type.GetProperties(BindingFlags.Public | BindingFlags.Instance)
            .Where(member =>
                member.GetIndexParameters().Length == 0
                && (
                    member.CanWrite
                    || type.GetConstructors()
                        .Any(made =>
                            made.GetParameters()
                                .Any(parameter =>
                                    string.Equals(parameter.Name, member.Name, StringComparison.OrdinalIgnoreCase)
                                )
                        )
                )
            )
            .Select(member =>
                (System.Text.Json.JsonNamingPolicy.CamelCase.ConvertName(member.Name), member.PropertyType)
            );

    private static Type? DictionaryValue(Type type) =>
        type.GetInterfaces()
            .Append(type)
            .FirstOrDefault(one =>
                one.IsGenericType
                && (
                    one.GetGenericTypeDefinition() == typeof(IDictionary<,>)
                    || one.GetGenericTypeDefinition() == typeof(IReadOnlyDictionary<,>)
                )
            )
            ?.GetGenericArguments()[1];

    private static Type? Element(Type type) =>
        !typeof(IEnumerable).IsAssignableFrom(type)
            ? null
            : type.GetInterfaces()
                .Append(type)
                .FirstOrDefault(one => one.IsGenericType && one.GetGenericTypeDefinition() == typeof(IEnumerable<>))
                ?.GetGenericArguments()[0];
}
