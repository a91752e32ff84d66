using System.Globalization;
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
                $"It is {Ordinal(cell.Position)}, on page {((cell.Position - 1) / cell.Shown) + 1}.",
            CoverageReason.ShownInListing => $"It is {Ordinal(cell.Position)} of {cell.Shown} shown.",
            CoverageReason.ListingNotPlaced =>
                $"The listing chooses it ({Ordinal(cell.Position)} of {cell.Shown}), but no page has been seen with the listing yet.",
            CoverageReason.ListingLost =>
                "The listing chooses it, but its page no longer carried the listing when last checked.",
            CoverageReason.BelowTheCut => $"It is {Ordinal(cell.Position)} and the listing shows {cell.Shown}.",
            CoverageReason.BlogNotChosen => "Its blog is not chosen here.",
            CoverageReason.FilteredOut => Filtered(cell),
            CoverageReason.NotPublished => "It is not published yet.",
            CoverageReason.Scheduled => "It is scheduled and follows when its time comes.",
            CoverageReason.Withdrawn => "It was withdrawn.",
            CoverageReason.InFeed => $"It is entry {cell.Position} of the feed.",
            CoverageReason.BeyondFeedLength => $"It is {Ordinal(cell.Position)} and the feed holds {cell.Shown}.",
            CoverageReason.AllDelivered => cell.Count == 1
                ? "The one mail arrived."
                : $"All {cell.Count} mails arrived.",
            CoverageReason.Delivering => $"{cell.Open} of {cell.Count} mails are on their way.",
            CoverageReason.SomeFailed => $"{cell.Failed} of {cell.Count} mails failed.",
            CoverageReason.NothingSent => "Nobody had subscribed when it was published.",
            CoverageReason.NotMailed => "Posts of followed blogs are not mailed.",
            CoverageReason.OnChannel => cell.Count == 1 ? "It is there." : $"It is there, in {cell.Count} places.",
            CoverageReason.ComingByMail => "The next digest brings it.",
            CoverageReason.ComingToChannel => "It is planned, or on its way.",
            CoverageReason.ChannelFailed => cell.Count == 1
                ? "It was not taken."
                : $"{cell.Failed} of {cell.Count} deliveries were not taken.",
            CoverageReason.NotForChannel => "The channel does not choose it, or was not there yet.",
            CoverageReason.HasComments => Comments(cell),
            CoverageReason.NoCommentsYet => "The conversation is open; nobody has written yet.",
            CoverageReason.CommentsClosed => "Comments are off on this post.",
            _ => "It has no conversation.",
        };

    private static string Filtered(CoverageCell cell) =>
        cell.Filter switch
        {
            PlacementReason.CategoryNotChosen => $"The listing's choice of categories leaves it out ({cell.Detail}).",
            PlacementReason.TagNotChosen => $"The listing's choice of tags leaves it out ({cell.Detail}).",
            PlacementReason.AuthorNotChosen =>
                $"Its author{(cell.Detail is null ? string.Empty : ", " + cell.Detail + ",")} is not chosen here.",
            PlacementReason.NotFeatured => "It is not featured, and the listing takes featured posts only.",
            PlacementReason.TooOld => $"It is older than {cell.Detail} days.",
            PlacementReason.NoPicture => "It has no picture, and the listing takes posts with a picture only.",
            PlacementReason.TitleLacksWord => $"“{cell.Detail}” is not in its title.",
            PlacementReason.SameAsAnother => $"It is the same post as “{cell.Detail}”, which came by another way.",
            PlacementReason.BlogHasEnough => $"Its blog has {cell.Detail} entries already, the most one blog gets.",
            PlacementReason.FieldDiffers => $"The listing asks for something else in the field “{cell.Detail}”.",
            PlacementReason.NotRelated => "It shares no category, tag or telling words with the post of the page.",
            _ => "It is the post of the page itself.",
        };

    private static string Comments(CoverageCell cell)
    {
        var published = cell.Count == 1 ? "One public comment" : $"{cell.Count} public comments";
        return cell.Open == 0 ? published + "." : $"{published}, {cell.Open} waiting.";
    }

    private static string Ordinal(int? position)
    {
        var number = position ?? 0;
        var suffix = (number % 100) is >= 11 and <= 13
            ? "th"
            : (number % 10) switch
            {
                1 => "st",
                2 => "nd",
                3 => "rd",
                _ => "th",
            };
        return number.ToString(CultureInfo.InvariantCulture) + suffix;
    }
}
