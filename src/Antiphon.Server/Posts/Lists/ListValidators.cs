using Antiphon.Core.Posts;
using FluentValidation;

namespace Antiphon.Server.Posts.Lists;

/// <summary>Rules for changing the details a list shows.</summary>
internal sealed class PostSummaryEditValidator : AbstractValidator<PostSummaryEdit>
{
    public PostSummaryEditValidator()
    {
        RuleFor(edit => edit.Title)
            .NotEmpty()
            .WithMessage("Enter a title.")
            .MaximumLength(300)
            .WithMessage("Use at most 300 characters.");
        RuleFor(edit => edit.Slug).MaximumLength(Slug.MaxLength * 2).WithMessage("Use at most 160 characters.");
        RuleFor(edit => edit.Author).MaximumLength(100);
        RuleFor(edit => edit.Category).MaximumLength(100);
        RuleFor(edit => edit.Tags)
            .NotNull()
            .Must(tags => tags is null || tags.Count <= 30)
            .WithMessage("Use at most 30 tags.");
        RuleForEach(edit => edit.Tags).MaximumLength(60).WithMessage("Use at most 60 characters for each tag.");
    }
}

/// <summary>Rules for a change to many posts.</summary>
internal sealed class BulkValidator : AbstractValidator<BulkRequest>
{
    public BulkValidator()
    {
        RuleFor(change => change.Posts)
            .Must((change, posts) => posts is { Count: > 0 } || change.Found is not null)
            .WithMessage("Choose the posts to change.");
        RuleFor(change => change.Words)
            .Must(words => words is { Count: > 0 })
            .When(change => change.Kind is BulkKind.AddTags or BulkKind.RemoveTags)
            .WithMessage("Enter the tags.");
        RuleFor(change => change.Words)
            .Must(words => words is null || words.Count <= 1)
            .When(change => change.Kind is BulkKind.Category or BulkKind.Author)
            .WithMessage("Enter one name.");
        RuleForEach(change => change.Words).MaximumLength(100).WithMessage("Keep names under 100 characters.");
        RuleFor(change => change.Status)
            .Must(status => status is PostStatus.Draft or PostStatus.Withdrawn)
            .When(change => change.Kind == BulkKind.Status)
            .WithMessage("Choose Draft or Withdrawn; publishing is done one post at a time.");
    }
}
