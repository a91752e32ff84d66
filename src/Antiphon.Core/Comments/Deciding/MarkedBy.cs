namespace Antiphon.Core.Comments.Deciding;

/// <summary>What a banned or trusted writer is told by.</summary>
public enum MarkedBy
{
    /// <summary>The mail they give.</summary>
    Mail,

    /// <summary>The name they give, for writers without a mail.</summary>
    Name,

    /// <summary>The network address they write from, known by a keyed hash and for thirty days at most.</summary>
    Place,

    /// <summary>The network that address belongs to: its first 24 bits, or 48 of the longer addresses.</summary>
    Network,

    /// <summary>A host that addresses in the text or the mail lead to.</summary>
    Host,
}
