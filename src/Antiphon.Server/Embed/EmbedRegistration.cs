namespace Antiphon.Server.Embed;

/// <summary>What runs in other people's pages.</summary>
internal static class EmbedRegistration
{
    /// <summary>Registers listings and threads for readers.</summary>
    public static void AddEmbed(this WebApplicationBuilder builder)
    {
        builder.Services.AddSingleton<ListingCache>();
        builder.Services.AddSingleton<SeenPages>();
    }

    /// <summary>Maps /embed.</summary>
    public static void MapEmbed(this WebApplication app)
    {
        var embed = app.MapGroup("/embed").ExcludeFromDescription();
        embed.MapListingEmbeds();
        embed.MapThreadEmbeds();
        embed.MapThreadCounts();
        embed.MapThreadVoices();
    }
}
