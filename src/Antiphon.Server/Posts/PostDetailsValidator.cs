using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Posts;
using FluentValidation;

namespace Antiphon.Server.Posts;

/// <summary>Rules for what a post says about itself to search engines, networks and readers.</summary>
internal sealed class PostDetailsValidator : AbstractValidator<PostDetails>
{
    public PostDetailsValidator()
    {
        RuleFor(details => details.Comments)
            .Custom(
                (layer, context) =>
                {
                    if (layer?.Problem() is { } problem)
                        context.AddFailure($"{context.PropertyPath}.{problem.Setting}", problem.Remedy);
                }
            );
        RuleFor(details => details.SearchTitle).MaximumLength(200).WithMessage("Use at most 200 characters.");
        RuleFor(details => details.SearchDescription).MaximumLength(500).WithMessage("Use at most 500 characters.");
        RuleFor(details => details.SocialTitle).MaximumLength(200).WithMessage("Use at most 200 characters.");
        RuleFor(details => details.ListingPicture)
            .Must(address => string.IsNullOrWhiteSpace(address) || LinkResolver.IsWeb(address))
            .WithMessage("Enter the picture’s full address, starting with https://, or choose one.");
        RuleFor(details => details.SocialPicture)
            .Must(address => string.IsNullOrWhiteSpace(address) || LinkResolver.IsWeb(address))
            .WithMessage("Enter the picture’s full address, starting with https://, or choose one.");
        RuleFor(details => details.SocialText).MaximumLength(500).WithMessage("Use at most 500 characters.");
        RuleFor(details => details.CanonicalAddress)
            .Must(address => string.IsNullOrWhiteSpace(address) || LinkResolver.IsWeb(address))
            .WithMessage("Enter the full address, starting with https://.");
        RuleFor(details => details.Language)
            .Matches("^[A-Za-z]{2,3}(-[A-Za-z0-9]{2,8})*$")
            .When(details => !string.IsNullOrWhiteSpace(details.Language))
            .WithMessage("Enter a language tag such as en or en-GB.");
    }
}
