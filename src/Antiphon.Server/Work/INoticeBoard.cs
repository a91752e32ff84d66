using Antiphon.Data;
using Antiphon.Data.Notices;

namespace Antiphon.Server.Work;

/// <summary>Where teams are told what they did not ask for.</summary>
internal interface INoticeBoard
{
    /// <summary>
    /// Adds a notice and its mails to the context; the caller saves, so that what is told and the telling are one
    /// transaction.
    /// </summary>
    Task AddAsync(AntiphonContext database, Notice notice, CancellationToken cancellation);
}
