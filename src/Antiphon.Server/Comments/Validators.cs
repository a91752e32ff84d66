using Antiphon.Core.Comments;
using Antiphon.Core.Feeds.Reading;
using FluentValidation;

namespace Antiphon.Server.Comments;

/// <summary>Rules for an answer.</summary>
internal sealed class AnswerValidator : AbstractValidator<AnswerRequest>
{
    public AnswerValidator() =>
        RuleFor(answer => answer.Text)
            .NotEmpty()
            .WithMessage("Write an answer first.")
            .MaximumLength(CommentBody.MaxLength)
            .WithMessage("Use at most 10,000 characters.");
}

/// <summary>Rules for placing a thread.</summary>
internal sealed class ThreadSnippetValidator : AbstractValidator<ThreadSnippetRequest>
{
    public ThreadSnippetValidator()
    {
        RuleFor(snippet => snippet.Identifier).MaximumLength(500);
        RuleFor(snippet => snippet.Address)
            .Must(address => LinkResolver.IsWeb(address))
            .Unless(snippet => snippet.IsTemplate)
            .WithMessage("Enter the full page address, starting with https://.");
        RuleFor(snippet => snippet.Address).MaximumLength(2000);
        RuleFor(snippet => snippet.Identifier)
            .NotEqual(snippet => snippet.Address)
            .When(snippet => snippet.IsTemplate && !string.IsNullOrEmpty(snippet.Identifier))
            .WithMessage("Take something that never changes, such as the post's number; the address may change.");
        RuleFor(snippet => snippet.Identifier)
            .Must(HasPlaceholder)
            .When(snippet => snippet.IsTemplate && !string.IsNullOrEmpty(snippet.Identifier))
            .WithMessage(
                "This ID is the same on every page, so all pages would share one thread. Enter what your template writes for the post’s number, such as {{ post.id }}."
            );
        RuleFor(snippet => snippet.Title).MaximumLength(300);
    }

    // However the language of the template marks what it fills in, it does not do so with letters, digits and dashes
    // alone.
    private static bool HasPlaceholder(string? identifier) => identifier.AsSpan().ContainsAny("{}<>$@%[]()");
}
