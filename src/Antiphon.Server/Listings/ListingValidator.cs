using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Listings;
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

/// <summary>Rules for a definition.</summary>
internal sealed class DefinitionValidator : AbstractValidator<ListingDefinition>
{
    public DefinitionValidator()
    {
        RuleFor(definition => definition.Blogs).NotEmpty().WithMessage("Choose at least one blog.");
        RuleFor(definition => definition.Count).InclusiveBetween(1, ListingDefinition.MaxCount).WithMessage($"Show between 1 and {ListingDefinition.MaxCount} posts.");
        RuleFor(definition => definition.Details).NotNull().WithMessage("Say which details an entry shows.");
        RuleFor(definition => definition.Heading).MaximumLength(200).WithMessage("Keep the heading under 200 characters.");
        RuleFor(definition => definition.Layout).IsInEnum();
        RuleFor(definition => definition.Order).IsInEnum();
    }
}
