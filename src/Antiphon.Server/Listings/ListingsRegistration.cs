using Antiphon.Server.Listings.Installation;
using Antiphon.Server.Listings.Reading;

namespace Antiphon.Server.Listings;

/// <summary>Building, placing and checking listings.</summary>
internal static class ListingsRegistration
{
    /// <summary>Registers the area.</summary>
    public static void AddListings(this WebApplicationBuilder builder)
    {
        builder.Services.AddScoped<BlogHomes>();
        builder.Services.AddScoped<CandidateReader>();
        builder.Services.AddScoped<EntryReader>();
        builder.Services.AddScoped<ListingReader>();
        builder.Services.AddScoped<HostPages>();
        builder.Services.AddScoped<SampleContent>();
        builder.Services.AddScoped<SnippetMaker>();
        builder.Services.AddScoped<InstallationVisit>();
        builder.Services.AddHostedService<SightingConfirming>();
    }
}
