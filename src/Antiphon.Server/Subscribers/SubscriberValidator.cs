using Antiphon.Server.Outgoing.Mail;
using FluentValidation;

namespace Antiphon.Server.Subscribers;

/// <summary>Rules for a subscriber.</summary>
internal sealed class SubscriberValidator : AbstractValidator<SubscriberRequest>
{
    public SubscriberValidator()
    {
        RuleFor(subscriber => subscriber.Mail)
            .Must(MailAddresses.IsOne)
            .WithMessage("Enter a mail address such as name@site.example.")
            .MaximumLength(200);
        RuleFor(subscriber => subscriber.Name).MaximumLength(100);
        RuleFor(subscriber => subscriber.Reason).MaximumLength(300);
    }
}
