using Antiphon.Core.Html;
using Antiphon.Core.Posts.Blocks;
using Antiphon.Core.Syndication;
using Antiphon.Data.Entities;
using Antiphon.Server.Hosting;
using Antiphon.Server.Mail;
using Antiphon.Server.Posts;
using Microsoft.Extensions.Options;
using MimeKit;

namespace Antiphon.Server.Channels;

/// <summary>Makes the mail of one delivery.</summary>
internal sealed class PostMailMessage(IOptions<AntiphonOptions> antiphon, IOptions<MailOptions> mail, PostAddresses addresses)
{
    /// <summary>
    /// The message. Its Message-ID is made from the delivery's key, so that a repeat after a crash is the same mail to every mail server that tells repeats apart.
    /// </summary>
    public MimeMessage Make(Delivery delivery)
    {
        var post = delivery.Post;
        var site = delivery.Subscriber.Site;
        var leave = antiphon.Value.AddressOf($"unsubscribe/{delivery.Subscriber.Key}");
        var address = addresses.Of(post);
        var body = HtmlCleaner.ForPosts.Clean(PostBlocks.Alone(post.BodyHtml, BlockTexts.For(site.Language)), new Uri(address));
        var text = new PostMail(site.Name, post.Blog.Name, post.Title, post.Author, body, address, leave).Compose();
        var sender = new MailboxAddress(PostMail.OneLine(site.Name), mail.Value.From);
        var message = new MimeMessage { Subject = text.Subject, MessageId = $"{delivery.Key}@{sender.Domain}" };
        message.From.Add(sender);
        message.To.Add(new MailboxAddress(PostMail.OneLine(delivery.Subscriber.Name ?? string.Empty), delivery.Subscriber.Mail));
        // One click without a page in between (RFC 8058).
        message.Headers.Add("List-Unsubscribe", $"<{leave}>");
        message.Headers.Add("List-Unsubscribe-Post", "List-Unsubscribe=One-Click");
        message.Body = new BodyBuilder { HtmlBody = text.Html, TextBody = text.Plain }.ToMessageBody();
        return message;
    }
}
