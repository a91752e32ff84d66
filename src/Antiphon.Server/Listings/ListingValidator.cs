using Antiphon.Core.Feeds.Reading;
using FluentValidation;

namespace Antiphon.Server.Listings;

/// <summary>Rules for a listing.</summary>
internal sealed class ListingValidator : AbstractValidator<ListingRequest>
{
    public ListingValidator()
    {
        RuleFor(listing => listing.Name).NotEmpty().WithMessage("Give the listing a name.").MaximumLength(200);
        RuleFor(listing => listing.Definition).NotNull().SetValidator(new DefinitionValidator());
        RuleFor(listing => listing.PageAddress).Must(address => string.IsNullOrWhiteSpace(address) || LinkResolver.IsWeb(address)).WithMessage("Enter the page's whole address, starting with https://.");
    }
}
