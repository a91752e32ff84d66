namespace Antiphon.Core.Mentions;

/// <summary>How another site tells that it links here.</summary>
public enum MentionWay
{
    /// <summary>Webmention (W3C Recommendation, 12 January 2017).</summary>
    Webmention,

    /// <summary>Pingback 1.0, by XML-RPC.</summary>
    Pingback,

    /// <summary>Trackback, by a form.</summary>
    Trackback,
}
