using Antiphon.Core.Feeds.Reading;
using Antiphon.Server.Listings.Installation;
using FluentValidation;

namespace Antiphon.Server.Listings;

/// <summary>Rules for a listing.</summary>
internal sealed class ListingValidator : AbstractValidator<ListingRequest>
{
    public ListingValidator()
    {
        RuleFor(listing => listing.Name).NotEmpty().WithMessage("Enter a name.").MaximumLength(200);
        RuleFor(listing => listing.Definition).NotNull().SetValidator(new DefinitionValidator());
        RuleFor(listing => listing.Spot)
            .MaximumLength(500)
            .WithMessage("Use at most 500 characters.")
            .Must(Spot.IsSelector)
            .WithMessage("Not a valid CSS selector. Choose the position in the preview instead.");
        RuleFor(listing => listing.PageAddress)
            .Must(address => string.IsNullOrWhiteSpace(address) || LinkResolver.IsWeb(address))
            .WithMessage("Enter the full page address, starting with https://.");
    }
}

/// <summary>Rules for a definition to look at.</summary>
internal sealed class PreviewValidator : AbstractValidator<PreviewRequest>
{
    public PreviewValidator()
    {
        RuleFor(preview => preview.Definition).NotNull().SetValidator(new DefinitionValidator());
        RuleFor(preview => preview.PageAddress)
            .Must(address => string.IsNullOrWhiteSpace(address) || LinkResolver.IsWeb(address))
            .WithMessage("Enter the full page address, starting with https://.");
    }
}
