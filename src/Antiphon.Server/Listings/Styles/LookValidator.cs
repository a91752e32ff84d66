using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Listings.Styles;
using Antiphon.Core.Listings.Styles.Colours;
using Antiphon.Core.Listings.Styles.Css;
using FluentValidation;

namespace Antiphon.Server.Listings.Styles;

/// <summary>Rules for a look to be saved.</summary>
internal sealed class LookRequestValidator : AbstractValidator<LookRequest>
{
    public LookRequestValidator()
    {
        RuleFor(look => look.Name)
            .NotEmpty()
            .WithMessage("Enter a name.")
            .MaximumLength(100)
            .WithMessage("Use at most 100 characters.");
        RuleFor(look => look.Definition).NotNull().SetValidator(new LookValidator());
    }
}

/// <summary>Rules for how a listing looks.</summary>
internal sealed class LookValidator : AbstractValidator<ListingLook>
{
    public LookValidator()
    {
        RuleFor(look => look.Theme).IsInEnum();
        RuleFor(look => look.Shadow).IsInEnum();
        RuleFor(look => look.Separator).IsInEnum();
        RuleFor(look => look.Colours).NotNull().SetValidator(new ColoursValidator());
        RuleFor(look => look.DarkColours).NotNull().SetValidator(new ColoursValidator());
        foreach (
            var type in (System.Linq.Expressions.Expression<Func<ListingLook, PartType>>[])
                [look => look.HeadingType, look => look.TitleType, look => look.BylineType, look => look.ExcerptType]
        )
        {
            RuleFor(type).NotNull().SetValidator(new TypeValidator());
        }

        RuleFor(look => look.Width)
            .InclusiveBetween(120, 2000)
            .WithMessage("Choose a width from 120 to 2,000 px, or leave it empty.");
        RuleFor(look => look.Height)
            .InclusiveBetween(120, 2000)
            .WithMessage("Choose a height from 120 to 2,000 px, or leave it empty.");
        RuleFor(look => look.Padding).InclusiveBetween(0, 120).WithMessage("Choose a padding up to 120 px.");
        RuleFor(look => look.GapAcross).InclusiveBetween(0, 120).WithMessage("Choose a gap up to 120 px.");
        RuleFor(look => look.GapDown).InclusiveBetween(0, 120).WithMessage("Choose a gap up to 120 px.");
        RuleFor(look => look.Border).InclusiveBetween(0, 20).WithMessage("Choose a border up to 20 px.");
        RuleFor(look => look.Radius).InclusiveBetween(0, 60).WithMessage("Choose a radius up to 60 px.");
        RuleFor(look => look.Css).MaximumLength(PartCss.MaxLength).WithMessage("Use at most 20,000 characters.");
        RuleFor(look => look.SeparatorPicture)
            .Must(address => string.IsNullOrWhiteSpace(address) || LinkResolver.IsWeb(address))
            .WithMessage("Enter the picture’s full address, starting with https://.");
    }
}

/// <summary>Rules for colours.</summary>
internal sealed class ColoursValidator : AbstractValidator<LookColours>
{
    private const string NoColour = "Not a valid colour. Enter a code such as #1f6f6b, or leave it empty.";

    public ColoursValidator()
    {
        RuleFor(colours => colours.Background).Must(IsColour).WithMessage(NoColour);
        RuleFor(colours => colours.Text).Must(IsColour).WithMessage(NoColour);
        RuleFor(colours => colours.Heading).Must(IsColour).WithMessage(NoColour);
        RuleFor(colours => colours.Link).Must(IsColour).WithMessage(NoColour);
        RuleFor(colours => colours.Byline).Must(IsColour).WithMessage(NoColour);
        RuleFor(colours => colours.Accent).Must(IsColour).WithMessage(NoColour);
        RuleFor(colours => colours.Line).Must(IsColour).WithMessage(NoColour);
    }

    private static bool IsColour(string? text) => text is null || Colour.Parse(text) is not null;
}

/// <summary>Rules for the type of a part.</summary>
internal sealed class TypeValidator : AbstractValidator<PartType>
{
    public TypeValidator()
    {
        RuleFor(type => type.Family)
            .MaximumLength(300)
            .WithMessage("Use at most 300 characters.")
            .Must(family => string.IsNullOrWhiteSpace(family) || FontFamilies.Clean(family) is not null)
            .WithMessage("Write font families with commas between them, such as Georgia, serif.");
        RuleFor(type => type.Size)
            .InclusiveBetween(8, 96)
            .WithMessage("Choose a size from 8 to 96 px, or leave it empty.");
        RuleFor(type => type.Weight)
            .InclusiveBetween(100, 900)
            .WithMessage("Choose a weight from 100 to 900, or leave it empty.");
    }
}
