using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Listings.Definition;
using Antiphon.Core.Listings.Filters;
using Antiphon.Server.Listings.Styles;
using FluentValidation;

namespace Antiphon.Server.Listings;

/// <summary>Rules for a definition.</summary>
internal sealed class DefinitionValidator : AbstractValidator<ListingDefinition>
{
    public DefinitionValidator()
    {
        RuleFor(definition => definition.Blogs).NotEmpty().WithMessage("Choose at least one blog.");
        RuleFor(definition => definition.Count)
            .InclusiveBetween(ListingDefinition.Everything, ListingDefinition.MaxCount)
            .WithMessage($"Show between 1 and {ListingDefinition.MaxCount} posts, or 0 for all.");
        RuleFor(definition => definition.Details).NotNull().WithMessage("Choose which details an entry shows.");
        RuleFor(definition => definition.Heading).MaximumLength(200).WithMessage("Use at most 200 characters.");
        RuleFor(definition => definition.Layout).IsInEnum();
        RuleFor(definition => definition.Order).IsInEnum();
        RuleFor(definition => definition.Paging).IsInEnum();
        RuleFor(definition => definition.Pinned).NotNull().WithMessage("Leave it out, or give a list of posts.");
        RuleFor(definition => definition.Arranged).NotNull().WithMessage("Leave it out, or give a list of posts.");
        RuleFor(definition => definition.MostPerBlog)
            .InclusiveBetween(1, ListingDefinition.MaxCount)
            .WithMessage($"Let a blog have between 1 and {ListingDefinition.MaxCount} entries, or leave it empty.");
        RuleFor(definition => definition.MoveSeconds)
            .InclusiveBetween(3, 60)
            .WithMessage("Let it move every 3 to 60 seconds, or leave it empty.");
        RuleFor(definition => definition.Leads).IsInEnum();
        RuleFor(definition => definition.Look).NotNull().SetValidator(new LookValidator());
        RuleFor(definition => definition.Filter).NotNull().SetValidator(new FilterValidator());
        RuleFor(definition => definition.Frame).NotNull().SetValidator(new FrameValidator());
        RuleFor(definition => definition.Form).NotNull().SetValidator(new FormValidator());
    }
}

/// <summary>Rules for which posts are taken.</summary>
internal sealed class FilterValidator : AbstractValidator<PostFilter>
{
    public FilterValidator()
    {
        RuleFor(filter => filter.Categories).Must(IsWhole).WithMessage("Choose categories, or none for all.");
        RuleFor(filter => filter.Tags).Must(IsWhole).WithMessage("Choose tags, or none for all.");
        RuleFor(filter => filter.Authors).NotNull().WithMessage("Choose authors, or none for all.");
        RuleFor(filter => filter.MaxAgeDays)
            .InclusiveBetween(1, 36_500)
            .WithMessage("Enter the age in days, at least 1, or leave it empty.");
        RuleFor(filter => filter.Fields).NotNull().WithMessage("Leave it out, or give a list of conditions.");
        RuleForEach(filter => filter.Fields)
            .Must(condition =>
                condition.Comparison == FieldComparison.IsFilled || !string.IsNullOrWhiteSpace(condition.Value)
            )
            .WithMessage("Enter what the field must contain, or require only that it is filled in.");
        RuleForEach(filter => filter.Fields)
            .Must(condition => condition.Value is not { Length: > 200 } && condition.Key is { Length: > 0 and <= 60 })
            .WithMessage("Use at most 200 characters.");
        RuleFor(filter => filter.TitleWords).MaximumLength(200).WithMessage("Use at most 200 characters.");
    }

    private static bool IsWhole(TermFilter? terms) => terms is { Any: not null, All: not null, None: not null };
}

/// <summary>Rules for what stands around the entries.</summary>
internal sealed class FrameValidator : AbstractValidator<ListingFrame>
{
    public FrameValidator()
    {
        RuleFor(frame => frame.HeadingLevel).InclusiveBetween(1, 5).WithMessage("Choose a heading level from 1 to 5.");
        RuleFor(frame => frame.Introduction).MaximumLength(1000).WithMessage("Use at most 1,000 characters.");
        RuleFor(frame => frame.ClosingText).MaximumLength(100).WithMessage("Use at most 100 characters.");
        RuleFor(frame => frame.HeadingLink).Must(IsLink).WithMessage("Enter the full address, starting with https://.");
        RuleFor(frame => frame.ClosingLink).Must(IsLink).WithMessage("Enter the full address, starting with https://.");
    }

    private static bool IsLink(string? address) => string.IsNullOrWhiteSpace(address) || LinkResolver.IsWeb(address);
}

/// <summary>Rules for how entries are set.</summary>
internal sealed class FormValidator : AbstractValidator<EntryForm>
{
    public FormValidator()
    {
        RuleFor(form => form.Columns).InclusiveBetween(1, 6).WithMessage("Choose 1 to 6 columns.");
        RuleFor(form => form.ExcerptWords).InclusiveBetween(1, 200).WithMessage("Enter 1 to 200 words.");
        RuleFor(form => form.TitleLength)
            .InclusiveBetween(10, 300)
            .WithMessage("Cut titles at 10 to 300 characters, or leave it empty.");
        RuleFor(form => form.ExcerptCharacters)
            .InclusiveBetween(20, 2000)
            .WithMessage("Enter 20 to 2,000 characters, or leave it empty to count words.");
        RuleFor(form => form.ExcerptSource).IsInEnum();
        RuleFor(form => form.PicturePlace).IsInEnum();
        RuleFor(form => form.Parts).NotNull().WithMessage("Leave it out, or give the parts in order.");
        RuleForEach(form => form.Parts).IsInEnum();
        RuleFor(form => form.Fields)
            .Must(fields => fields is { Count: <= 20 })
            .WithMessage("Show at most 20 own fields, or leave it out.");
        RuleFor(form => form.Separator).NotNull().MaximumLength(10).WithMessage("Use at most 10 characters.");
        RuleFor(form => form.ReadMore).MaximumLength(60).WithMessage("Use at most 60 characters.");
        RuleFor(form => form.DatePattern).MaximumLength(60).WithMessage("Use at most 60 characters.");
    }
}
