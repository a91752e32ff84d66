using System.Globalization;
using Antiphon.Core.Mailing;
using Antiphon.Core.Text;
using Antiphon.Data.Mailing;
using Antiphon.Data.Sites;
using Antiphon.Data.Subscribers;
using Antiphon.Server.Outgoing.Mail;
using Antiphon.Server.Platform;
using Microsoft.Extensions.Options;
using MimeKit;

namespace Antiphon.Server.Mailing.Sending;

/// <summary>Puts the mail of a subscriber into its envelope.</summary>
internal sealed class SubscriberMessage(IOptions<AntiphonOptions> antiphon, IOptions<MailOptions> mail)
{
    /// <summary>Where a subscriber ends the mails.</summary>
    /// <param name="subscriber">The subscriber.</param>
    /// <param name="edition">Key of the edition the link stands in; null for none.</param>
    public string LeaveAddress(Subscriber subscriber, string? edition) =>
        antiphon.Value.AddressOf($"unsubscribe/{subscriber.Key}{(edition is null ? string.Empty : "?e=" + edition)}");

    /// <summary>Where a subscriber chooses what they get.</summary>
    public string ChooseAddress(Subscriber subscriber) => antiphon.Value.AddressOf($"preferences/{subscriber.Key}");

    /// <summary>
    /// The message. Its Message-ID is made from the key, so that a repeat after a crash is the same mail to every mail
    /// server that tells repeats apart.
    /// </summary>
    /// <param name="text">The mail.</param>
    /// <param name="site">The site it comes from.</param>
    /// <param name="digest">The digest, which is its list.</param>
    /// <param name="to">The receiver.</param>
    /// <param name="key">Key of the delivery.</param>
    /// <param name="leave">Where the receiver ends the mails.</param>
    public MimeMessage Make(MailText text, Site site, Digest digest, MailboxAddress to, string key, string leave)
    {
        var sender = new MailboxAddress(HeaderText.Of(site.Name), mail.Value.From);
        var message = new MimeMessage { Subject = text.Subject, MessageId = $"{key}@{sender.Domain}" };
        message.From.Add(sender);
        message.To.Add(to);
        // A list by RFC 2919, left with one click without a page in between (RFC 8058).
        message.Headers.Add(
            HeaderId.ListId,
            string.Create(CultureInfo.InvariantCulture, $"<{digest.Id}.{site.PublicKey}.{sender.Domain}>")
        );
        message.Headers.Add(HeaderId.ListUnsubscribe, $"<{leave}>");
        message.Headers.Add("List-Unsubscribe-Post", "List-Unsubscribe=One-Click");
        message.Body = new BodyBuilder
        {
            HtmlBody = text.Html.Length == 0 ? null : text.Html,
            TextBody = text.Plain,
        }.ToMessageBody();
        return message;
    }

    /// <summary>The receiver's address with their name on one line.</summary>
    public static MailboxAddress AddressOf(Subscriber subscriber) =>
        new(HeaderText.Of(subscriber.Name ?? string.Empty), subscriber.Mail);
}
