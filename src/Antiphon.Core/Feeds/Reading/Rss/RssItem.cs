using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Reading.Modules;

namespace Antiphon.Core.Feeds.Reading.Rss;

/// <summary>An RSS item as it stands in the document, before any value stands in for another.</summary>
internal sealed class RssItem
{
    public string? Title { get; set; }
    public string? Link { get; set; }
    public LateText Description { get; set; }
    public LateText ContentEncoded { get; set; }
    public string? Guid { get; set; }
    public bool GuidIsPermaLink { get; set; } = true;
    public string? About { get; set; }
    public string? PubDate { get; set; }
    public string? DublinCoreDate { get; set; }
    public string? DublinCoreTitle { get; set; }
    public string? DublinCoreDescription { get; set; }
    public string? TermsIssued { get; set; }
    public string? TermsModified { get; set; }
    public string? XhtmlBody { get; set; }
    public string? AtomPublished { get; set; }
    public LateText AtomSummary { get; set; }
    public LateText AtomContent { get; set; }
    public string? PodcastSummary { get; set; }
    public List<FeedPerson> AtomAuthors => field ??= [];
    public string? AtomUpdated { get; set; }
    public string? AtomLink { get; set; }
    public string? Comments { get; set; }
    public string? Source { get; set; }
    public string? SourceFeed { get; set; }
    public string? AtomRelated { get; set; }
    public string? AtomRights { get; set; }
    public string? AtomReplies { get; set; }
    public List<RelatedLink> AtomLinks => field ??= [];
    public List<string> Licenses => field ??= [];
    public string? Language { get; set; }
    public List<FeedPerson> AtomContributors => field ??= [];
    public EntryModules? Found { get; private set; }
    public EntryModules Modules => Found ??= new();
    public string? PodcastPicture { get; set; }
    public List<string> Authors => field ??= [];
    public List<string> Creators => field ??= [];
    public List<string> Categories => field ??= [];
    public List<FeedEnclosure> Enclosures => field ??= [];
    public Uri? Base { get; set; }
    public Uri? LinkBase { get; set; }
}
