using Antiphon.Core.Feeds.Model;

namespace Antiphon.Core.Feeds.Reading.Modules;

/// <summary>
/// Links to the other documents of a feed (RFC 5005; the registered relations first, last, next and previous of RFC
/// 8288).
/// </summary>
internal static class PagingLinks
{
    /// <summary>Takes a link of a feed; false when its relation is none of these.</summary>
    public static bool Take(FeedPaging paging, string relation, string? address)
    {
        switch (relation)
        {
            case "next":
                paging.Next ??= address;
                return true;
            case "previous" or "prev":
                paging.Previous ??= address;
                return true;
            case "first":
                paging.First ??= address;
                return true;
            case "last":
                paging.Last ??= address;
                return true;
            case "current":
                paging.Current ??= address;
                return true;
            case "prev-archive":
                paging.PreviousArchive ??= address;
                return true;
            case "next-archive":
                paging.NextArchive ??= address;
                return true;
            default:
                return false;
        }
    }

    /// <summary>Takes an element of the history namespace.</summary>
    public static void TakeMark(FeedPaging paging, string name)
    {
        paging.IsArchive |= name == "archive";
        paging.IsComplete |= name == "complete";
    }
}
