using Antiphon.Server.Work;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Outgoing.Mail;

/// <summary>What every sender of mails needs.</summary>
internal sealed record MailTools(WorkTools Work, IOptions<MailOptions> Mail, MailTransport Transport);
