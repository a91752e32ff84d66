using Antiphon.Core.Coverage;
using Antiphon.Core.Listings.Filters;

namespace Antiphon.Server.Listings.Reading;

/// <summary>The reasons of the board in words.</summary>
internal static class CoverageWords
{
    /// <summary>One sentence.</summary>
    public static string For(CoverageCell cell) =>
        cell.Reason switch
        {
            CoverageReason.ShownInListing when cell.Position > cell.Shown =>
                $"Number {cell.Position}, on page {((cell.Position - 1) / cell.Shown) + 1}.",
            CoverageReason.ShownInListing => $"Shown, number {cell.Position} of {cell.Shown}.",
            CoverageReason.ListingNotPlaced =>
                $"Selected by the listing (number {cell.Position} of {cell.Shown}), but the listing has not been found on a page yet.",
            CoverageReason.ListingLost =>
                "The listing chooses it, but its page no longer carried the listing when last checked.",
            CoverageReason.BelowTheCut => $"Position {cell.Position}; the listing shows {cell.Shown}.",
            CoverageReason.BlogNotChosen => "Its blog is not chosen here.",
            CoverageReason.FilteredOut => Filtered(cell),
            CoverageReason.NotPublished => "It is not published yet.",
            CoverageReason.Scheduled => "Scheduled.",
            CoverageReason.Withdrawn => "It was withdrawn.",
            CoverageReason.InFeed => $"It is entry {cell.Position} of the feed.",
            CoverageReason.BeyondFeedLength => $"Number {cell.Position}; the feed holds {cell.Shown}.",
            CoverageReason.AllDelivered => cell.Count == 1 ? "Delivered." : $"All {cell.Count} mails arrived.",
            CoverageReason.Delivering => $"{cell.Open} of {cell.Count} emails being sent.",
            CoverageReason.SomeFailed => $"{cell.Failed} of {cell.Count} mails failed.",
            CoverageReason.NothingSent => "Nobody had subscribed when it was published.",
            CoverageReason.NotMailed => "Posts of followed blogs are not mailed.",
            CoverageReason.OnChannel => cell.Count == 1 ? "It is there." : $"It is there, in {cell.Count} places.",
            CoverageReason.ComingByMail => "Included in the next digest.",
            CoverageReason.ComingToChannel => "It is planned, or on its way.",
            CoverageReason.ChannelFailed => cell.Count == 1
                ? "Delivery failed."
                : $"{cell.Failed} of {cell.Count} deliveries were not taken.",
            CoverageReason.NotForChannel => "Not selected by the channel, or published before the channel was added.",
            CoverageReason.HasComments => Comments(cell),
            CoverageReason.NoCommentsYet => "Comments are open; there are none yet.",
            CoverageReason.CommentsClosed => "Comments are off on this post.",
            _ => "No comments thread.",
        };

    private static string Filtered(CoverageCell cell) =>
        cell.Filter switch
        {
            PlacementReason.CategoryNotChosen => $"The listing's choice of categories leaves it out ({cell.Detail}).",
            PlacementReason.TagNotChosen => $"The listing's choice of tags leaves it out ({cell.Detail}).",
            PlacementReason.AuthorNotChosen => cell.Detail is null
                ? "Its author is not chosen here."
                : $"Its author, {cell.Detail}, is not chosen here.",
            PlacementReason.NotFeatured => "It is not featured, and the listing takes featured posts only.",
            PlacementReason.TooOld => $"It is older than {cell.Detail} days.",
            PlacementReason.NoPicture => "It has no picture, and the listing takes posts with a picture only.",
            PlacementReason.TitleLacksWord => $"“{cell.Detail}” is not in its title.",
            PlacementReason.SameAsAnother => $"Duplicate of “{cell.Detail}”.",
            PlacementReason.BlogHasEnough => $"Maximum entries per blog reached ({cell.Detail}).",
            PlacementReason.FieldDiffers => $"The listing asks for something else in the field “{cell.Detail}”.",
            PlacementReason.NotRelated =>
                "It has no category, tag or significant words in common with the post on the page.",
            _ => "It is the current post.",
        };

    private static string Comments(CoverageCell cell)
    {
        var published = cell.Count == 1 ? "One public comment" : $"{cell.Count} public comments";
        return cell.Open == 0 ? published + "." : $"{published}, {cell.Open} waiting.";
    }
}
