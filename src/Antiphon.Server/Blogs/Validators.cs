using FluentValidation;

namespace Antiphon.Server.Blogs;

/// <summary>Rules for an address to look at.</summary>
internal sealed class DiscoverValidator : AbstractValidator<DiscoverRequest>
{
    public DiscoverValidator() =>
        RuleFor(request => request.Address)
            .NotEmpty()
            .WithMessage("Enter an address: the blog's home page, a post, or the feed itself.")
            .MaximumLength(2000);
}

/// <summary>Rules for following.</summary>
internal sealed class FollowValidator : AbstractValidator<FollowRequest>
{
    public FollowValidator()
    {
        RuleFor(request => request.FeedAddress)
            .Must(address => Uri.TryCreate(address, UriKind.Absolute, out _))
            .WithMessage("Choose one of the feeds that were found.");
        RuleFor(request => request.Name).MaximumLength(200);
    }
}

/// <summary>Rules for a blog written here.</summary>
internal sealed class BlogValidator : AbstractValidator<BlogRequest>
{
    public BlogValidator()
    {
        RuleFor(blog => blog.Name).NotEmpty().WithMessage("Enter a name.").MaximumLength(200);
        RuleFor(blog => blog.Description).MaximumLength(1000);
    }
}
