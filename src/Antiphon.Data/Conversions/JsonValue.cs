namespace Antiphon.Data.Conversions;

/// <summary>Looks into values stored as JSON, in queries only.</summary>
public static class JsonValue
{
    /// <summary>A number within stored JSON, or null where it is missing.</summary>
    /// <param name="json">The column, cast to text.</param>
    /// <param name="path">Where, such as "$.facts.score".</param>
    public static double? Number(string? json, string path) =>
        throw new NotSupportedException("It stands in queries only.");
}
