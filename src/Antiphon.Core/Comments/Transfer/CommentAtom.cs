using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Feeds.Writing;
using Antiphon.Core.Html;

namespace Antiphon.Core.Comments.Transfer;

/// <summary>
/// Comments as an Atom feed (RFC 4287) whose entries say what they answer (RFC 4685): another comment, and the page the
/// thread is about.
/// </summary>
public static class CommentAtom
{
    private const string Names = "urn:antiphon:comment:";
    private const string Threads = "urn:antiphon:thread:";
    private const string Standing = "standing:";

    /// <summary>The document in UTF-8.</summary>
    /// <param name="comments">The comments.</param>
    /// <param name="title">Title of the feed.</param>
    /// <param name="id">Identifier of the feed.</param>
    public static byte[] Write(IEnumerable<PortableComment> comments, string title, string id)
    {
        var feed = new Feed { Id = id, Title = title };
        feed.Items.AddRange(comments.Select(EntryOf));
        return AtomWriter.Write(feed);
    }

    /// <summary>
    /// What a document holds. An entry that answers no other comment of it is at the top level of the thread it names.
    /// Of an archive that holds posts beside their comments, the posts are what the threads are about: entries that
    /// answer nothing, where others do (RFC 4685, 3).
    /// </summary>
    public static TransferRead Read(string text)
    {
        var read = FeedReader.Read(text, new FeedReadOptions("application/atom+xml"));
        if (read.Feed is not { } feed)
            return new TransferRead([], [new TransferProblem(0, string.Empty, "This feed cannot be read.")]);
        var isMixed = feed.Items.Exists(item => item.RepliesTo.Count > 0);
        var comments = feed.Items.Where(item => !isMixed || item.RepliesTo.Count > 0).ToList();
        var known = comments
            .Where(item => item.Id is not null)
            .DistinctBy(item => item.Id)
            .ToDictionary(item => item.Id!, StringComparer.Ordinal);
        var posts = feed
            .Items.Except(comments)
            .Where(item => item.Id is not null)
            .DistinctBy(item => item.Id)
            .ToDictionary(item => item.Id!, StringComparer.Ordinal);
        return new TransferRead([.. comments.Select(item => CommentOf(item, known, posts, feed))], []);
    }

    private static FeedItem EntryOf(PortableComment comment)
    {
        var item = new FeedItem
        {
            Id = Names + Uri.EscapeDataString(comment.Id),
            Title = comment.Title is null ? comment.Author : $"{comment.Author} on {comment.Title}",
            Link = comment.Address,
            // The text as it was typed, so that it comes back as it was; the content is what readers see.
            Summary = comment.Text,
            ContentHtml = CommentBody.ToHtml(comment.Text),
            Published = comment.Published,
            Updated = comment.Published,
        };
        item.Authors.Add(new FeedPerson(comment.Author, comment.Mail, null));
        item.Categories.Add(Standing + comment.Standing.ToString().ToLowerInvariant());
        if (comment.ParentId is { } parent)
            item.RepliesTo.Add(new FeedReply(Names + Uri.EscapeDataString(parent), null));
        item.RepliesTo.Add(new FeedReply(Threads + Uri.EscapeDataString(comment.Thread), comment.Address));
        return item;
    }

    private static PortableComment CommentOf(
        FeedItem item,
        Dictionary<string, FeedItem> known,
        Dictionary<string, FeedItem> posts,
        Feed feed
    )
    {
        var parent = item.RepliesTo.Find(reply => known.ContainsKey(reply.Ref))?.Ref;
        var thread = ThreadOf(item, known);
        var standing = item
            .Categories.Find(category => category.StartsWith(Standing, StringComparison.Ordinal))
            ?[Standing.Length..];
        var post = thread is null ? null : posts.GetValueOrDefault(thread.Ref);
        var person = item.Authors.FirstOrDefault();
        // Without a name of the thread its page names it, and without either the feed itself.
        var address = post?.Link ?? thread?.Link ?? item.Link?.Split('#')[0] ?? feed.Link;
        var isOurs = thread?.Ref.StartsWith(Threads, StringComparison.Ordinal) == true;
        return new PortableComment(
            Bare(item.Id ?? string.Empty),
            isOurs ? Uri.UnescapeDataString(thread!.Ref[Threads.Length..]) : address ?? thread?.Ref ?? string.Empty,
            address,
            post?.Title,
            parent is null ? null : Bare(parent),
            person?.Name ?? string.Empty,
            person?.Email,
            isOurs && item.Summary is { } typed ? typed : HtmlText.Of(item.ContentHtml ?? item.Summary ?? string.Empty),
            item.Published ?? item.Updated ?? default,
            Enum.TryParse<CommentStanding>(standing, ignoreCase: true, out var stands) ? stands : CommentStanding.Public
        );
    }

    // A reply may name only the comment it answers; what that one is about, it is about too.
    private static FeedReply? ThreadOf(FeedItem item, Dictionary<string, FeedItem> known)
    {
        var seen = new HashSet<FeedItem>();
        for (FeedItem? at = item; at is not null && seen.Add(at); )
        {
            if (at.RepliesTo.Find(reply => !known.ContainsKey(reply.Ref)) is { } thread)
                return thread;
            at = at.RepliesTo.Count > 0 ? known[at.RepliesTo[0].Ref] : null;
        }

        return null;
    }

    private static string Bare(string id) =>
        id.StartsWith(Names, StringComparison.Ordinal) ? Uri.UnescapeDataString(id[Names.Length..]) : id;
}
