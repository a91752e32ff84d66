using Antiphon.Server.Subscribers.Forms;
using Antiphon.Server.Subscribers.Preferences;

namespace Antiphon.Server.Subscribers;

/// <summary>Subscribers and their questions.</summary>
internal static class SubscribersRegistration
{
    /// <summary>Registers what subscribers and the team do with subscriptions.</summary>
    public static void AddReaders(this WebApplicationBuilder builder)
    {
        builder.Services.AddScoped<SubscriberLeaving>();
        builder.Services.AddScoped<SignUpTaking>();
    }
}
