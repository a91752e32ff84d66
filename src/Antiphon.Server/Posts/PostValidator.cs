using System.Globalization;
using Antiphon.Core.Channels.Composing;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Html;
using Antiphon.Core.Html.Trees;
using Antiphon.Core.Posts;
using FluentValidation;

namespace Antiphon.Server.Posts;

/// <summary>Rules for a post.</summary>
internal sealed class PostValidator : AbstractValidator<PostRequest>
{
    public PostValidator()
    {
        RuleFor(post => post.Title)
            .NotEmpty()
            .WithMessage("Enter a title.")
            .MaximumLength(300)
            .WithMessage("Use at most 300 characters.");
        RuleFor(post => post.Slug).MaximumLength(Slug.MaxLength * 2).WithMessage("Use at most 160 characters.");
        RuleForBody();
        RuleFor(post => post.Excerpt).MaximumLength(1000).WithMessage("Use at most 1,000 characters.");
        RuleForPicture();
        RuleFor(post => post.AboutAddress)
            .Must(address => string.IsNullOrWhiteSpace(address) || LinkResolver.IsWeb(address))
            .WithMessage("Enter the full address, starting with https://.");
        RuleFor(post => post.Author).MaximumLength(100);
        RuleFor(post => post.Category).MaximumLength(100);
        RuleFor(post => post.MoreCategories)
            .Must(names => names is null || (names.Count <= 20 && names.All(name => name.Length <= 100)))
            .WithMessage("Use at most 20 more categories of up to 100 characters.");
        RuleFor(post => post.Tags).Must(tags => tags is null || tags.Count <= 30).WithMessage("Use at most 30 tags.");
        RuleForEach(post => post.Tags).MaximumLength(60).WithMessage("Use at most 60 characters for each tag.");
        RuleFor(post => post.ReviewNote).MaximumLength(2000).WithMessage("Use at most 2,000 characters.");
        RuleFor(post => post.OwnValues)
            .Must(values => values is null || values.Count <= 100)
            .WithMessage("A blog has at most 100 fields of its own.");
        // A draft may be left in the middle of a word.
        When(
            post => post.Status is PostStatus.Published or PostStatus.Scheduled,
            () => RuleFor(post => post.Details).Custom(RefuseUnreadableTexts)
        );
        When(
            post => post.Details is not null,
            () => RuleFor(post => post.Details!).SetValidator(new PostDetailsValidator())
        );
    }

    private static void RefuseUnreadableTexts(PostDetails? details, ValidationContext<PostRequest> context)
    {
        foreach (var wish in details?.Channels ?? [])
        {
            if (wish.Goes != false && wish.Text is { } text && TextTemplate.Read(text).Problem is { } problem)
                context.AddFailure($"details.channels.{wish.Channel.ToString(CultureInfo.InvariantCulture)}", problem);
        }
    }

    private void RuleForBody()
    {
        RuleFor(post => post.BodyHtml)
            .NotNull()
            .MaximumLength(HtmlLimits.Text.Length)
            .WithMessage("The text is longer than two million characters; split it into several posts.");
        RuleFor(post => post.BodyHtml)
            .Must(body => HtmlReader.Read(body, HtmlLimits.Text).Excess is null)
            .When(post => post.BodyHtml?.Length <= HtmlLimits.Text.Length)
            .WithMessage(
                "The text is nested too deeply or built of too many parts; split it into several posts, or paste it without its formatting."
            );
        RuleFor(post => post.BodyHtml)
            .Must(body =>
                !string.IsNullOrWhiteSpace(HtmlText.Of(body)) || body.Contains("<img", StringComparison.Ordinal)
            )
            .When(post => post.Status == PostStatus.Published)
            .WithMessage("Write something before publishing.");
    }

    private void RuleForPicture()
    {
        RuleFor(post => post.PictureAddress)
            .Must(address => string.IsNullOrWhiteSpace(address) || LinkResolver.IsWeb(address))
            .WithMessage("Enter the picture’s full address, starting with https://.");
        RuleFor(post => post.PictureAlt).MaximumLength(500);
        RuleFor(post => post.FocusX)
            .InclusiveBetween(0, 100)
            .WithMessage("Enter the point in hundredths of the picture's width.");
        RuleFor(post => post.FocusY)
            .InclusiveBetween(0, 100)
            .WithMessage("Enter the point in hundredths of the picture's height.");
    }
}
