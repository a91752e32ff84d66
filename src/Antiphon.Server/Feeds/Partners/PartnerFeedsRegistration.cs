namespace Antiphon.Server.Feeds.Partners;

/// <summary>Feeds for single partners.</summary>
internal static class PartnerFeedsRegistration
{
    /// <summary>Registers the area.</summary>
    public static void AddPartnerFeeds(this WebApplicationBuilder builder) =>
        builder.Services.AddScoped<PartnerFeedReader>();
}
