namespace Antiphon.Core.Tests.Architecture;

/// <summary>
/// The map: which area may take from which. Whoever needs another arrow writes it here, where it is read; a circle is
/// none that can be written.
/// </summary>
internal static class AreaMap
{
    /// <summary>
    /// The areas of a project with those they may take from, in the order in which they stand on each other.
    /// </summary>
    public static IReadOnlyList<(string Area, string[] MayTake)> Of(string project) =>
        project switch
        {
            "Antiphon.Core" => Core,
            "Antiphon.Data" => Data,
            "Antiphon.Server" => Server,
            "app" => App,
            _ => throw new ArgumentOutOfRangeException(nameof(project)),
        };

    private static IReadOnlyList<(string Area, string[] MayTake)> Core { get; } =
    [
        ("Languages", []),
        ("Referrals", []),
        ("Sites", []),
        ("Tables", []),
        ("Text", []),
        ("Time", []),
        ("Work", []),
        ("Findings", ["Text"]),
        ("Html", ["Text"]),
        ("Feeds", ["Findings", "Html", "Text"]),
        ("Pictures", ["Html"]),
        ("Channels", ["Feeds", "Findings", "Text", "Time"]),
        ("Comments", ["Feeds", "Html", "Tables", "Text", "Time"]),
        ("Mentions", ["Feeds", "Html", "Text"]),
        ("Posts", ["Channels", "Comments", "Feeds", "Findings", "Html", "Languages", "Text"]),
        ("Importing", ["Feeds", "Html", "Posts", "Tables", "Text", "Time"]),
        ("Listings", ["Posts"]),
        ("Coverage", ["Listings", "Posts"]),
        ("Mailing", ["Channels", "Findings", "Html", "Languages", "Listings", "Text", "Time"]),
        ("PublicPages", ["Html", "Listings"]),
        ("Subscribers", ["Mailing", "Tables", "Text"]),
    ];

    private static IReadOnlyList<(string Area, string[] MayTake)> Data { get; } =
    [
        ("Accounts", []),
        ("Conversions", []),
        ("Upgrading", []),
        ("Work", []),
        ("Pictures", ["Conversions"]),
        ("Sites", ["Accounts", "Conversions"]),
        ("Blogs", ["Conversions", "Sites", "Work"]),
        ("Listings", ["Conversions", "Sites", "Work"]),
        ("Outgoing", ["Sites", "Work"]),
        ("Feeds", ["Blogs", "Conversions", "Sites", "Work"]),
        ("Importing", ["Blogs", "Conversions", "Work"]),
        ("Notices", ["Outgoing", "Sites"]),
        ("Posts", ["Blogs", "Conversions", "Sites", "Work"]),
        ("Channels", ["Conversions", "Posts", "Sites", "Work"]),
        ("Mentions", ["Posts", "Sites", "Work"]),
        ("Referrals", ["Posts"]),
        ("Subscribers", ["Conversions", "Listings", "Posts", "Sites"]),
        ("Comments", ["Accounts", "Conversions", "Mentions", "Pictures", "Posts", "Sites", "Work"]),
        ("Mailing", ["Conversions", "Posts", "Sites", "Subscribers", "Work"]),
    ];

    private static IReadOnlyList<(string Area, string[] MayTake)> Server { get; } =
    [
        ("Platform", []),
        ("Work", []),
        ("Outgoing", ["Platform", "Work"]),
        ("Pages", ["Platform"]),
        ("Search", ["Platform"]),
        ("Blogs", ["Outgoing", "Platform", "Work"]),
        ("Notices", ["Outgoing", "Platform", "Work"]),
        ("Pictures", ["Outgoing", "Platform"]),
        ("Referrals", ["Pages", "Platform"]),
        ("Sites", ["Outgoing", "Platform"]),
        ("Comments", ["Outgoing", "Pages", "Pictures", "Platform", "Sites", "Work"]),
        ("Posts", ["Notices", "Outgoing", "Pages", "Pictures", "Platform", "Search", "Work"]),
        ("Channels", ["Outgoing", "Pages", "Platform", "Posts", "Work"]),
        ("Importing", ["Outgoing", "Pages", "Pictures", "Platform", "Posts", "Work"]),
        ("Listings", ["Outgoing", "Pages", "Platform", "Posts", "Search", "Work"]),
        ("Mentions", ["Comments", "Outgoing", "Pages", "Platform", "Posts", "Work"]),
        ("Subscribers", ["Notices", "Outgoing", "Pages", "Platform", "Posts", "Work"]),
        (
            "Demo",
            ["Blogs", "Channels", "Comments", "Listings", "Outgoing", "Pictures", "Platform", "Posts", "Subscribers"]
        ),
        ("Embed", ["Comments", "Listings", "Pages", "Platform"]),
        ("Feeds", ["Listings", "Notices", "Outgoing", "Pages", "Platform", "Posts", "Work"]),
        ("Mailing", ["Outgoing", "Pages", "Platform", "Posts", "Subscribers", "Work"]),
        ("PublicPages", ["Comments", "Listings", "Outgoing", "Pages", "Platform", "Posts", "Referrals", "Search"]),
        ("Coverage", ["Comments", "Listings", "Mailing", "Pages", "Platform", "Posts"]),
        ("Exporting", ["Feeds", "Pages", "Pictures", "Platform", "Posts", "PublicPages"]),
    ];

    private static IReadOnlyList<(string Area, string[] MayTake)> App { get; } =
    [
        ("texts", []),
        ("api", ["texts"]),
        ("styles", ["texts"]),
        ("shared", ["api", "texts"]),
        ("channels", ["api", "shared", "texts"]),
        ("importing", ["api", "shared", "texts"]),
        ("listings", ["api", "shared", "texts"]),
        ("mentions", ["api", "shared", "texts"]),
        ("notices", ["api", "shared", "texts"]),
        ("pictures", ["api", "shared", "texts"]),
        ("sites", ["api", "shared", "texts"]),
        ("accounts", ["api", "shared", "sites", "texts"]),
        ("comments", ["api", "mentions", "shared", "texts"]),
        ("coverage", ["api", "notices", "shared", "texts"]),
        ("feeds", ["api", "notices", "shared", "texts"]),
        ("referrals", ["api", "channels", "shared", "texts"]),
        ("subscribers", ["api", "channels", "shared", "texts"]),
        ("blogs", ["api", "feeds", "listings", "shared", "texts"]),
        ("frame", ["accounts", "api", "comments", "notices", "shared", "styles", "texts"]),
        ("posts", ["api", "channels", "comments", "pictures", "shared", "texts"]),
        ("mailing", ["api", "channels", "posts", "shared", "texts"]),
        ("timeline", ["api", "channels", "mailing", "shared", "texts"]),
    ];
}
