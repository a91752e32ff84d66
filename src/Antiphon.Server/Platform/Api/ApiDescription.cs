using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;

namespace Antiphon.Server.Platform.Api;

/// <summary>The OpenAPI document.</summary>
internal static class ApiDescription
{
    /// <summary>Describes everything under /api; the server list is left out, since it depends on who asks.</summary>
    public static void Configure(OpenApiOptions options)
    {
        options.ShouldInclude = description =>
            description.RelativePath?.StartsWith("api/", StringComparison.Ordinal) == true;
        options.AddOperationTransformer(DescribeSpellings);
        options.AddDocumentTransformer(
            (document, _, _) =>
            {
                document.Info.Title = "Antiphon";
                document.Info.Description =
                    "Everything the workplace does, for scripts. Send a personal token as \"Authorization: Bearer …\".";
                document.Servers?.Clear();
                return Task.CompletedTask;
            }
        );
    }

    /// <summary>
    /// Names the enumeration whose words an address takes; the framework sees free text there. The enumerations all
    /// stand in bodies too.
    /// </summary>
    private static Task DescribeSpellings(
        OpenApiOperation operation,
        OpenApiOperationTransformerContext context,
        CancellationToken cancellation
    )
    {
        foreach (var described in context.Description.ParameterDescriptions)
        {
            var type = Nullable.GetUnderlyingType(described.Type) ?? described.Type;
            if (!type.IsGenericType || type.GetGenericTypeDefinition() != typeof(Spelled<>))
                continue;
            if (
                operation.Parameters?.FirstOrDefault(iOpenApiParameter => iOpenApiParameter.Name == described.Name)
                is OpenApiParameter parameter
            )
            {
                parameter.Schema = new OpenApiSchemaReference(type.GetGenericArguments()[0].Name, context.Document);
            }
        }

        return Task.CompletedTask;
    }
}
