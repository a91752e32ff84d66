namespace Antiphon.Core.Tests.Feeds.Checking.Cases;

/// <summary>
/// What comes as near to a slip as can be without being one, for rules whose case adds something that nothing puts
/// right. Of all other rules the feed before it was spoilt, or after it was corrected, comes as near.
/// </summary>
internal static class NearMisses
{
    private const string Old = "<title>Log</title><link>https://quillmoor.example/</link><description>x</description><language>en</language>";
    private const string OldImage = "<image><title>Log</title><url>https://quillmoor.example/i.png</url><link>https://quillmoor.example/</link></image>";
    private const string History = "xmlns:fh=\"http://purl.org/syndication/history/1.0\"";
    private const string Deleted = "xmlns:at=\"http://purl.org/atompub/tombstones/1.0\"";

    /// <summary>Rules with a document of which they say nothing.</summary>
    public static IReadOnlyList<(string Id, Spoilt Case)> All { get; } =
    [
        Whole("document-empty", "<feed/>"),
        Whole("document-is-a-page", "<feed xmlns=\"http://www.w3.org/2005/Atom\"><title>&lt;html></title></feed>"),
        Whole("document-not-a-feed", "<rss version=\"2.0\"><channel><title>The log is closed today.</title></channel></rss>"),
        Whole("document-unknown-root", "<moor:feed xmlns:moor=\"http://www.w3.org/2005/Atom\"><moor:title>Log</moor:title></moor:feed>"),
        Case.Rss("feed-many-entries", "</channel>", Items(10, 498) + "</channel>"),
        Case.Rss("xml-doctype", "<title>Second light</title>", "<title>&lt;!DOCTYPE rss></title>"),
        Whole("rss-channel-missing", "<rss version=\"2.0\"><channel/></rss>"),
        Whole("json-not-a-feed", "{\"version\": \"https://jsonfeed.org/version/1.1\"}"),
        Case.Channel("address-mail", "<docs>mailto:nobody@quillmoor.example</docs>"),
        Case.Channel("rss-text-empty", "<copyright>©</copyright>"),
        Whole("rss-091-missing", $"<rss version=\"0.91\"><channel>{Old}{OldImage}</channel></rss>"),
        Whole("rss-091-many-items", $"<rss version=\"0.91\"><channel>{Old}{OldImage}{Items(1, 15)}</channel></rss>"),
        Case.Rdf("rdf-about-duplicate", "</item>", "</item><item rdf:about=\"https://quillmoor.example/1#b\"><title>x</title><link>https://quillmoor.example/1</link></item>"),
        Case.Entry("atom-source-incomplete", "<source><id>https://bench.example/</id><title/><updated>2026-11-23T09:30:00Z</updated></source>"),
        Case.Feed("atom-link-rel-unknown", "<link rel=\"https://quillmoor.example/rel/neighbour\" href=\"https://bench.example/\"/><link rel=\"Next-Archive\" href=\"https://bench.example/2\"/>"),
        Case.Feed("history-complete-paged", $"<fh:complete {History}/>"),
        Case.Feed("history-complete-archive", $"<fh:archive {History}/><link rel=\"current\" href=\"https://quillmoor.example/feed\"/>"),
        Case.Feed("history-archive-current", $"<fh:archive {History}/><link rel=\"current\" href=\"https://quillmoor.example/now\"/>"),
        Case.Feed("history-marker-content", $"<fh:complete {History}> <!-- all of it --> </fh:complete>"),
        Case.Feed("history-link-repeated", "<link rel=\"next\" href=\"https://quillmoor.example/feed?page=2\"/><link rel=\"previous\" href=\"https://quillmoor.example/feed?page=3\"/>"),
        Case.Feed("deleted-entry-incomplete", $"<at:deleted-entry {Deleted} ref=\"tag:quillmoor.example,2026:0\" when=\"2026-11-23T09:30:00Z\"/>"),
        Case.Feed("deleted-entry-date", $"<at:deleted-entry {Deleted} ref=\"tag:quillmoor.example,2026:0\" when=\"2026-11-23T23:30:00-01:00\"/>"),
        Case.JsonItem("json-modified-before-published", "\"date_published\": \"2026-11-23T09:30:00Z\", \"date_modified\": \"2026-11-23T10:30:00+01:00\""),
        Case.Item("module-element-unknown", "<dc:creator>Ida Marsh</dc:creator>"),
        Case.Item("module-element-misplaced", "<slash:comments>3</slash:comments>"),
        Case.Item("module-element-empty", "<dc:creator><![CDATA[-]]></dc:creator>"),
    ];

    private static (string Id, Spoilt Case) Whole(string id, string document) => (id, new(GoodFeeds.Rss, "", document));

    private static string Items(int from, int count) =>
        string.Concat(Enumerable.Range(from, count).Select(n => $"<item><title>{n}</title><link>https://quillmoor.example/{n}</link></item>"));
}
