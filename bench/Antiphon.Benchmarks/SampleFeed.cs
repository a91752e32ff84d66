using System.Globalization;
using System.Text;

namespace Antiphon.Benchmarks;

/// <summary>A feed of any length, always the same.</summary>
internal static class SampleFeed
{
    /// <summary>RSS 2.0 with full text, as blogs write it.</summary>
    public static string Rss(int entries)
    {
        var xml = new StringBuilder(
            "<?xml version=\"1.0\" encoding=\"utf-8\"?><rss version=\"2.0\" xmlns:content=\"http://purl.org/rss/1.0/modules/content/\" xmlns:dc=\"http://purl.org/dc/elements/1.1/\"><channel><title>The Night Log</title><link>https://quillmoor.example/</link><description>Nights</description>"
        );
        for (var i = 0; i < entries; i++)
        {
            var date = DateTimeOffset
                .UnixEpoch.AddYears(50)
                .AddHours(i)
                .ToString("ddd, dd MMM yyyy HH:mm:ss 'GMT'", CultureInfo.InvariantCulture);
            xml.Append(
                CultureInfo.InvariantCulture,
                $"<item><title>Night {i} &amp; what it brought</title><link>https://quillmoor.example/{i}</link><guid>https://quillmoor.example/{i}</guid><pubDate>{date}</pubDate><dc:creator>Imogen Tarrant</dc:creator><category>Night Log</category><description>A short word about night {i}.</description><content:encoded><![CDATA[<p>We stood in the yard and <a href=\"https://quillmoor.example/sky\">looked up</a> for a while. The wind stayed in the west and the ground was dry, which on this moor is worth writing down.</p><p>Number {i}.</p>]]></content:encoded></item>"
            );
        }

        return xml.Append("</channel></rss>").ToString();
    }
}
