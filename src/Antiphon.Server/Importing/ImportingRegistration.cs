using Antiphon.Server.Work;

namespace Antiphon.Server.Importing;

/// <summary>Bringing posts in and taking them out.</summary>
internal static class ImportingRegistration
{
    /// <summary>Registers reading, trying, making and writing.</summary>
    public static void AddImporting(this WebApplicationBuilder builder)
    {
        builder.Services.AddSingleton<ImportFiles>();
        builder.Services.AddSingleton<ImportSignal>();
        builder.Services.AddScoped<ImportSources>();
        builder.Services.AddScoped<ImportBegin>();
        builder.Services.AddScoped<ImportTrial>();
        builder.Services.AddScoped<ImportPosts>();
        builder.Services.AddWorker<ImportWorker>();
        builder.Services.AddScoped<Exporting.ArchivedPictures>();
        builder.Services.AddScoped<Exporting.StaticPages>();
        builder.Services.AddScoped<Exporting.BlogExport>();
    }
}
