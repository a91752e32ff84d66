using Antiphon.Server.Channels.Counting;
using Antiphon.Server.Channels.Delivering;
using Antiphon.Server.Channels.Planning;
using Antiphon.Server.Channels.Sending;
using Antiphon.Server.Channels.Sending.Partners;
using Antiphon.Server.Posts.Changes;
using Antiphon.Server.Work;

namespace Antiphon.Server.Channels;

/// <summary>The ways out beyond site and feed.</summary>
internal static class ChannelsRegistration
{
    /// <summary>Registers the channels and those who work off what goes to them.</summary>
    public static void AddChannels(this WebApplicationBuilder builder)
    {
        var services = builder.Services;
        services.AddSingleton<ChannelSignal>();
        services.AddSingleton<ChannelSecrets>();
        services.AddSingleton<ChannelTurn>();
        services.AddScoped<DeliveryRecording>();
        services.AddSingleton<WebhookPayload>();
        services.AddScoped<DeliveryTimes>();
        services.AddScoped<TextTurns>();
        services.AddScoped<AnswerCounts>();
        services.AddWorker<CountingWork>();
        services.AddScoped<DeliveryMaking>();
        services.AddScoped<ISiteEvents>(provider => provider.GetRequiredService<DeliveryMaking>());
        services.AddScoped<ChannelPlanner>();
        services.AddScoped<IChangePlanner>(provider => provider.GetRequiredService<ChannelPlanner>());
        services.AddScoped<PostPreviews>();
        services.AddTransient<ISocialNetwork, JsonNetwork>();
        services.AddTransient<IChannelSender, SocialSender>();
        services.AddTransient<IPartnerProtocol, MicropubPartner>();
        services.AddTransient<IPartnerProtocol, AtomPubPartner>();
        services.AddTransient<IChannelSender, PartnerSender>();
        services.AddTransient<IChannelSender, WebhookSender>();
        services.AddTransient<IChannelSender, HubSender>();
        services.AddTransient<IChannelSender, PingSender>();
        services.AddWorker<ChannelWorker>();
    }
}
