using Antiphon.Core.Comments;
using Antiphon.Core.Feeds.Reading;
using FluentValidation;

namespace Antiphon.Server.Comments;

/// <summary>Rules for an answer.</summary>
internal sealed class AnswerValidator : AbstractValidator<AnswerRequest>
{
    public AnswerValidator() => RuleFor(answer => answer.Text).NotEmpty().WithMessage("Write an answer first.").MaximumLength(CommentBody.MaxLength).WithMessage("Keep it under 10,000 characters.");
}

/// <summary>Rules for placing a thread.</summary>
internal sealed class ThreadSnippetValidator : AbstractValidator<ThreadSnippetRequest>
{
    public ThreadSnippetValidator()
    {
        RuleFor(snippet => snippet.Identifier).NotEmpty().WithMessage("Give the thread an identifier that never changes, such as visit-page.").MaximumLength(500);
        RuleFor(snippet => snippet.Address).Must(LinkResolver.IsWeb).WithMessage("Enter the page's whole address, starting with https://.");
        RuleFor(snippet => snippet.Title).MaximumLength(300);
    }
}
