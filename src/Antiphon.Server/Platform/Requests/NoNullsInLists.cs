using System.Collections;
using System.Collections.Concurrent;
using System.Reflection;

namespace Antiphon.Server.Platform.Requests;

/// <summary>
/// Refuses a body that has null where a list holds things, naming the place. The reader of JSON minds null for members,
/// as their types say, but not for what is in lists.
/// </summary>
internal sealed class NoNullsInLists : IEndpointFilter
{
    private const int Deepest = 20;
    private static readonly ConcurrentDictionary<Type, PropertyInfo[]> Members = new();

    /// <inheritdoc/>
    public ValueTask<object?> InvokeAsync(EndpointFilterInvocationContext context, EndpointFilterDelegate next)
    {
        foreach (var argument in context.Arguments)
        {
            if (argument is not null && PlaceOfNull(argument, string.Empty, 0) is { } place)
                return ValueTask.FromResult<object?>(
                    FieldProblem.For(place, "Send a value here, or leave the entry out.")
                );
        }

        return next(context);
    }

    private static string? PlaceOfNull(object value, string path, int depth)
    {
        if (depth > Deepest || value is string)
            return null;
        if (value is IEnumerable list)
            return IsRead(value.GetType()) || value is IDictionary ? InList(list, path, depth) : null;
        return IsRead(value.GetType()) ? InMembers(value, path, depth) : null;
    }

    private static string? InList(IEnumerable list, string path, int depth)
    {
        var index = 0;
        foreach (var item in list)
        {
            var here = $"{path}{(path.Length == 0 ? string.Empty : ".")}{index++}";
            if (item is null)
                return here;
            if (PlaceOfNull(item, here, depth + 1) is { } place)
                return place;
        }

        return null;
    }

    private static string? InMembers(object value, string path, int depth)
    {
        foreach (var member in Members.GetOrAdd(value.GetType(), MembersOf))
        {
            var name = FieldProblem.FieldName(member.Name);
            if (
                member.GetValue(value) is { } inner
                && PlaceOfNull(inner, path.Length == 0 ? name : $"{path}.{name}", depth + 1) is { } place
            )
                return place;
        }

        return null;
    }

    // Records of ours and lists; services among the arguments are left alone.
    private static bool IsRead(Type type) =>
        type.IsArray
        || (type.IsGenericType && type.Namespace == "System.Collections.Generic")
        || (
            type.Namespace?.StartsWith("Antiphon.", StringComparison.Ordinal) == true
            && type.GetMethod("<Clone>$") is not null
        );

    private static PropertyInfo[] MembersOf(Type type) =>
        [
            .. type.GetProperties(BindingFlags.Public | BindingFlags.Instance)
                .Where(member =>
                    member.GetIndexParameters().Length == 0
                    && member.CanWrite
                    && !member.PropertyType.IsPrimitive
                    && !member.PropertyType.IsEnum
                    && member.PropertyType != typeof(string)
                ),
        ];
}
