using System.Net;
using Antiphon.Core.Html;

namespace Antiphon.Core.Feeds.Checking.Examining.Texts;

/// <summary>The tags of HTML as they are written, one after the other, with what is known of their elements.</summary>
internal sealed class HtmlTags(string html)
{
    private static readonly HtmlElement Doctype = HtmlElement.Unknown("!doctype");

    /// <summary>Place behind the tag that was taken last.</summary>
    public int Position { get; private set; }

    /// <summary>The next tag, or null at the end.</summary>
    public HtmlTag? Next()
    {
        var scan = new TagScan(html, Position, withEnds: true);
        if (!scan.NextTag())
        {
            Position = scan.Position;
            return null;
        }

        List<HtmlAttribute>? attributes = null;
        while (scan.NextAttribute())
            (attributes ??= []).Add(AttributeOf(in scan));
        Position = scan.Position;
        var element = scan.Name[0] == '!' ? Doctype : HtmlVocabulary.Of(scan.Name);
        return new HtmlTag(
            scan.TagStart,
            element,
            scan.IsEnd,
            attributes ?? (IReadOnlyList<HtmlAttribute>)[],
            scan.IsBroken
        );
    }

    private static HtmlAttribute AttributeOf(in TagScan scan)
    {
        var isQuoted = scan.ValueEnd - scan.ValueStart > scan.Value.Length;
        var at = scan.ValueEnd == scan.ValueStart ? scan.AttributeStart : scan.ValueStart + (isQuoted ? 1 : 0);
        return new HtmlAttribute(at, NameOf(scan.AttributeName), Decoded(scan.Value.ToString()));
    }

    private static string NameOf(ReadOnlySpan<char> name) =>
        HtmlVocabulary.AttributeNames.TryGetValue(name, out var known) ? known : name.ToString().ToLowerInvariant();

    private static string Decoded(string value) =>
        value.Contains('&', StringComparison.Ordinal) ? WebUtility.HtmlDecode(value) : value;
}
