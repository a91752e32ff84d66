namespace Antiphon.Core.Mailing.Drawing;

/// <summary>What a digest is made of.</summary>
/// <param name="Site">Name of the site.</param>
/// <param name="SiteAddress">Its home page.</param>
/// <param name="Language">Language of the mail, a BCP 47 tag.</param>
/// <param name="Date">Date of sending as readers of the site read it.</param>
/// <param name="Shown">Posts shown as the form says.</param>
/// <param name="Titles">Posts that stand below as titles.</param>
/// <param name="OpenedAddress">Address of the dot that counts openings; null for none.</param>
public sealed record DigestContent(
    string Site,
    string SiteAddress,
    string Language,
    string Date,
    IReadOnlyList<DigestEntry> Shown,
    IReadOnlyList<DigestEntry> Titles,
    string? OpenedAddress = null
);
