using Antiphon.Core.Feeds.Reading;
using Antiphon.Data.Feeds;
using FluentValidation;

namespace Antiphon.Server.Feeds.Published.Lists;

/// <summary>Rules for how a feed is published.</summary>
internal sealed class FeedSettingsValidator : AbstractValidator<FeedSettingsView>
{
    public FeedSettingsValidator()
    {
        RuleFor(feed => feed.Entries).InclusiveBetween(1, 200).WithMessage("Choose 1 to 200 entries.");
        RuleFor(feed => feed.Entries)
            .GreaterThanOrEqualTo(FeedSettings.UsualEntries)
            .When(feed => feed.HasHistory)
            .WithMessage(
                $"With archives a feed holds at least {FeedSettings.UsualEntries} entries, so that none falls between. Choose more, or switch the archives off."
            );
        RuleFor(feed => feed.AsRss)
            .Must((feed, _) => feed.AsRss || feed.AsAtom || feed.AsJson)
            .WithMessage("Leave at least one format on.");
        RuleFor(feed => feed.Title).MaximumLength(200);
        RuleFor(feed => feed.Description).MaximumLength(1000);
        RuleFor(feed => feed.Copyright).MaximumLength(300);
        RuleFor(feed => feed.Language)
            .Matches("^([A-Za-z]{2,3}(-[A-Za-z0-9]{2,8})*)?$")
            .WithMessage("Write the language as a tag, such as en-GB or de.");
        RuleFor(feed => feed.PictureAddress)
            .Must(IsNothingOrWeb)
            .WithMessage("Enter the full picture address, starting with https://.")
            .MaximumLength(2000);
        RuleFor(feed => feed.RedirectTo)
            .Must(IsNothingOrWeb)
            .WithMessage("Enter the full address the feed has now, beginning with https://.")
            .MaximumLength(2000);
    }

    private static bool IsNothingOrWeb(string? address) =>
        string.IsNullOrWhiteSpace(address) || LinkResolver.IsWeb(address);
}
