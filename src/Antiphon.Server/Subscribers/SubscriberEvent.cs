using Antiphon.Data.Subscribers;

namespace Antiphon.Server.Subscribers;

/// <summary>What programs outside are told of somebody who joined or left.</summary>
internal static class SubscriberEvent
{
    /// <summary>The members.</summary>
    public static object Of(Subscriber subscriber) =>
        new
        {
            mail = subscriber.Mail,
            name = subscriber.Name,
            since = subscriber.CreatedAt,
        };
}
