using Antiphon.Data;
using Antiphon.Data.Outgoing;
using Antiphon.Data.Sites;
using Antiphon.Server.Work;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Outgoing.Mail;

/// <summary>Sends plain mails to one person.</summary>
internal sealed class LetterWorker(Leases<Letter> leases, MailTools tools) : MailWorker<Letter>(leases, tools)
{
    /// <inheritdoc/>
    protected override IQueryable<Letter> All(AntiphonContext database) =>
        database.Letters.Include(letter => letter.Site);

    /// <inheritdoc/>
    protected override Site SiteOf(Letter due) => due.Site;

    /// <inheritdoc/>
    protected override (string Subject, string Text) WordsOf(Letter due, string? language) => (due.Subject, due.Text);

    /// <inheritdoc/>
    protected override string? AnswerTo(Letter due) => due.AnswerTo;

    /// <inheritdoc/>
    protected override string? StopAddress(Letter due) => due.StopAddress;

    /// <inheritdoc/>
    protected override GivenUp? LossOf(Letter due) =>
        new(due.SiteId, $"The email “{due.Subject}” to {due.Address} was not sent", "channels/mail");
}
