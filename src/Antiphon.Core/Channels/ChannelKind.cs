namespace Antiphon.Core.Channels;

/// <summary>
/// Kinds of ways out beyond site and feed. Mail to subscribers is one of its own, with a delivery for each of them.
/// </summary>
public enum ChannelKind
{
    /// <summary>A network of short posts.</summary>
    Social,

    /// <summary>A site of somebody else that takes our posts by Micropub (W3C Recommendation, 23 May 2017).</summary>
    Partner,

    /// <summary>An address that is told what happens, as signed JSON.</summary>
    Webhook,

    /// <summary>A hub that passes on what is new in our feeds (WebSub, W3C Recommendation, 23 January 2018).</summary>
    Hub,

    /// <summary>Every page a post links to, where that page takes Webmention or Pingback.</summary>
    Pings,
}
