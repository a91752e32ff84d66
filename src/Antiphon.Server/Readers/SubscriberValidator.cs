using Antiphon.Server.Mail;
using FluentValidation;

namespace Antiphon.Server.Readers;

/// <summary>Rules for a subscriber.</summary>
internal sealed class SubscriberValidator : AbstractValidator<SubscriberRequest>
{
    public SubscriberValidator()
    {
        RuleFor(subscriber => subscriber.Mail).Must(MailAddresses.IsOne)
            .WithMessage("Enter a mail address such as name@site.example.").MaximumLength(200);
        RuleFor(subscriber => subscriber.Name).MaximumLength(100);
        RuleFor(subscriber => subscriber.Reason).MaximumLength(300);
    }
}
