using Antiphon.Tests;

namespace Antiphon.Core.Tests.Html;

public sealed class MutatedMarkupTests
{
    private static readonly string[] Seeds =
    [
        "<!doctype html><html lang=en><head><title>Log</title><link rel=alternate type=application/rss+xml href=/feed><meta property='og:title' content='Frost'></head><body><article class=h-entry>"
            + "<h1 class=p-name>Frost</h1><a class='u-in-reply-to' href='https://quillmoor.example/night'>re</a><div class=e-content><p>It <b>grows</b>.</p></div></article></body></html>",
        "<table><caption>Nights</caption><tr><th>Day<td>Moon<tr><td rowspan=2><ul><li>one<li>two</ul></table><select><option>x</select>",
        "<svg viewBox='0 0 1 1'><foreignObject><p>in</p></foreignObject><title>t</title></svg><math><mi>x</mi><annotation-xml encoding='text/html'><div>y</div></annotation-xml></math>",
        "<p class='block-contents'>x</p><h2>A</h2><span class=footnote>note</span><pre><code class=language-cs>\nvar x = 1 &lt; 2;</code></pre><figure class=picture><img src=/pictures/abc.jpg alt=x></figure>",
        "<template><div><template>x</template></div></template><noscript><p>y</noscript><!-- c --><![CDATA[z]]><?pi?><form><input name=a><textarea>\n<b></textarea></form><a href='javascript:x'>y</a>",
        "# Heading\n\n- one\n- [two](https://moor.example/)\n\n[code a=&quot;x&quot; b=1] **bold** `code`\n\n> quote",
    ];

    private static readonly string[] Pieces =
    [
        "<div>",
        "</div>",
        "<b>",
        "</b>",
        "<p>",
        "<table>",
        "<tr>",
        "<td>",
        "</table>",
        "<svg>",
        "</svg>",
        "<math>",
        "<template>",
        "</template>",
        "<select>",
        "<option>",
        "<script>",
        "</script>",
        "<style>",
        "<!--",
        "-->",
        "<a href=x>",
        "<",
        ">",
        "\"",
        "'",
        "&",
        "&#x0;",
        "&amp;",
        "\0",
        "\uD800",
        "<body a=1>",
        "<html b=2>",
        "<frameset>",
        "<plaintext>",
        "<h-entry class='h-entry p-x u-y'>",
        "<li>",
        "<br>",
        "[",
        "]",
        "=",
        "\n",
    ];

    /// <summary>
    /// A few thousand mutations in every run; ANTIPHON_MUTATIONS sets how many there are in a long one.
    /// </summary>
    [Fact]
    public void Whatever_becomes_of_a_page_every_reader_gets_through_it()
    {
        var random = new Random(20261130);
        for (var count = Mutations.Count(2000); count > 0; count--)
            MarkupReaders.ReadAll(Mutations.Of(Seeds[random.Next(Seeds.Length)], Pieces, random));
    }
}
