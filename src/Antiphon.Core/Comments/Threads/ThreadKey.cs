namespace Antiphon.Core.Comments.Threads;

/// <summary>Which thread an element of a page shows, as our snippets write it: "site" or "site/identifier".</summary>
/// <param name="Site">Public key of the site; has no slash.</param>
/// <param name="Identifier">
/// What stays when the page moves; empty where the canonical address of the page tells the thread.
/// </param>
public sealed record ThreadKey(string Site, string Identifier)
{
    /// <summary>Attribute of the element a thread is shown in.</summary>
    public const string Attribute = "data-antiphon-comments";

    /// <summary>Attribute of the element that shows how many comments a thread has.</summary>
    public const string CountAttribute = "data-antiphon-comment-count";

    /// <summary>Attribute with the page's address, where another than its canonical one shall count.</summary>
    public const string AddressAttribute = "data-antiphon-address";

    /// <summary>Attribute with the page's title, where another than it says itself shall be shown.</summary>
    public const string NameAttribute = "data-antiphon-name";

    /// <summary>Reads the value of <see cref="Attribute"/>.</summary>
    public static ThreadKey Of(string value)
    {
        var parts = value.Trim().Split('/', 2);
        return new ThreadKey(parts[0], parts.Length > 1 ? parts[1].Trim() : string.Empty);
    }

    /// <inheritdoc/>
    public override string ToString() => Identifier.Length == 0 ? Site : $"{Site}/{Identifier}";
}
