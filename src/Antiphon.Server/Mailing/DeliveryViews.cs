using Antiphon.Core.Work;
using Antiphon.Data.Mailing;

namespace Antiphon.Server.Mailing;

/// <summary>Mails as the team sees them.</summary>
internal static class DeliveryViews
{
    /// <summary>Their views.</summary>
    public static IQueryable<DeliveryView> Viewed(this IQueryable<Delivery> mails) =>
        mails.Select(delivery => new DeliveryView(
            delivery.Id,
            delivery.Subscriber.Mail,
            delivery.State,
            delivery.Attempts,
            delivery.CreatedAt,
            delivery.DeliveredAt,
            delivery.State == DeliveryState.Retrying ? delivery.NextAttemptAt : null,
            delivery.LastAnswer
        ));
}
