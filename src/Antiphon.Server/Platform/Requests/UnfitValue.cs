using System.Globalization;
using System.Reflection;
using Microsoft.AspNetCore.Http.Metadata;
using Microsoft.AspNetCore.Mvc;

namespace Antiphon.Server.Platform.Requests;

/// <summary>A value in the address of a request that does not fit its parameter.</summary>
/// <param name="Name">The parameter, as the address spells it.</param>
/// <param name="Value">What was sent.</param>
internal sealed record UnfitValue(string Name, string Value)
{
    /// <summary>
    /// The first of a request that was refused, or null. Handlers compiled in advance refuse values of parameters that
    /// may be left out without a word.
    /// </summary>
    public static UnfitValue? Of(HttpContext http) =>
        http.GetEndpoint()
            ?.Metadata.OfType<IParameterBindingMetadata>()
            .Where(parameter => parameter.HasTryParse)
            .Select(parameter => Of(http, parameter))
            .FirstOrDefault(unfit => unfit is not null);

    /// <summary>The refusal (RFC 9457).</summary>
    public ProblemDetails Refusal() =>
        Refusal(Name, $"“{Value}” does not fit {Name}; see /api/openapi.json for what it takes.");

    /// <summary>The refusal of a request whose address lacks a parameter.</summary>
    public static ProblemDetails Missing(string name) =>
        Refusal(name, $"{name} is missing in the address; see /api/openapi.json for what it takes.");

    private static HttpValidationProblemDetails Refusal(string name, string words) =>
        new(new Dictionary<string, string[]> { [name] = [words] })
        {
            Status = StatusCodes.Status400BadRequest,
            Title = words,
        };

    private static UnfitValue? Of(HttpContext http, IParameterBindingMetadata parameter)
    {
        // A record of parameters tells its own spelling, and the address has that of JSON.
        var name = parameter.ParameterInfo.GetCustomAttribute<FromQueryAttribute>()?.Name
            ?? FieldProblem.FieldName(parameter.Name);
        var value = http.Request.RouteValues[name]?.ToString() ?? http.Request.Query[name].ToString();
        var type = parameter.ParameterInfo.ParameterType;
        return value.Length == 0 || Fits(Nullable.GetUnderlyingType(type) ?? type, value)
            ? null
            : new UnfitValue(name, value);
    }

    private static bool Fits(Type type, string value)
    {
        var result = type.MakeByRefType();
        if (type.GetMethod("TryParse", [typeof(string), typeof(IFormatProvider), result]) is { } cultured)
            return cultured.Invoke(null, [value, CultureInfo.InvariantCulture, null]) is true;
        return type.GetMethod("TryParse", [typeof(string), result])?.Invoke(null, [value, null]) is not false;
    }
}
