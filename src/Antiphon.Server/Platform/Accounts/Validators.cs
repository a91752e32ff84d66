using FluentValidation;

namespace Antiphon.Server.Platform.Accounts;

/// <summary>Rules for signing in.</summary>
internal sealed class SignInValidator : AbstractValidator<SignInRequest>
{
    public SignInValidator()
    {
        RuleFor(request => request.Mail).NotEmpty().WithMessage("Enter your mail address.");
        RuleFor(request => request.Password).NotEmpty().WithMessage("Enter your password.");
    }
}

/// <summary>Rules for the first owner.</summary>
internal sealed class SetupValidator : AbstractValidator<SetupRequest>
{
    public SetupValidator()
    {
        RuleFor(request => request.Name).NotEmpty().WithMessage("Enter your name.").MaximumLength(100);
        RuleFor(request => request.Mail)
            .EmailAddress()
            .WithMessage("Enter a mail address such as name@site.example.")
            .MaximumLength(200);
        RuleFor(request => request.Password)
            .NotNull()
            .MinimumLength(10)
            .WithMessage("Use at least ten characters; a short sentence is easiest to keep in mind.")
            .MaximumLength(200);
        RuleFor(request => request.Key)
            .NotEmpty()
            .WithMessage(
                "Enter the set-up key. You find it in the log of the server, and in the file setup-key in its data folder."
            );
    }
}

/// <summary>Rules for a new token.</summary>
internal sealed class NewTokenValidator : AbstractValidator<NewTokenRequest>
{
    public NewTokenValidator() =>
        RuleFor(request => request.Name).NotEmpty().WithMessage("Enter a token name.").MaximumLength(100);
}
