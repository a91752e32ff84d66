namespace Antiphon.StandIns.World;

/// <summary>The feeds of the county, good and faulty in different ways.</summary>
public static class CountyFeeds
{
    private const string Xml = "text/xml";

    /// <summary>All of them.</summary>
    public static IReadOnlyList<CountyFeed> All { get; } =
    [
        new("footpath.xml", "Footpath Diary", "good, until it is told to break"),
        new("bells.xml", "Fellside Bell Ringers", "RSS 0.91 with a DOCTYPE", Xml),
        new("library.rdf", "Fellside Library", "RSS 1.0", "application/rdf+xml"),
        new("allotments.xml", "Cold Clough Allotments", "says UTF-8, is windows-1252", "application/rss+xml", "windows-1252"),
        new("band.atom", "Quarry Brass Band", "Atom with relative addresses everywhere", "application/atom+xml"),
        new("hall.xml", "Hall and Kitchen", "stray ampersands and entities of HTML"),
        new("bees.xml", "Moor Beekeepers", "one guid for every entry"),
        new("lamps.xml", "Lamp Post Survey", "dates as people write them"),
        new("runners.json", "Fell Runners", "JSON Feed with values of the wrong kind", "application/json"),
        new("quarry.xml", "Quarry Notices", "breaks off in the middle"),
        new("mill.xml", "Tuck Mill", "a warning of its program before the feed", "text/html"),
        new("school.xml", "Fellside School", "escaped twice"),
        new("shop.xml", "Village Shop", "no guids, no dates, a relative address"),
        new("radio.xml", "Moor Radio: Nights In", "a good podcast"),
        new("museum.xml", "Moor Museum", "good, with pictures and places"),
        new("cyclists.xml", "Wheelers of the Moor", "new guids at every visit"),
        new("choir.atom", "Fellside Choir", "Atom 0.3", "application/atom+xml"),
        new("bus.xml", "Moor Bus: delays", "often, with a ttl and hours to skip"),
        new("council-news.xml", "Parish Council", "good; council.xml moved here for good"),
        new("ferry.xml", "Reservoir Ferry", "good and slow"),
        new("inn.xml", "The Lantern Inn", "asks to wait an hour (503)"),
        new("star-party.xml", "Moor Star Party", "offers a hub"),
        new("orchard.xml", "Cold Orchard", "scripts, handlers and relative pictures"),
        new("eggs.xml", "High Farm Eggs", "misspelt namespaces and a prefix nobody declared"),
        new("tide.xml", "Reservoir Levels", "unclosed elements and a forbidden character"),
        new("chapel.atom", "Chapel Roof Fund", "good, with an archive", "application/atom+xml"),
        new("chapel-1.atom", "Chapel Roof Fund, archive", "the archive", "application/atom+xml"),
        new("clocks.xml", "Clock Repairs", "dates ahead and long before"),
    ];

    /// <summary>The same under the address of another: the council's feed stands in a file of its old name.</summary>
    public static string SourceOf(CountyFeed feed) => feed.File == "council-news.xml" ? "council.xml" : feed.File;
}
