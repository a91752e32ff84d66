using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Outgoing;

namespace Antiphon.Server.Outgoing.Mail;

/// <summary>Takes plain mails to be sent.</summary>
internal sealed class LetterBox(IKeySource keys, TimeProvider clock)
{
    /// <summary>
    /// Adds a letter to the context; the caller saves, so that what is told and the telling are one transaction.
    /// </summary>
    public void Post(
        AntiphonContext database,
        long site,
        string address,
        string subject,
        string text,
        string? answerTo = null,
        string? stopAddress = null
    ) =>
        database.Letters.Add(
            new Letter
            {
                SiteId = site,
                Key = keys.NewKey(24),
                Address = address,
                Subject = subject,
                Text = text,
                AnswerTo = answerTo,
                StopAddress = stopAddress,
                NextAttemptAt = clock.GetUtcNow(),
            }
        );
}
