namespace Antiphon.Core.Sites;

/// <summary>A place at which readers pass a post on: a plain link, nothing is loaded from there.</summary>
/// <param name="Name">What the place is called.</param>
/// <param name="Address">Its address for passing on, with "{url}" where the post's address goes and, if wanted,
/// "{title}".</param>
public sealed record ShareWay(string Name, string Address)
{
    /// <summary>Longest name and most ways of a site.</summary>
    public const int LongestName = 40,
        Most = 8;

    private const int LongestAddress = 500;
    private const string Url = "{url}",
        Title = "{title}";

    /// <summary>By mail, which every site has.</summary>
    public static ShareWay ByMail(string name) => new(name, "mailto:?subject={title}&body={url}");

    /// <summary>The link that passes a post on.</summary>
    /// <param name="title">Title of the post.</param>
    /// <param name="address">Its address.</param>
    public string LinkFor(string title, string address) =>
        Address
            .Replace(Title, Uri.EscapeDataString(title), StringComparison.Ordinal)
            .Replace(Url, Uri.EscapeDataString(address), StringComparison.Ordinal);

    /// <summary>What cannot work, and what to do about it; null when all can.</summary>
    public (string Field, string Remedy)? Problem()
    {
        if (string.IsNullOrWhiteSpace(Name) || Name.Length > LongestName)
            return ("name", $"Say what the place is called, in up to {LongestName} characters.");
        // Filled in to be read, as braces are no part of an address.
        var isWeb =
            Address.Length <= LongestAddress
            && Uri.TryCreate(LinkFor("a", "https://a.example/"), UriKind.Absolute, out var read)
            && read.Scheme is "https" or "http";
        if (!isWeb)
            return ("address", "Enter the whole address, starting with https://.");
        return Address.Contains(Url, StringComparison.Ordinal)
            ? null
            : ("address", "Put {url} where the address of the post goes.");
    }
}
