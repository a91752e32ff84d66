using System.Text.Json;
using System.Text.Json.Serialization;
using Antiphon.Core.Listings;
using Microsoft.EntityFrameworkCore.Storage.ValueConversion;

namespace Antiphon.Data.Conversions;

/// <summary>A listing's definition as JSON, so that it can grow without a migration.</summary>
internal sealed class ListingDefinitionConverter() : ValueConverter<ListingDefinition, string>(
    definition => ToJson(definition), json => JsonSerializer.Deserialize<ListingDefinition>(json, Options)!)
{
    private static readonly JsonSerializerOptions Options = new(JsonSerializerDefaults.Web) { Converters = { new JsonStringEnumConverter() } };

    /// <summary>The form that is stored.</summary>
    public static string ToJson(ListingDefinition definition) => JsonSerializer.Serialize(definition, Options);
}
