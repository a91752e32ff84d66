using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Feeds.Discovery;
using Antiphon.Core.Feeds.Model;
using Antiphon.Server.Blogs.Followed;
using Antiphon.Server.Platform.Language;

namespace Antiphon.Server.Blogs;

/// <summary>An address somebody gives to connect a blog.</summary>
internal sealed record DiscoverRequest(string Address);

/// <summary>What stands at the address.</summary>
/// <param name="Address">The address after redirects.</param>
/// <param name="Candidates">Feeds that were found and read, best first.</param>
internal sealed record DiscoverView(string Address, IReadOnlyList<CandidateView> Candidates);

/// <summary>A feed that can be followed.</summary>
/// <param name="Address">Its address.</param>
/// <param name="Title">Its title.</param>
/// <param name="Format">Its format.</param>
/// <param name="Version">Version of the format.</param>
/// <param name="Entries">Number of entries.</param>
/// <param name="Newest">Newest date, or null.</param>
/// <param name="Verdict">Result of the check.</param>
/// <param name="Errors">Number of errors found.</param>
/// <param name="Warnings">Number of warnings found.</param>
/// <param name="Latest">Titles of the latest entries, at most three.</param>
/// <param name="FoundBy">How it was found.</param>
/// <param name="IsComments">True for a feed of comments.</param>
/// <param name="Reason">Why it stands where it stands, in words.</param>
internal sealed record CandidateView(
    string Address,
    string? Title,
    FeedFormat? Format,
    string? Version,
    int Entries,
    DateTimeOffset? Newest,
    Verdict Verdict,
    int Errors,
    int Warnings,
    IReadOnlyList<string> Latest,
    FeedLinkKind FoundBy,
    bool IsComments,
    [property: TeamText] string Reason
);

/// <summary>Choosing a feed to follow. Without a name the feed's title is taken.</summary>
internal sealed record FollowRequest(string FeedAddress, string? Name);

/// <summary>A blog to be written here.</summary>
internal sealed record BlogRequest(string Name, string? Description);

/// <summary>A blog with its state.</summary>
internal sealed record BlogView(
    long Id,
    string Key,
    string Name,
    string? Description,
    string? HomeAddress,
    bool WrittenHere,
    int Posts,
    DateTimeOffset? Newest,
    FollowingView? Following
);
