using Antiphon.Server.Platform;
using Antiphon.Server.Platform.Hosting;
using Antiphon.Server.Work;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Outgoing.Mail;

/// <summary>Handing mails over to the mail server.</summary>
internal static class MailRegistration
{
    /// <summary>Registers the sender, what knows whether mail works, and the letters to single people.</summary>
    public static void AddMail(this WebApplicationBuilder builder)
    {
        var services = builder.Services;
        services.AddOptions<MailOptions>().BindConfiguration("Mail").ValidateDataAnnotations().ValidateOnStart();
        services.AddTransient<MailSender>();
        services.AddSingleton<MailTransport>();
        services.AddSingleton(provider => new ReturnAddress(
            SecretFile.Read(provider.GetRequiredService<IOptions<AntiphonOptions>>().Value.DataDirectory, "returns.key")
        ));
        services.AddSingleton<MailTools>();
        services.AddSingleton<LetterBox>();
        services.AddWorker<LetterWorker>();
    }
}
