namespace Antiphon.Core.Channels.Protocols;

/// <summary>How a partner takes posts.</summary>
public enum PartnerProtocol
{
    /// <summary>Micropub (W3C Recommendation, 23 May 2017).</summary>
    Micropub,

    /// <summary>The Atom Publishing Protocol (RFC 5023), which older sites take.</summary>
    AtomPub,
}
