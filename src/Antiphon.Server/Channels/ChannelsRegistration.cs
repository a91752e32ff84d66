using Antiphon.Server.Mail;

namespace Antiphon.Server.Channels;

/// <summary>The ways out beyond site and feed; in this version mail.</summary>
internal static class ChannelsRegistration
{
    /// <summary>Registers mail and the delivery worker.</summary>
    public static void AddChannels(this WebApplicationBuilder builder)
    {
        var services = builder.Services;
        services.AddOptions<MailOptions>().BindConfiguration("Mail").ValidateDataAnnotations().ValidateOnStart();
        services.AddOptions<DeliveryOptions>().BindConfiguration("Delivery").ValidateDataAnnotations().ValidateOnStart();
        services.AddSingleton<DeliverySignal>();
        services.AddSingleton<PostMailMessage>();
        services.AddTransient<MailSender>();
        services.AddSingleton<Outbox>();
        services.AddSingleton<MailTools>();
        services.AddSingleton<LetterBox>();
        services.AddHostedService<LetterWorker>();
        services.AddHostedService<DeliveryWorker>();
    }
}
