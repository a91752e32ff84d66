using System.Globalization;
using System.Net;
using System.Text;

namespace Antiphon.Benchmarks;

/// <summary>A feed as the world serves it: some 2 kB an entry, two thirds of it HTML with links and pictures.</summary>
/// <param name="Name">What is special about it.</param>
/// <param name="IsAtom">Atom 1.0 instead of RSS 2.0.</param>
/// <param name="IsEscaped">HTML escaped, instead of in a CDATA section.</param>
/// <param name="HasRelative">Addresses in the HTML are relative.</param>
internal sealed record RichFeed(string Name, bool IsAtom, bool IsEscaped, bool HasRelative)
{
    private const string Host = "https://quillmoor.example";

    /// <summary>The forms that are measured.</summary>
    public static IReadOnlyList<RichFeed> All { get; } =
    [
        new("RSS, CDATA, absolute", false, false, false),
        new("RSS, CDATA, relative", false, false, true),
        new("RSS, escaped, absolute", false, true, false),
        new("RSS, escaped, relative", false, true, true),
        new("Atom, CDATA, absolute", true, false, false),
        new("Atom, escaped, relative", true, true, true),
    ];

    /// <summary>The document.</summary>
    public string Of(int entries)
    {
        var xml = new StringBuilder("<?xml version=\"1.0\" encoding=\"utf-8\"?>");
        xml.Append(
            IsAtom
                ? $"<feed xmlns=\"http://www.w3.org/2005/Atom\" xml:base=\"{Host}/\"><id>{Host}/feed</id><title>The Night Log</title><updated>2026-11-24T09:30:00Z</updated><author><name>Imogen Tarrant</name></author><link href=\"{Host}/\"/><link rel=\"self\" type=\"application/atom+xml\" href=\"{Host}/feed\"/>"
                : $"<rss version=\"2.0\" xmlns:content=\"http://purl.org/rss/1.0/modules/content/\" xmlns:dc=\"http://purl.org/dc/elements/1.1/\" xml:base=\"{Host}/\"><channel><title>The Night Log</title><link>{Host}/</link><description>Nights</description>"
        );
        for (var number = 0; number < entries; number++)
            xml.Append(IsAtom ? AtomEntry(number) : Item(number));
        return xml.Append(IsAtom ? "</feed>" : "</channel></rss>").ToString();
    }

    private string Item(int number)
    {
        var date = DateOf(number).ToString("ddd, dd MMM yyyy HH:mm:ss 'GMT'", CultureInfo.InvariantCulture);
        return $"<item><title>Night {number} &amp; what it brought</title><link>{Host}/{number}</link><guid>{Host}/{number}</guid><pubDate>{date}</pubDate><dc:creator>Imogen Tarrant</dc:creator><category>Night Log</category><category>Planets</category><description>A short word about night {number}, the wind in the west and what came of it before the clouds did.</description><content:encoded>{Written(number)}</content:encoded></item>";
    }

    private string AtomEntry(int number)
    {
        var date = DateOf(number).ToString("yyyy-MM-dd'T'HH:mm:ss'Z'", CultureInfo.InvariantCulture);
        return $"<entry><id>{Host}/{number}</id><title>Night {number} &amp; what it brought</title><link href=\"{Host}/{number}\"/><published>{date}</published><updated>{date}</updated><category term=\"Night Log\"/><summary>A short word about night {number}, the wind in the west and what came of it before the clouds did.</summary><content type=\"html\">{Written(number)}</content></entry>";
    }

    private static DateTimeOffset DateOf(int number) => DateTimeOffset.UnixEpoch.AddYears(50).AddHours(number);

    private string Written(int number)
    {
        var html = Html(number);
        return IsEscaped ? WebUtility.HtmlEncode(html) : $"<![CDATA[{html}]]>";
    }

    private string Html(int number)
    {
        var top = HasRelative ? string.Empty : Host;
        var html = new StringBuilder();
        html.Append(
            CultureInfo.InvariantCulture,
            $"<p>We stood in the yard and <a href=\"{top}/sky/{number}\">looked up</a> for a while. The wind stayed in the west, and the ground was dry, which on this moor is <em>worth writing down</em>.</p><figure><img src=\"{top}/pictures/{number}.jpg\" alt=\"Saturn, low over the wall\" width=\"800\" height=\"500\"><figcaption>Saturn, low over the wall</figcaption></figure>"
        );
        for (var paragraph = 0; paragraph < 4; paragraph++)
            html.Append(
                CultureInfo.InvariantCulture,
                $"<p>Paragraph {paragraph} of night {number}: the <strong>rings</strong> were open wider than last year, and <a href=\"{top}/log/{number}#p{paragraph}\">the log of that evening</a> has the numbers. Nobody was cold until eleven, when the dew came.</p>"
            );
        html.Append(
            CultureInfo.InvariantCulture,
            $"<ul><li>Seeing: II</li><li>Transparency: good</li><li><a href=\"{top}/visit\">Come along</a></li></ul><blockquote><p>It was worth the walk.</p></blockquote>"
        );
        return html.ToString();
    }
}
