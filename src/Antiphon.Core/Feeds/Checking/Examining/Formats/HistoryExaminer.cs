using Antiphon.Core.Feeds.Reading.Dates;
using Antiphon.Core.Feeds.Rules.Atom;
using Antiphon.Core.Feeds.Rules.Texts;
using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Feeds.Checking.Examining.Formats;

/// <summary>Applies the rules about pages and archives (RFC 5005) and deleted entries (RFC 6721), in Atom and RSS.</summary>
internal static class HistoryExaminer
{
    private static readonly string[] Pages =
    [
        "first",
        "last",
        "next",
        "previous",
        "prev",
        "prev-archive",
        "next-archive",
        "current",
    ];

    /// <summary>Examines a feed or a channel.</summary>
    public static void Examine(Examination examination, SourceElement feed)
    {
        var links = feed.Of(FeedNamespaces.Atom, "link").ToLookup(link => link.Attribute("rel"));
        foreach (
            var next in links["next"]
                .Where(next => links["self"].Any(self => self.Attribute("href") == next.Attribute("href")))
        )
            examination.Report(ContentRules.PagingLoop, next);
        foreach (var page in Pages)
        {
            if (links[page].Skip(1).FirstOrDefault() is { } again)
                examination.Report(HistoryRules.PageRepeated, again, page);
        }

        var complete = feed.Of(FeedNamespaces.History, "complete").FirstOrDefault();
        var archive = feed.Of(FeedNamespaces.History, "archive").FirstOrDefault();
        foreach (
            var mark in feed.Children.Where(child =>
                child.Namespace == FeedNamespaces.History && (child.Children.Count > 0 || child.Text.Trim().Length > 0)
            )
        )
            examination.Report(HistoryRules.MarkerContent, mark, mark.Name);
        if (complete is not null && archive is not null)
            examination.Report(HistoryRules.CompleteArchive, archive);
        else if (complete is not null && Pages.Any(page => links[page].Any()))
            examination.Report(HistoryRules.CompletePaged, complete);
        else if (archive is not null && !links["current"].Any())
            examination.Report(HistoryRules.ArchiveCurrent, archive);
        foreach (var deleted in feed.Of(FeedNamespaces.Tombstones, "deleted-entry"))
            ExamineDeleted(examination, deleted);
    }

    private static void ExamineDeleted(Examination examination, SourceElement deleted)
    {
        foreach (var name in (string[])["ref", "when"])
        {
            if (string.IsNullOrWhiteSpace(deleted.Attribute(name)))
                examination.Report(HistoryRules.DeletedIncomplete, deleted, name);
        }

        if (deleted.Attribute("when") is { Length: > 0 } when && Rfc3339DateParser.ParseStrict(when) is null)
            examination.Report(HistoryRules.DeletedDate, deleted, when);
    }
}
