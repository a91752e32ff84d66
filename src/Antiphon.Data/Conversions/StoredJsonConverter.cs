using System.Text.Json;
using System.Text.Json.Serialization;
using Microsoft.EntityFrameworkCore.Storage.ValueConversion;

namespace Antiphon.Data.Conversions;

/// <summary>A record as JSON, so that it can grow without a migration.</summary>
internal sealed class StoredJsonConverter<T>()
    : ValueConverter<T, string>(value => StoredJson.Write(value), json => StoredJson.Read<T>(json));

/// <summary>The form in which records are stored.</summary>
internal static class StoredJson
{
    private static readonly JsonSerializerOptions Options = new(JsonSerializerDefaults.Web)
    {
        Converters = { new JsonStringEnumConverter() },
    };

    /// <summary>The stored form.</summary>
    public static string Write<T>(T value) => JsonSerializer.Serialize(value, Options);

    /// <summary>Reads the stored form; what it does not say takes its default.</summary>
    public static T Read<T>(string json) => JsonSerializer.Deserialize<T>(json, Options)!;
}
