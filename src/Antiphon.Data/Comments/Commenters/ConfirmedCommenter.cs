namespace Antiphon.Data.Comments.Commenters;

/// <summary>A reader whose mail address was confirmed by a link.</summary>
public sealed class ConfirmedCommenter
{
    /// <summary>Id of the site the confirmed reader belongs to.</summary>
    public long SiteId { get; set; }

    /// <summary>The address in lower case.</summary>
    public string Mail { get; set; } = string.Empty;

    /// <summary>When the reader followed the link in the mail.</summary>
    public DateTimeOffset ConfirmedAt { get; set; }
}
