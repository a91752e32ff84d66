using Antiphon.Data;
using Antiphon.Data.Notices;
using Antiphon.Data.Sites;
using Antiphon.Server.Outgoing.Mail;
using Antiphon.Server.Platform;
using Antiphon.Server.Platform.Language;
using Antiphon.Server.Work;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Notices;

/// <summary>Sends the mails of notices.</summary>
internal sealed class NoticeMailWorker(Leases<NoticeMail> leases, MailTools tools, IOptions<AntiphonOptions> antiphon)
    : MailWorker<NoticeMail>(leases, tools)
{
    /// <inheritdoc/>
    protected override IQueryable<NoticeMail> All(AntiphonContext database) =>
        database.NoticeMails.Include(mail => mail.Notice.Site);

    /// <inheritdoc/>
    protected override Site SiteOf(NoticeMail due) => due.Notice.Site;

    /// <inheritdoc/>
    protected override (string Subject, string Text) WordsOf(NoticeMail due, string? language)
    {
        var notice = due.Notice;
        var (title, text) = (TeamTexts.Say(notice.Title, language), TeamTexts.Say(notice.Text, language));
        var why = TeamTexts.Say($"You get this because you belong to the team of {notice.Site.Name}.", language);
        return (title, $"{title}.\n\n{text}\n\n{antiphon.Value.AddressOf(notice.Path)}\n\n{why}\n");
    }

    /// <summary>
    /// Nothing: the notice itself stands on the screen, and another one about its mail would only fail as well.
    /// </summary>
    protected override GivenUp? LossOf(NoticeMail due) => null;
}
