using Antiphon.Core.Channels;
using Antiphon.Core.Channels.Composing;
using Antiphon.Core.Time;
using Antiphon.Data.Channels;

namespace Antiphon.Server.Channels;

/// <summary>Changing a delivery while it waits.</summary>
internal static class DeliveryChanging
{
    /// <summary>Changes the delivery as asked.</summary>
    /// <param name="change">What is to change.</param>
    /// <param name="row">The delivery, with its channel and site; not to be saved when something is wrong.</param>
    /// <param name="now">The moment; a time that is past means now.</param>
    /// <returns>The field that cannot be changed so and what to do about it, or null.</returns>
    public static (string Field, string Remedy)? ApplyTo(
        this DeliveryChange change,
        ChannelDelivery row,
        DateTimeOffset now
    )
    {
        if (change.At is not null)
        {
            if (WallTime.Read(change.At, row.Channel.Site.TimeZone) is not { } at)
                return ("at", "Enter a date and a time, such as 2027-03-28T18:00.");
            (row.PlannedFor, row.NextAttemptAt) = (at.Instant, at.Instant > now ? at.Instant : now);
        }

        if (change.Text is { } text)
        {
            if (row.Channel.Kind != ChannelKind.Social)
                return ("text", "Only short posts have a text of their own.");
            var (template, problem) = TextTemplate.Read(text);
            if (problem is not null)
                return ("text", problem);
            // With fields it is as long as what they say, and shortened like any other.
            if (template!.Used.Count == 0 && row.Channel.Settings.Count.Of(text) > row.Channel.Settings.Count.Limit)
                return (
                    "text",
                    $"Too long: {row.Channel.Settings.Count.Of(text)} of {row.Channel.Settings.Count.Limit} characters. Shorten it."
                );
            row.OwnText = string.IsNullOrWhiteSpace(text) ? null : text.Trim();
        }

        if (change.Turn is { } turn)
        {
            if (row.Channel.Kind != ChannelKind.Social || turn < 0 || turn > row.Channel.Settings.Variants.Count)
                return ("turn", "This alternative text no longer exists.");
            (row.Turn, row.OwnText) = (turn, null);
        }

        if (change.IsHeld is { } isHeld)
            row.Held = isHeld ? row.Held ?? HoldReason.Person : null;
        return null;
    }
}
