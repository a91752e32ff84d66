namespace Antiphon.Core.Feeds.Checking.Examining.Texts;

/// <summary>An element of HTML, as far as a text in a feed is concerned.</summary>
/// <param name="Name">Its name in small letters.</param>
/// <param name="IsVoid">Whether it has no end tag.</param>
/// <param name="MayStayOpen">Whether its end tag may be left out.</param>
/// <param name="IsBlock">Whether it ends an open paragraph.</param>
/// <param name="IsUnsafe">Whether readers remove it.</param>
/// <param name="IsOfPages">Whether it is of a whole page.</param>
/// <param name="IsKnown">Whether HTML has it; a hyphen makes one that its author defines.</param>
/// <param name="IsObsolete">Whether HTML had it once (HTML Standard, §16.2).</param>
internal sealed record HtmlElement(
    string Name,
    bool IsVoid,
    bool MayStayOpen,
    bool IsBlock,
    bool IsUnsafe,
    bool IsOfPages,
    bool IsKnown,
    bool IsObsolete
)
{
    /// <summary>An element that is not in the tables.</summary>
    /// <param name="name">Its name in small letters.</param>
    public static HtmlElement Unknown(string name) =>
        new(name, false, false, false, false, false, IsKnown: name.AsSpan().ContainsAny('-', ':'), false);
}
