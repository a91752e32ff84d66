using Antiphon.Server.Outgoing.Mail;
using MailKit.Net.Smtp;
using MailKit.Security;
using MimeKit;

namespace Antiphon.Server.Tests.Mailing;

public sealed class MailFailureTests
{
    private static readonly MailboxAddress Somebody = new(string.Empty, "wilf@fellside.example");

    [Theory]
    [InlineData(550, "5.1.1 Nobody of that name", SmtpErrorCode.RecipientNotAccepted, nameof(MailFault.Receiver))]
    [InlineData(550, "5.1.10 Null MX", SmtpErrorCode.RecipientNotAccepted, nameof(MailFault.Receiver))]
    [InlineData(550, "5.2.1 Mailbox disabled", SmtpErrorCode.RecipientNotAccepted, nameof(MailFault.Receiver))]
    [InlineData(552, "5.2.2 Mailbox full", SmtpErrorCode.RecipientNotAccepted, nameof(MailFault.Receiver))]
    [InlineData(550, "5.7.1 Relaying denied", SmtpErrorCode.RecipientNotAccepted, nameof(MailFault.Refusal))]
    [InlineData(554, "5.7.1 Relay access denied", SmtpErrorCode.RecipientNotAccepted, nameof(MailFault.Refusal))]
    [InlineData(550, "relaying denied", SmtpErrorCode.RecipientNotAccepted, nameof(MailFault.Refusal))]
    [InlineData(550, "Administrative prohibition", SmtpErrorCode.RecipientNotAccepted, nameof(MailFault.Refusal))]
    [InlineData(550, "5.1.8 Sender refused", SmtpErrorCode.SenderNotAccepted, nameof(MailFault.Refusal))]
    [InlineData(553, "5.7.27 Sender has no mail server", SmtpErrorCode.SenderNotAccepted, nameof(MailFault.Refusal))]
    [InlineData(550, "5.4.5 Daily quota exceeded", SmtpErrorCode.RecipientNotAccepted, nameof(MailFault.Refusal))]
    [InlineData(554, "5.6.0 The message cannot be read", SmtpErrorCode.MessageNotAccepted, nameof(MailFault.Mail))]
    [InlineData(552, "Too large", SmtpErrorCode.MessageNotAccepted, nameof(MailFault.Mail))]
    [InlineData(554, "5.7.1 Rejected by policy", SmtpErrorCode.MessageNotAccepted, nameof(MailFault.Refusal))]
    [InlineData(530, "5.7.0 Authentication required", SmtpErrorCode.SenderNotAccepted, nameof(MailFault.Server))]
    [InlineData(535, "5.7.8 Wrong password", SmtpErrorCode.UnexpectedStatusCode, nameof(MailFault.Server))]
    [InlineData(421, "4.3.2 Going down", SmtpErrorCode.UnexpectedStatusCode, nameof(MailFault.Server))]
    [InlineData(451, "4.7.1 Try later", SmtpErrorCode.RecipientNotAccepted, nameof(MailFault.Passing))]
    [InlineData(452, "4.2.2 Mailbox full", SmtpErrorCode.RecipientNotAccepted, nameof(MailFault.Passing))]
    public void An_answer_speaks_of_the_address_only_where_it_says_so(
        int status,
        string text,
        SmtpErrorCode code,
        string fault
    ) =>
        Assert.Equal(
            fault,
            MailFailure.Of(new SmtpCommandException(code, (SmtpStatusCode)status, Somebody, text)).ToString()
        );

    [Fact]
    public void What_happens_before_a_mail_is_spoken_of_is_about_the_server()
    {
        Assert.Equal(MailFault.Server, MailFailure.Of(new MailServerException("gone", new IOException())));
        Assert.Equal(MailFault.Server, MailFailure.Of(new AuthenticationException("no")));
        Assert.Equal(MailFault.Passing, MailFailure.Of(new IOException("broke off")));
        Assert.Equal(MailFault.Passing, MailFailure.Of(new InvalidOperationException("a fault of ours")));
        Assert.Equal(MailFault.Mail, MailFailure.Of(new ParseException("no address", 0, 0)));
    }
}
