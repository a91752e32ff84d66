using System.Text.Json.Serialization.Metadata;

namespace Antiphon.Server.Platform.Api;

/// <summary>What a request may not leave out.</summary>
internal static class NeededMembers
{
    /// <summary>
    /// Members that are never null and have no default must be there; a number, a choice or a yes that is left out is
    /// zero, the first one or no, as scripts rely on.
    /// </summary>
    public static void Require(JsonTypeInfo type)
    {
        foreach (
            var member in type.Properties.Where(member =>
                member.AssociatedParameter is { HasDefaultValue: false, IsNullable: false } made
                && !made.ParameterType.IsValueType
            )
        )
            member.IsRequired = true;
    }
}
