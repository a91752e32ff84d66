using Antiphon.Core.Listings.Styles;
using Antiphon.Core.PublicPages;
using Antiphon.Core.Sites;
using Antiphon.Server.Listings.Styles;
using FluentValidation;

namespace Antiphon.Server.PublicPages.Blogs;

/// <summary>The pages we serve for a blog.</summary>
/// <param name="Address">Where they begin.</param>
/// <param name="Sitemap">Their sitemap, for search engines.</param>
/// <param name="HostName">Host name of their own, or null.</param>
/// <param name="HostAddress">Where they begin under that name.</param>
/// <param name="HostSeenAt">When they were last found there; null until then, and addresses do not use the
/// name.</param>
/// <param name="SearchDescription">What search engines show below the blog's name.</param>
/// <param name="Look">How they look.</param>
/// <param name="Contrast">How readable each pair of colours is.</param>
internal sealed record PagesView(
    string Address,
    string Sitemap,
    string? HostName,
    string? HostAddress,
    DateTimeOffset? HostSeenAt,
    string? SearchDescription,
    PageLook Look,
    IReadOnlyList<LookPair> Contrast
);

/// <summary>What is changed about them.</summary>
internal sealed record PagesRequest(string? HostName, string? SearchDescription, PageLook Look);

/// <summary>Two pages in a look.</summary>
/// <param name="Index">The first page.</param>
/// <param name="Post">A post, or null without any.</param>
internal sealed record PagesPreview(string Index, string? Post);

/// <summary>Whether a host name leads here.</summary>
/// <param name="IsThere">Whether it does.</param>
/// <param name="Trouble">What is wrong and what to do, or null.</param>
internal sealed record HostView(bool IsThere, string? Trouble);

/// <summary>Rules for what is changed.</summary>
internal sealed class PagesValidator : AbstractValidator<PagesRequest>
{
    public PagesValidator()
    {
        RuleFor(pages => pages.HostName)
            .Must(name => string.IsNullOrWhiteSpace(name) || HostName.Parse(name) is not null)
            .WithMessage("Enter a host name such as blog.quillmoor.example, without a path.");
        RuleFor(pages => pages.SearchDescription).MaximumLength(500).WithMessage("Use at most 500 characters.");
        RuleFor(pages => pages.Look).NotNull().WithMessage("Choose how the pages look.");
        RuleFor(pages => pages.Look.Measure)
            .InclusiveBetween(PageLook.LeastMeasure, PageLook.MostMeasure)
            .WithMessage($"Choose a width from {PageLook.LeastMeasure} to {PageLook.MostMeasure}.");
        RuleFor(pages => pages.Look.Byline).NotNull().WithMessage("Choose the parts of the byline, or none.");
        RuleForEach(pages => pages.Look.Byline).IsInEnum();
        RuleFor(pages => pages.Look.Colours).NotNull().SetValidator(new ColoursValidator());
        RuleFor(pages => pages.Look.DarkColours).NotNull().SetValidator(new ColoursValidator());
        RuleFor(pages => pages.Look.HeadingType).NotNull().SetValidator(new TypeValidator());
        RuleFor(pages => pages.Look.TextType).NotNull().SetValidator(new TypeValidator());
    }
}
