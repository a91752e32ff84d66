using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Html;
using Antiphon.Core.Posts;
using FluentValidation;

namespace Antiphon.Server.Posts;

/// <summary>Rules for a post.</summary>
internal sealed class PostValidator : AbstractValidator<PostRequest>
{
    public PostValidator()
    {
        RuleFor(post => post.Title).NotEmpty().WithMessage("Give the post a title.").MaximumLength(300).WithMessage("Keep the title under 300 characters.");
        RuleFor(post => post.Slug).MaximumLength(Slug.MaxLength * 2).WithMessage("Keep the address under 160 characters.");
        RuleFor(post => post.BodyHtml).NotNull().MaximumLength(HtmlCleaner.MaxLength).WithMessage("The text is longer than two million characters; split it into several posts.");
        RuleFor(post => post.BodyHtml).Must(body => !string.IsNullOrWhiteSpace(HtmlText.Of(body)) || body.Contains("<img", StringComparison.Ordinal))
            .When(post => post.Status == PostStatus.Published).WithMessage("Write something before publishing.");
        RuleFor(post => post.Excerpt).MaximumLength(1000).WithMessage("Keep the excerpt under 1,000 characters.");
        RuleFor(post => post.PictureAddress).Must(address => string.IsNullOrWhiteSpace(address) || LinkResolver.IsWeb(address)).WithMessage("Enter the picture's whole address, starting with https://.");
        RuleFor(post => post.PictureAlt).MaximumLength(500);
        RuleFor(post => post.FocusX).InclusiveBetween(0, 100).WithMessage("Give the point in hundredths of the picture's width.");
        RuleFor(post => post.FocusY).InclusiveBetween(0, 100).WithMessage("Give the point in hundredths of the picture's height.");
        RuleFor(post => post.AboutAddress).Must(address => string.IsNullOrWhiteSpace(address) || LinkResolver.IsWeb(address)).WithMessage("Enter the whole address, starting with https://.");
        RuleFor(post => post.Author).MaximumLength(100);
        RuleFor(post => post.Category).MaximumLength(100);
        RuleFor(post => post.Tags).Must(tags => tags is null || tags.Count <= 30).WithMessage("Give at most 30 tags.");
        RuleForEach(post => post.Tags).MaximumLength(60).WithMessage("Keep each tag under 60 characters.");
        RuleFor(post => post.Status).Must(status => status is PostStatus.Draft or PostStatus.Published or PostStatus.Withdrawn)
            .WithMessage("Choose Draft, Published or Withdrawn.");
    }
}
