using Antiphon.Core.Feeds.Model;

namespace Antiphon.Core.Feeds.Writing;

/// <summary>
/// The archives of a feed (RFC 5005 §4): entries in the order of their appearance, so many in each, numbered from the
/// oldest, so that a full archive never changes when something new appears.
/// </summary>
/// <param name="Total">Entries there are.</param>
/// <param name="Size">Entries of one archive.</param>
/// <param name="Shown">Entries of the feed that is subscribed to; at least as many as an archive has, so that nothing
/// falls between.</param>
public sealed record FeedArchives(int Total, int Size, int Shown)
{
    /// <summary>Number of archives; none while the feed itself shows everything.</summary>
    public int Count => Total > Shown ? Total / Size : 0;

    /// <summary>Links of the feed that is subscribed to.</summary>
    /// <param name="addressOf">Address of an archive by its number, from 1.</param>
    public void LinkFeed(FeedPaging paging, Func<int, string> addressOf)
    {
        if (Count > 0)
            paging.PreviousArchive = addressOf(Count);
    }

    /// <summary>Links and mark of one archive.</summary>
    /// <param name="number">Number of the archive, from 1.</param>
    /// <param name="current">Address of the feed that is subscribed to.</param>
    /// <param name="addressOf">Address of an archive by its number.</param>
    public void LinkArchive(FeedPaging paging, int number, string current, Func<int, string> addressOf)
    {
        paging.IsArchive = true;
        paging.Current = current;
        paging.PreviousArchive = number > 1 ? addressOf(number - 1) : null;
        paging.NextArchive = number < Count ? addressOf(number + 1) : null;
    }
}
