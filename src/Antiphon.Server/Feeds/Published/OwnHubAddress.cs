namespace Antiphon.Server.Feeds.Published;

/// <summary>Where programs ask to be told of changes to our feeds; each feed names it (WebSub §4).</summary>
internal static class OwnHubAddress
{
    /// <summary>Address of the hub, below ours.</summary>
    public const string Path = "hub";
}
