namespace Antiphon.Core.Tests.Feeds.Checking.Cases;

/// <summary>More cases of the rules of Atom, its pages and deleted entries.</summary>
internal static class AtomCases
{
    private const string History = "xmlns:fh=\"http://purl.org/syndication/history/1.0\"";
    private const string Tombstones = "xmlns:at=\"http://purl.org/atompub/tombstones/1.0\"";

    /// <summary>Rules with the document that raises them.</summary>
    public static IEnumerable<(string Id, Spoilt Case)> All => [.. Structure(), .. Values(), .. Texts(), .. Pages()];

    private static IEnumerable<(string Id, Spoilt Case)> Structure() =>
        [
            Case.Atom("atom-namespace-missing", " xmlns=\"http://www.w3.org/2005/Atom\"", ""),
            Case.Feed("atom-element-misplaced", "<published>2026-11-24T09:30:00Z</published>"),
            Case.Feed("atom-element-misplaced", "<summary>x</summary>"),
            Case.Entry("atom-element-misplaced", "<subtitle>x</subtitle>"),
            Case.Entry("atom-element-misplaced", "<entry><id>tag:quillmoor.example,2026:9</id><title>x</title><updated>2026-11-22T09:30:00Z</updated><link href=\"https://quillmoor.example/9\"/></entry>"),
            Case.Atom("atom-element-case", "<published>2026-11-24T09:00:00Z</published>", "<Published>2026-11-24T09:00:00Z</Published>"),
            Case.Atom("atom-attribute-unknown", "<feed xmlns", "<feed version=\"1.0\" xmlns"),
            Case.Atom("atom-attribute-unknown", "<link href=\"https://quillmoor.example/2\"/>", "<link href=\"https://quillmoor.example/2\" target=\"_blank\"/>"),
            Case.Atom("atom-attribute-unknown", "<updated>2026-11-23T09:30:00Z", "<updated zone=\"utc\">2026-11-23T09:30:00Z"),
            Case.Atom("atom-stray-text", "<subtitle>What was seen</subtitle>", "<subtitle>What was seen</subtitle> at night"),
            Case.Atom("atom-stray-text", "<summary>A recording</summary>", "<summary>A recording</summary> of it"),
            Case.Atom("atom-stray-text", "<name>Ida Marsh</name>", "<name>Ida Marsh</name> and others"),
            Case.Atom("atom-child-in-text", "<summary>A recording</summary>", "<summary>A <b>recording</b></summary>"),
            Case.Atom("atom-child-in-text", "<title type=\"html\">Second light</title>", "<title type=\"html\">Second <b>light</b></title>"),
            Case.Atom("atom-child-in-text", "<name>Ida Marsh</name>", "<name><b>Ida Marsh</b></name>"),
            Case.Feed("atom-element-empty", "<generator/>"),
            Case.Atom("atom-element-empty", "<email>ida@quillmoor.example</email>", "<email/>"),
            Case.Feed("atom-element-unknown", "<modified>2026-11-24T09:30:00Z</modified>"),
            Case.Entry("atom-element-unknown", "<pubDate>x</pubDate>"),
            Case.Atom("atom-element-repeated", "<subtitle>What was seen</subtitle>", "<subtitle>a</subtitle><subtitle>b</subtitle>"),
            Case.Atom("atom-element-repeated", "<name>Ida Marsh</name>", "<name>Ida Marsh</name><name>Ida</name>"),
            Case.Atom("atom-source-incomplete", "<summary>A recording</summary>", "<summary>A recording</summary><source><title>Bench</title><updated>2026-11-23T09:30:00Z</updated></source>"),
        ];

    private static IEnumerable<(string Id, Spoilt Case)> Values() =>
        [
            Case.Atom("atom-date-case", "2026-11-23T09:30:00Z", "2026-11-23t09:30:00z"),
            Case.Atom("atom-date-white-space", "<updated>2026-11-23T09:30:00Z</updated>", "<updated>\n2026-11-23T09:30:00Z\n</updated>"),
            Case.Atom("atom-date-invalid", "2026-11-23T09:30:00Z", "2026-11-23 09:30:00Z"),
            Case.Atom("atom-date-invalid", "2026-11-23T09:30:00Z", "2026-11-23T09:30:00"),
            Case.Atom("atom-date-invalid", "2026-11-23T09:30:00Z", "2026-11-23"),
            Case.Atom("atom-date-invalid", "2026-11-23T09:30:00Z", "2026-02-30T09:30:00Z"),
            Case.Atom("atom-date-invalid", "2026-11-23T09:30:00Z", "2026-11-23T24:30:00Z"),
            Case.Atom("atom-date-invalid", "2026-11-23T09:30:00Z", "2026-11-23T09:30Z"),
            Case.Atom("atom-date-invalid", "2026-11-23T09:30:00Z", "2026-11-23T09:30:00+0100"),
            Case.Atom("date-in-future", "2026-11-23T09:30:00Z", "2036-11-23T09:30:00Z"),
            Case.Atom("date-implausible", "2026-11-23T09:30:00Z", "1066-11-23T09:30:00Z"),
            Case.Atom("atom-link-rel-unknown", "<link rel=\"self\" href=\"https://quillmoor.example/feed\"/>", "<link rel=\"self\" href=\"https://quillmoor.example/feed\"/><link rel=\"neighbour\" href=\"https://bench.example/\"/>"),
            Case.Entry("atom-link-rel-empty", "<link rel=\"\" href=\"https://quillmoor.example/2c\"/>"),
            Case.Atom("atom-enclosure-length-missing", " length=\"1200\"", ""),
            Case.Atom("atom-self-relative", "<link rel=\"self\" href=\"https://quillmoor.example/feed\"/>", "<link rel=\"self\" href=\"/feed\"/>"),
            Case.Atom("atom-id-not-normalised", "<id>https://quillmoor.example/1</id>", "<id>HTTPS://Quillmoor.example/1</id>"),
            Case.Atom("atom-id-shared", "<id>tag:quillmoor.example,2026:2</id>", "<id>https://quillmoor.example/</id>"),
            Case.Atom("atom-id-not-absolute", "tag:quillmoor.example,2026:2", "/2"),
            Case.Atom("atom-element-missing", "<id>tag:quillmoor.example,2026:2</id>", "<id/>"),
            Case.Atom("atom-title-empty", "<title>First light</title>", "<title/>"),
            Case.Atom("atom-updated-old", "<id>https://quillmoor.example/</id>\n<updated>2026-11-24T09:30:00Z", "<id>https://quillmoor.example/</id>\n<updated>2026-11-20T09:30:00Z"),
            Case.Atom("atom-link-type", "type=\"text/html\"", "type=\"html\""),
            Case.Atom("atom-link-length", "length=\"1200\"", "length=\"-3\""),
            Case.Atom("atom-mail-invalid", "<email>ida@quillmoor.example", "<email>Ida &lt;ida@quillmoor.example&gt;"),
            Case.Atom("atom-mail-invalid", "<email>ida@quillmoor.example", "<email>mailto:ida@quillmoor.example"),
        ];

    private static IEnumerable<(string Id, Spoilt Case)> Texts() =>
        [
            Case.Atom("atom-xhtml-content", "<p>Clear.</p></div></content>", "<p>Clear.</p></div><div xmlns=\"http://www.w3.org/1999/xhtml\">x</div></content>"),
            Case.Atom("atom-xhtml-content", "<p>Clear.</p></div></content>", "<p>Clear.</p></div> indeed</content>"),
            Case.Atom("atom-xhtml-escaped", "<p>Clear.</p>", "<p>&lt;b&gt;Clear.&lt;/b&gt;</p>"),
            Case.Atom("atom-xhtml-namespace", "<div xmlns=\"http://www.w3.org/1999/xhtml\">", "<div>"),
            Case.Content("atom-content-type", "<content type=\"markdown\">x</content>"),
            Case.Content("atom-content-composite", "<content type=\"multipart/mixed\">x</content>"),
            Case.Content("atom-content-src-type", "<content src=\"https://quillmoor.example/b.html\" type=\"html\"/>"),
            Case.Content("atom-content-xml", "<content type=\"image/svg+xml\">not a drawing</content>"),
            Case.Content("atom-content-children", "<content type=\"text/plain\">a <b>b</b></content>"),
            Case.Content("atom-content-base64", "<content type=\"image/png\">not Base64!</content>"),
            Case.Atom("atom-text-type", "<summary>A recording</summary>", "<summary type=\"text/html\">A recording</summary>"),
            Case.Atom("atom-text-markup", "<summary>A recording", "<summary>A &lt;em&gt;recording&lt;/em&gt;"),
            Case.Content("atom-summary-missing", "<content type=\"image/png\">iVBORw0KGgo=</content>") with
            {
                Case = new(
                    GoodFeeds.Atom,
                    "<summary>A recording</summary>\n<content src=\"https://quillmoor.example/b.mp3\" type=\"audio/mpeg\"/>",
                    "<content type=\"image/png\">iVBORw0KGgo=</content>"
                ),
            },
        ];

    private static IEnumerable<(string Id, Spoilt Case)> Pages() =>
        [
            Case.Feed("history-complete-paged", $"<fh:complete {History}/><link rel=\"next\" href=\"https://quillmoor.example/feed?page=2\"/>"),
            Case.Feed("history-complete-archive", $"<fh:complete {History}/><fh:archive {History}/><link rel=\"current\" href=\"https://quillmoor.example/feed\"/>"),
            Case.Feed("history-archive-current", $"<fh:archive {History}/>"),
            Case.Feed("history-marker-content", $"<fh:complete {History}>yes</fh:complete>"),
            Case.Feed("history-link-repeated", "<link rel=\"next\" href=\"https://quillmoor.example/feed?page=2\"/><link rel=\"next\" href=\"https://quillmoor.example/feed?page=3\"/>"),
            Case.Feed("deleted-entry-incomplete", $"<at:deleted-entry {Tombstones} ref=\"tag:quillmoor.example,2026:0\"/>"),
            Case.Feed("deleted-entry-date", $"<at:deleted-entry {Tombstones} ref=\"tag:quillmoor.example,2026:0\" when=\"today\"/>"),
        ];
}
