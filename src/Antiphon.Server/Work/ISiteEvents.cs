using Antiphon.Core.Channels;

namespace Antiphon.Server.Work;

/// <summary>Where an area says what happened on a site, for programs outside that want to hear of it.</summary>
internal interface ISiteEvents
{
    /// <summary>
    /// Notes what happened in the context of the request; the caller saves, so that it and its telling are one
    /// transaction.
    /// </summary>
    /// <param name="site">The site.</param>
    /// <param name="what">What happened.</param>
    /// <param name="data">What is said of it, made only when somebody wants to hear. Members are added over time and
    /// never change their meaning.</param>
    /// <param name="cancellation">Ends it early.</param>
    Task NoteAsync(long site, ChannelEvent what, Func<object> data, CancellationToken cancellation);

    /// <summary>What was noted is saved: it goes out at once instead of at the next look.</summary>
    void Saved();
}
