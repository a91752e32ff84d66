using System.Xml;
using Antiphon.Core.Feeds.Mending;
using CsCheck;

namespace Antiphon.Core.Tests.Feeds.Mending;

public sealed class XmlMenderTests
{
    private const string Good =
        "<?xml version=\"1.0\"?>\n<rss version=\"2.0\" xmlns:dc=\"http://purl.org/dc/elements/1.1/\"><channel><title>A &amp; B</title><!-- x --><item><title><![CDATA[<b>]]></title><dc:creator>Ida</dc:creator></item><item/></channel></rss>";

    [Theory]
    [InlineData("<a>Bread & butter</a>", "<a>Bread &amp; butter</a>", MendKind.StrayAmpersand)]
    [InlineData("<a b='x & y'/>", "<a b=\"x &amp; y\"/>", MendKind.StrayAmpersand)]
    [InlineData("<a>caf&eacute;&nbsp;&bogus;</a>", "<a>caf&#233;&#160;&amp;bogus;</a>", MendKind.HtmlEntity)]
    [InlineData("<a>1 < 2</a>", "<a>1 &lt; 2</a>", MendKind.StrayLessThan)]
    [InlineData("<a>bell\u0007 &#7;</a>", "<a>bell </a>", MendKind.ForbiddenCharacter)]
    [InlineData("<a><b>x</a>", "<a><b>x</b></a>", MendKind.ElementNotClosed)]
    [InlineData("<a><p>one<br>two</p></a>", "<a><p>one<br>two</br></p></a>", MendKind.ElementNotClosed)]
    [InlineData("<a>x</b></a>", "<a>x</a>", MendKind.EndWithoutStart)]
    [InlineData("<a b=c d/>", "<a b=\"c\" d=\"d\"/>", MendKind.AttributeForm)]
    [InlineData("<a b='1' b='2'/>", "<a b=\"1\" />", MendKind.AttributeTwice)]
    [InlineData(
        "<a><dc:x/></a>",
        "<a xmlns:dc=\"http://purl.org/dc/elements/1.1/\"><dc:x/></a>",
        MendKind.PrefixNotDeclared
    )]
    [InlineData("<a><q:x/></a>", "<a xmlns:q=\"urn:prefix:q\"><q:x/></a>", MendKind.PrefixNotDeclared)]
    [InlineData(
        "<a><b xmlns:dc='urn:x'/><dc:x/></a>",
        "<a xmlns:dc=\"http://purl.org/dc/elements/1.1/\"><b xmlns:dc=\"urn:x\"/><dc:x/></a>",
        MendKind.PrefixNotDeclared
    )]
    [InlineData(
        "<a xmlns:q='' xmlns:q='urn:x'><q:x/></a>",
        "<a xmlns:q=\"urn:prefix:q\"  ><q:x/></a>",
        MendKind.PrefixNotDeclared
    )]
    [InlineData("<a><b>", "<a><b></b></a>", MendKind.BrokenOff)]
    [InlineData("<a><![CDATA[open", "<a><![CDATA[open]]></a>", MendKind.SectionNotClosed)]
    [InlineData("<a/><b/>", "<a/>", MendKind.SecondRoot)]
    [InlineData("<item>1<item>2</item></item>", "<item>1</item>", MendKind.SecondRoot)]
    [InlineData("<a/>done", "<a/>", MendKind.TextOutside)]
    [InlineData("<r><item>1</item><item>2", "<r><item>1</item></r>", MendKind.BrokenOff)]
    [InlineData("<r><item>1<item>2</item></r>", "<r><item>1</item><item>2</item></r>", MendKind.ElementNotClosed)]
    public void WhatIsWrongIsMendedWithAsLittleAsDoes(string broken, string mended, MendKind kind)
    {
        var (text, mends) = XmlMender.Mend(broken);
        Assert.Equal(mended, text);
        Assert.Contains(mends, mend => mend.Kind == kind);
        new XmlDocument { XmlResolver = null }.LoadXml(text);
    }

    [Fact]
    public void WhatIsRightStaysAsItIs()
    {
        var (text, mends) = XmlMender.Mend(Good);
        Assert.Equal((Good, 0), (text, mends.Count));
    }

    [Fact]
    public void AMendHasItsPlaceAndLinesStay()
    {
        var (text, mends) = XmlMender.Mend("junk\nmore\n<a>\n x & y\n</a>");
        Assert.Equal(
            [(1, 1, MendKind.TextOutside), (4, 4, MendKind.StrayAmpersand)],
            mends.Select(mend => (mend.Line, mend.Column, mend.Kind))
        );
        Assert.Equal(4, text.Split('\n').TakeWhile(line => !line.Contains("x &amp; y")).Count() + 1);
    }

    [Fact]
    public void ADoctypeIsLeftOutWithItsEntities() =>
        Assert.Equal("\n<a>&amp;x;</a>", XmlMender.Mend("<!DOCTYPE a [<!ENTITY x \"boom\">\n]><a>&x;</a>").Text);

    [Fact]
    public void WhateverIsDamagedComesOutWellFormed() =>
        Gen.Select(Gen.Int[0, Good.Length - 1], Gen.Int[0, 6], Gen.Int[0, 9])
            .Array[1, 6]
            .Sample(
                cuts =>
                {
                    string[] junk = ["", "<", "&", ">", "\"", "</", "<x>", "]]>", "\u0001", "='"];
                    var damaged = cuts.Aggregate(Good, (text, cut) =>
                        cut.Item1 < text.Length
                            ? text.Remove(cut.Item1, Math.Min(cut.Item2, text.Length - cut.Item1))
                                .Insert(cut.Item1, junk[cut.Item3])
                            : text
                    );
                    var (mended, mends) = XmlMender.Mend(damaged);
                    if (mended.Trim().Length == 0)
                        return;
                    Assert.NotNull(Read(mended));
                    Assert.All(mends, mend => Assert.True(mend.Line >= 1 && mend.Column >= 1));

                    static XmlDocument? Read(string text)
                    {
                        var document = new XmlDocument { XmlResolver = null };
                        using var reader = XmlReader.Create(
                            new StringReader(text),
                            new XmlReaderSettings { DtdProcessing = DtdProcessing.Ignore }
                        );
                        try
                        {
                            document.Load(reader);
                            return document;
                        }
                        catch (XmlException none)
                            when (none.Message.Contains("Root element is missing", StringComparison.Ordinal))
                        {
                            return document;
                        }
                    }
                },
                iter: 10_000
            );
}
