namespace Antiphon.Core.Subscribers;

/// <summary>What becomes of a row of a list.</summary>
public enum ListedKind
{
    /// <summary>A new subscriber.</summary>
    New,

    /// <summary>Gets mails already.</summary>
    Known,

    /// <summary>Ended the mails, and is not brought back.</summary>
    Left,

    /// <summary>Stands in the list a second time.</summary>
    Twice,

    /// <summary>Holds no mail address.</summary>
    NoAddress,

    /// <summary>Is an address mails come back from, or whose owner called them unwanted.</summary>
    Bounced,

    /// <summary>
    /// New to the site, and the list says that they ended the mails; kept, so that no other list brings them back.
    /// </summary>
    NewLeft,

    /// <summary>New to the site, and the list says that mails come back from there; kept without getting any.</summary>
    NewBounced,
}
