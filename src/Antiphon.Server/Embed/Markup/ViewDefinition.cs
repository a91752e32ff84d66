using Antiphon.Core.Listings;
using Antiphon.Core.Listings.Views;

namespace Antiphon.Server.Embed.Markup;

/// <summary>How a listing shows a view of its blog.</summary>
internal static class ViewDefinition
{
    private const int SearchLength = 10;

    /// <summary>The definition under which the posts of a view are chosen and set.</summary>
    public static ListingDefinition Of(ListingDefinition definition, BlogView view, string language)
    {
        var whole = definition.Layout == ListingLayout.WholeBlog;
        return view.Kind switch
        {
            BlogViewKind.Index => definition,
            BlogViewKind.Post => definition with { Count = ListingDefinition.Everything, LeaveOutCurrent = false, Order = definition.Order == ListingOrder.Related ? ListingOrder.Newest : definition.Order },
            BlogViewKind.Search => definition with { Count = SearchLength, Paging = ListingPaging.Numbered, MostPerBlog = null, Layout = whole ? ListingLayout.WholeBlog : ListingLayout.Search },
            BlogViewKind.Archive or BlogViewKind.Categories => definition with { Count = ListingDefinition.Everything, MostPerBlog = null },
            _ when whole => definition with { Paging = definition.Paging == ListingPaging.None ? ListingPaging.PreviousNext : definition.Paging, MostPerBlog = null, Pinned = [] },
            _ => definition with { Layout = ListingLayout.Lines, Count = ListingDefinition.Everything, MostPerBlog = null, Heading = TitleOf(view, language) },
        };
    }

    /// <summary>What a view is called, such as "Meteors" or "November 2026"; null for the index and single posts.</summary>
    public static string? TitleOf(BlogView view, string language)
    {
        var texts = ListingTexts.For(language);
        return view.Kind switch
        {
            BlogViewKind.Category or BlogViewKind.Tag => view.Subject,
            BlogViewKind.Month => SiteCulture.Month(BlogView.MonthOf(view.Subject)!.Value, language),
            BlogViewKind.Archive => texts.Archive,
            BlogViewKind.Categories => texts.Categories,
            BlogViewKind.Search => texts.Search,
            _ => null,
        };
    }
}
