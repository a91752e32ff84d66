namespace Antiphon.Core.Html;

/// <summary>What a link says of its target to search engines and browsers, in its attribute rel.</summary>
internal static class LinkRanks
{
    /// <summary>Of a link that a reader or another site wrote: it speaks for neither of us.</summary>
    public const string OfOthers = "nofollow ugc noopener";

    // What an owner may mean by a link; anything else is left out.
    private static readonly HashSet<string> Meant = new(StringComparer.OrdinalIgnoreCase)
    {
        "author",
        "external",
        "license",
        "me",
        "nofollow",
        "noopener",
        "noreferrer",
        "sponsored",
        "tag",
        "ugc",
    };

    // Not meant by anybody: what our pages and our editor once wrote on every link.
    private static readonly string[] Habits = ["noopener nofollow ugc", "noopener noreferrer nofollow"];

    /// <summary>Of a link an owner wrote: what they said of it, or nothing.</summary>
    public static string? OfOwner(string? written)
    {
        if (written is null || Habits.Contains(written))
            return null;
        var meant = written
            .Split((char[]?)null, StringSplitOptions.RemoveEmptyEntries)
            .Where(Meant.Contains)
            .Distinct();
        return string.Join(' ', meant) is { Length: > 0 } ranks ? ranks : null;
    }
}
