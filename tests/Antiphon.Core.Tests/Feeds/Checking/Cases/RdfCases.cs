namespace Antiphon.Core.Tests.Feeds.Checking.Cases;

/// <summary>Cases of the rules of RSS 1.0.</summary>
internal static class RdfCases
{
    private const string Item = "<item rdf:about=\"https://quillmoor.example/1\">";
    private const string Listed = "<rdf:li rdf:resource=\"https://quillmoor.example/1\"/>";
    private const string Image = "<image rdf:about=\"https://quillmoor.example/i.png\"><title>Log</title><url>https://quillmoor.example/i.png</url><link>https://quillmoor.example/</link></image>";

    /// <summary>Rules with the document that raises them.</summary>
    public static IEnumerable<(string Id, Spoilt Case)> All =>
        [
            Case.Rdf("rdf-element-missing", "<link>https://quillmoor.example/1</link>", ""),
            Case.Rdf("rdf-element-missing", "<title>First light</title>", "<title/>"),
            Case.Rdf("rdf-element-missing", "<description>What was seen</description>", ""),
            Case.Rdf("rdf-element-unknown", "<description>Clear and cold</description>", "<summary>Clear and cold</summary>"),
            Case.Rdf("rdf-element-misplaced", "<description>Clear and cold</description>", "<url>https://quillmoor.example/1</url>"),
            Case.Rdf("rdf-element-misplaced", "<description>What was seen</description>", "<description>What was seen</description><item rdf:about=\"https://quillmoor.example/9\"><title>x</title><link>https://quillmoor.example/9</link></item>"),
            Case.Rdf("rdf-element-case", "<description>Clear and cold</description>", "<Description>Clear and cold</Description>"),
            Case.Rdf("rdf-element-repeated", "<title>First light</title>", "<title>First light</title><title>Again</title>"),
            Case.Rdf("rdf-attribute-unknown", Item, "<item rdf:about=\"https://quillmoor.example/1\" lang=\"en\">"),
            Case.Rdf("rdf-stray-text", "<description>Clear and cold</description>", "<description>Clear and cold</description> indeed"),
            Case.Rdf("rdf-markup-not-escaped", "<description>Clear and cold</description>", "<description>Clear <b>and</b> cold</description>"),
            Case.Rdf("rdf-about-missing", "<channel rdf:about=\"https://quillmoor.example/feed\">", "<channel>"),
            Case.Rdf("rdf-about-duplicate", "</item>", "</item><item rdf:about=\"https://quillmoor.example/1\"><title>x</title><link>https://quillmoor.example/1</link></item>"),
            Case.Rdf("rdf-about-invalid", "channel rdf:about=\"https://quillmoor.example/feed\"", "channel rdf:about=\"the log\""),
            Case.Rdf("rdf-about-differs", "<link>https://quillmoor.example/1</link>", "<link>https://quillmoor.example/one</link>"),
            Case.Rdf("rdf-item-not-listed", "</item>", "</item><item rdf:about=\"https://quillmoor.example/2\"><title>x</title><link>https://quillmoor.example/2</link></item>"),
            Case.Rdf("rdf-listed-missing", Listed, Listed + "<rdf:li rdf:resource=\"https://quillmoor.example/9\"/>"),
            Case.Rdf("rdf-resource-missing", Listed, Listed + "<rdf:li/>"),
            Case.Rdf("rdf-reference-broken", "<items>", "<image rdf:resource=\"https://quillmoor.example/i.png\"/><items>"),
            Case.Rdf("rdf-not-referred", "</channel>", "</channel>" + Image),
            Case.Rdf("rdf-namespace-missing", "<rdf:RDF xmlns=\"http://purl.org/rss/1.0/\"", "<RDF xmlns:r=\"http://purl.org/rss/1.0/\"") with
            {
                Case = new(
                    GoodFeeds.Rdf,
                    "",
                    "<RDF xmlns:rdf=\"http://www.w3.org/1999/02/22-rdf-syntax-ns#\"><channel xmlns=\"http://purl.org/rss/1.0/\" rdf:about=\"https://quillmoor.example/feed\"><title>Log</title><link>https://quillmoor.example/</link><description>x</description><items><rdf:Seq/></items></channel></RDF>"
                ),
            },
        ];
}
