using System.Diagnostics.CodeAnalysis;

namespace Antiphon.Server.Platform.Requests;

/// <summary>
/// A value of an enumeration standing in an address, spelt as in JSON (camelCase) or in any other mix of capitals.
/// Numbers are no spelling.
/// </summary>
/// <param name="Value">The value.</param>
internal readonly record struct Spelled<T>(T Value)
    where T : struct, Enum
{
    /// <summary>The spelling of JSON.</summary>
    public override string ToString() => System.Text.Json.JsonNamingPolicy.CamelCase.ConvertName(Value.ToString());

    /// <summary>Reads the spelling; an unknown one is refused with 400.</summary>
    [SuppressMessage(
        "Design",
        "CA1000:Do not declare static members on generic types",
        Justification = "Parameter binding looks for it here."
    )]
    public static bool TryParse(string? text, out Spelled<T> spelled)
    {
        var isWord = !string.IsNullOrEmpty(text) && text.All(char.IsLetter);
        var isKnown = Enum.TryParse<T>(text, ignoreCase: true, out var value) && isWord && Enum.IsDefined(value);
        spelled = new Spelled<T>(value);
        return isKnown;
    }
}
