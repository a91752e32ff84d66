using Microsoft.AspNetCore.OpenApi;

namespace Antiphon.Server.Hosting;

/// <summary>The OpenAPI document.</summary>
internal static class ApiDescription
{
    /// <summary>Describes everything under /api; the server list is left out, since it depends on who asks.</summary>
    public static void Configure(OpenApiOptions options)
    {
        options.ShouldInclude = description => description.RelativePath?.StartsWith("api/", StringComparison.Ordinal) == true;
        options.AddDocumentTransformer((document, _, _) =>
        {
            document.Info.Title = "Antiphon";
            document.Info.Description = "Everything the workplace does, for scripts. Send a personal token as \"Authorization: Bearer …\".";
            document.Servers?.Clear();
            return Task.CompletedTask;
        });
    }
}
