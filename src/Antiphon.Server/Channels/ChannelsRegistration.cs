using Antiphon.Server.Channels.Counting;
using Antiphon.Server.Channels.Planning;
using Antiphon.Server.Channels.Sending;
using Antiphon.Server.Channels.Sending.Partners;
using Antiphon.Server.Hosting;
using Antiphon.Server.Mail;
using Antiphon.Server.Mail.Returning;
using Antiphon.Server.Posts.Changes;
using Antiphon.Server.Work;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Channels;

/// <summary>The ways out beyond site and feed.</summary>
internal static class ChannelsRegistration
{
    /// <summary>Registers mail, the other channels, and those who work off what goes to them.</summary>
    public static void AddChannels(this WebApplicationBuilder builder)
    {
        var services = builder.Services;
        services.AddOptions<MailOptions>().BindConfiguration("Mail").ValidateDataAnnotations().ValidateOnStart();
        services.AddTransient<MailSender>();
        services.AddSingleton<MailTransport>();
        services.AddSingleton(provider => new ReturnAddress(SecretFile.Read(provider.GetRequiredService<IOptions<AntiphonOptions>>().Value.DataDirectory, "returns.key")));
        services.AddSingleton<ReturnReader>();
        services.AddScoped<ReturnKeeping>();
        services.AddHostedService<ReturnMailbox>();
        services.AddSingleton<MailTools>();
        services.AddSingleton<LetterBox>();
        services.AddWorker<LetterWorker>();
        services.AddSingleton<ChannelSignal>();
        services.AddSingleton<ChannelSecrets>();
        services.AddSingleton<ChannelTurn>();
        services.AddScoped<DeliveryRecording>();
        services.AddSingleton<PostFactsReader>();
        services.AddSingleton<ChannelTargets>();
        services.AddSingleton<WebhookPayload>();
        services.AddScoped<DeliveryTimes>();
        services.AddScoped<TextTurns>();
        services.AddScoped<AnswerCounts>();
        services.AddWorker<CountingWork>();
        services.AddScoped<DeliveryMaking>();
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
