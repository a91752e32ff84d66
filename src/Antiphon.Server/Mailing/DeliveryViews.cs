using Antiphon.Core.Work;
using Antiphon.Data.Mailing;
using Antiphon.Data.Subscribers;

namespace Antiphon.Server.Mailing;

/// <summary>Mails as the team sees them.</summary>
internal static class DeliveryViews
{
    /// <summary>Their views.</summary>
    public static IQueryable<DeliveryView> Viewed(this IQueryable<Delivery> mails) => mails.Select(one => new DeliveryView(
        one.Id, one.Subscriber.Mail, one.State, one.Attempts, one.CreatedAt, one.DeliveredAt, one.State == DeliveryState.Retrying ? one.NextAttemptAt : null, one.LastAnswer));
}
