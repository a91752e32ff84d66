using System.ComponentModel.DataAnnotations;

namespace Antiphon.Server.Platform.Accounts;

/// <summary>Settings of accounts, section "Accounts".</summary>
internal sealed class AccountOptions
{
    /// <summary>Who may register further sites. Default: the owner of the installation.</summary>
    public SiteRegistrants SitesBy { get; set; } = SiteRegistrants.Owner;

    /// <summary>
    /// Longest pause before the answer to a sign-in after wrong passwords for the same address, in seconds. Default 8.
    /// </summary>
    [Range(0, 30)]
    public int LongestPauseSeconds { get; set; } = 8;

    /// <summary>
    /// Wrong passwords from one network within a quarter of an hour after which it has to wait. Default 60.
    /// </summary>
    [Range(5, 10_000)]
    public int FailuresOfNetwork { get; set; } = 60;
}

/// <summary>Who may register sites.</summary>
internal enum SiteRegistrants
{
    /// <summary>Whoever made the first account.</summary>
    Owner,

    /// <summary>Whoever owns a site.</summary>
    SiteOwners,

    /// <summary>Everybody with an account.</summary>
    Everybody,
}
