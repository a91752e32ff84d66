namespace Antiphon.Core.Channels.Composing;

/// <summary>A link that tells where its readers came from.</summary>
public static class CampaignLink
{
    /// <summary>
    /// The address with what counts its readers; what the address has already stays, and its fragment stays last.
    /// </summary>
    /// <param name="address">Address of the post.</param>
    /// <param name="source">Where it stands, such as the name of a channel; empty for no counting.</param>
    /// <param name="medium">Kind of place, such as "social".</param>
    /// <param name="campaign">What it belongs to; empty for nothing.</param>
    public static string Of(string address, string source, string medium, string campaign)
    {
        if (source.Length == 0)
            return address;
        var (page, fragment) = address.IndexOf('#', StringComparison.Ordinal) is >= 0 and var at
            ? (address[..at], address[at..])
            : (address, string.Empty);
        var query =
            $"utm_source={Uri.EscapeDataString(source)}&utm_medium={Uri.EscapeDataString(medium)}"
            + (campaign.Length == 0 ? string.Empty : $"&utm_campaign={Uri.EscapeDataString(campaign)}");
        return page + (page.Contains('?', StringComparison.Ordinal) ? '&' : '?') + query + fragment;
    }
}
