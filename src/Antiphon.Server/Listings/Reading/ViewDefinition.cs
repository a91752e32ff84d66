using Antiphon.Core.Listings.Definition;
using Antiphon.Core.Listings.Entries;
using Antiphon.Server.Pages;
using Antiphon.Server.Pages.Texts;

namespace Antiphon.Server.Listings.Reading;

/// <summary>How a listing shows a view of its blog.</summary>
internal static class ViewDefinition
{
    private const int SearchLength = 10;

    /// <summary>The definition under which the posts of a view are chosen and set.</summary>
    public static ListingDefinition Of(ListingDefinition definition, BlogPart view, string language)
    {
        var whole = definition.Layout == ListingLayout.WholeBlog;
        return view.Kind switch
        {
            BlogPartKind.Index => definition,
            BlogPartKind.Post => definition with
            {
                Count = ListingDefinition.Everything,
                LeaveOutCurrent = false,
                Order = definition.Order == ListingOrder.Related ? ListingOrder.Newest : definition.Order,
            },
            BlogPartKind.Search => definition with
            {
                Count = SearchLength,
                Paging = ListingPaging.Numbered,
                MostPerBlog = null,
                Layout = whole ? ListingLayout.WholeBlog : ListingLayout.Search,
            },
            BlogPartKind.Archive or BlogPartKind.Categories => definition with
            {
                Count = ListingDefinition.Everything,
                MostPerBlog = null,
            },
            _ when whole => definition with
            {
                Paging = definition.Paging == ListingPaging.None ? ListingPaging.PreviousNext : definition.Paging,
                MostPerBlog = null,
                Pinned = [],
            },
            _ => definition with
            {
                Layout = ListingLayout.Lines,
                Count = ListingDefinition.Everything,
                MostPerBlog = null,
                Heading = TitleOf(view, language),
            },
        };
    }

    /// <summary>
    /// What a view is called, such as "Meteors" or "November 2026"; null for the index and single posts.
    /// </summary>
    public static string? TitleOf(BlogPart view, string language)
    {
        var texts = ListingTexts.For(language);
        return view.Kind switch
        {
            BlogPartKind.Category or BlogPartKind.Tag => view.Subject,
            BlogPartKind.Month => SiteCulture.Month(BlogPart.MonthOf(view.Subject)!.Value, language),
            BlogPartKind.Archive => texts.Archive,
            BlogPartKind.Categories => texts.Categories,
            BlogPartKind.Search => texts.Search,
            _ => null,
        };
    }
}
