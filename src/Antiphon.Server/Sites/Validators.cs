using Antiphon.Core.Sites;
using FluentValidation;

namespace Antiphon.Server.Sites;

/// <summary>Rules for a site.</summary>
internal sealed class SiteValidator : AbstractValidator<SiteRequest>
{
    public SiteValidator()
    {
        RuleFor(site => site.Name).NotEmpty().WithMessage("Enter a name.").MaximumLength(200);
        RuleFor(site => site.Address)
            .Must(address => AllowedAddresses.OriginOf(address) is not null)
            .WithMessage("Enter the full address of the home page, such as https://www.site.example/.");
        RuleFor(site => site.TimeZone)
            .Must(zone => TimeZoneInfo.TryFindSystemTimeZoneById(zone ?? string.Empty, out _))
            .WithMessage("Choose a time zone from the list, such as Europe/London.");
        RuleFor(site => site.Language)
            .Matches("^[A-Za-z]{2,3}(-[A-Za-z0-9]{2,8})*$")
            .WithMessage("Enter a language tag such as en or en-GB.");
        RuleForEach(site => site.AllowedAddresses)
            .Must(address => AllowedAddresses.OriginOf(address) is not null)
            .WithMessage("“{PropertyValue}” is not a valid web address. Enter one such as https://shop.site.example.");
    }
}
