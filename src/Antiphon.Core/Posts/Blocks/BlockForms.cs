using System.Net;

namespace Antiphon.Core.Posts.Blocks;

/// <summary>
/// The forms readers meet in a text. They are plain posts that work without script; the field nobody sees is filled by
/// programs alone.
/// </summary>
internal static class BlockForms
{
    private static string Trap(BlockTexts texts) =>
        $"<p hidden><label>{Encode(texts.Trap)} <input name=\"website\" tabindex=\"-1\" autocomplete=\"off\"></label></p>";

    /// <summary>Name, mail address and message, sent to the team.</summary>
    public static string Question(string address, BlockTexts texts) =>
        $"<form class=\"block-form question\" method=\"post\" action=\"{Encode(address)}\"><strong>{Encode(texts.Ask)}</strong>"
        + $"<label>{Encode(texts.Name)} <input name=\"name\" required maxlength=\"100\" autocomplete=\"name\"></label>"
        + $"<label>{Encode(texts.Mail)} <input name=\"mail\" type=\"email\" required maxlength=\"200\" autocomplete=\"email\"></label>"
        + $"<label>{Encode(texts.Message)} <textarea name=\"message\" required rows=\"4\" maxlength=\"5000\"></textarea></label>{Trap(texts)}<button>{Encode(texts.Send)}</button></form>";

    /// <summary>A mail address, to which new posts are sent once it is confirmed.</summary>
    public static string Subscribe(string address, BlockTexts texts) =>
        $"<form class=\"block-form subscribe\" method=\"post\" action=\"{Encode(address)}\"><label>{Encode(texts.Mail)} <input name=\"mail\" type=\"email\" required maxlength=\"200\" autocomplete=\"email\"></label>{Trap(texts)}"
        + $"<button>{Encode(texts.Subscribe)}</button><small>{Encode(texts.SubscribeHint)}</small></form>";

    /// <summary>Places where the site can be followed.</summary>
    public static string Follow(IReadOnlyList<FollowLink> links, BlockTexts texts)
    {
        var items = links.Select(link =>
            $"<li><a href=\"{Encode(link.Address)}\" rel=\"me noopener\">{Encode(link.Name)}</a></li>"
        );
        return $"<nav class=\"block-links\" aria-label=\"{Encode(texts.Follow)}\"><strong>{Encode(texts.Follow)}</strong><ul>{string.Concat(items)}</ul></nav>";
    }

    private static string Encode(string text) => WebUtility.HtmlEncode(text);
}
