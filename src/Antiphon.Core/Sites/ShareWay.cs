namespace Antiphon.Core.Sites;

/// <summary>A place at which readers pass a post on: a plain link, nothing is loaded from there.</summary>
/// <param name="Name">What the place is called.</param>
/// <param name="Address">Its address for sharing, with "{link}" where the post's address goes and, if wanted,
/// "{title}".
/// "{url}", which it was called before, is filled as well.</param>
public sealed record ShareWay(string Name, string Address)
{
    /// <summary>Longest name and most ways of a site.</summary>
    public const int LongestName = 40,
        Most = 8;

    private const int LongestAddress = 500;
    private const string Link = "{link}",
        EarlierLink = "{url}",
        Title = "{title}";

    /// <summary>By mail, which every site has.</summary>
    public static ShareWay ByMail(string name) => new(name, "mailto:?subject={title}&body={link}");

    /// <summary>The link that passes a post on.</summary>
    /// <param name="title">Title of the post.</param>
    /// <param name="address">Its address.</param>
    public string LinkFor(string title, string address) =>
        Address
            .Replace(Title, Uri.EscapeDataString(title), StringComparison.Ordinal)
            .Replace(EarlierLink, Link, StringComparison.Ordinal)
            .Replace(Link, Uri.EscapeDataString(address), StringComparison.Ordinal);

    /// <summary>What cannot work, and what to do about it; null when all can.</summary>
    public (string Field, string Remedy)? Problem()
    {
        if (string.IsNullOrWhiteSpace(Name) || Name.Length > LongestName)
            return ("name", $"Enter a name of up to {LongestName} characters.");
        // Filled in to be read, as braces are no part of an address.
        var isWeb =
            Address.Length <= LongestAddress
            && Uri.TryCreate(LinkFor("a", "https://a.example/"), UriKind.Absolute, out var read)
            && read.Scheme is "https" or "http";
        if (!isWeb)
            return ("address", "Enter a full address starting with https://.");
        var hasLink =
            Address.Contains(Link, StringComparison.Ordinal) || Address.Contains(EarlierLink, StringComparison.Ordinal);
        return hasLink ? null : ("address", "Write {link} where the address of the post goes.");
    }
}
