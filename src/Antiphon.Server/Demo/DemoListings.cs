using Antiphon.Core.Listings.Definition;
using Antiphon.Core.Listings.Filters;
using Antiphon.Core.Listings.Styles;
using Antiphon.Core.Listings.Styles.Colours;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Blogs;
using Antiphon.Data.Listings;
using Antiphon.Data.Sites;

namespace Antiphon.Server.Demo;

/// <summary>The listings of the scenario, each of another kind, and a look that two of them share.</summary>
internal sealed class DemoListings(AntiphonContext database, IKeySource keys, DemoOptions options, DateTimeOffset now)
{
    /// <summary>Adds them to the context.</summary>
    public void Add(Site site, Blog log, Blog bench, Blog weather)
    {
        var look = SharedLook(site);
        database.Looks.Add(look);
        AddFromTheLog(site, log, look);
        AddFromTheBench(site, bench, look);
        Add(
            site,
            "For members",
            "membership",
            new(
                [log.Id, bench.Id, weather.Id],
                6,
                ListingOrder.Newest,
                new(false, false, true, false, false),
                ListingLayout.Lines,
                "On and around the moor"
            )
            {
                MostPerBlog = 3,
                Form = EntryForm.Usual with { Source = true },
            }
        );
        AddWithinTheLog(site, log, bench);
    }

    private Look SharedLook(Site site) =>
        new()
        {
            SiteId = site.Id,
            Name = "Observatory",
            UpdatedAt = now.AddDays(-30),
            Definition = new ListingLook
            {
                Radius = 2,
                Colours = LookColours.Inherited with
                {
                    Heading = "#1c2b4a",
                    Link = "#7a4f0f",
                    Accent = "#7a4f0f",
                    Line = "#ddd6c4",
                },
            },
        };

    private void AddFromTheLog(Site site, Blog log, Look look)
    {
        Add(
            site,
            "Latest nights",
            "",
            new(
                [log.Id],
                4,
                ListingOrder.Newest,
                new(true, false, true, true, false),
                ListingLayout.Lines,
                "Latest nights"
            )
            {
                Leads = EntryLead.WholeBlog,
            }
        );
        Add(
            site,
            "Nights in pictures",
            "programmes",
            new(
                [log.Id],
                6,
                ListingOrder.Newest,
                new(true, true, true, false, true),
                ListingLayout.Columns,
                "From the log"
            )
            {
                Filter = PostFilter.Everything with { WithPictureOnly = true },
                Paging = ListingPaging.PreviousNext,
                Leads = EntryLead.ReadingPanel,
            },
            look
        );
    }

    private void AddFromTheBench(Site site, Blog bench, Look look) =>
        Add(
            site,
            "From the bench",
            "shop",
            new(
                [bench.Id],
                3,
                ListingOrder.Newest,
                new(true, false, true, false, false),
                ListingLayout.Rows,
                "From the bench"
            )
            {
                Frame = ListingFrame.Bare with { ClosingText = "All of Workshop Bench", FeedLink = true },
            },
            look
        );

    private void AddWithinTheLog(Site site, Blog log, Blog bench)
    {
        Add(
            site,
            "The whole log",
            "night-log",
            new([log.Id], 8, ListingOrder.Newest, new(true, true, true, true, true), ListingLayout.WholeBlog, null)
            {
                Paging = ListingPaging.Numbered,
            }
        );
        Add(
            site,
            "More like this",
            "night-log",
            new(
                [log.Id, bench.Id],
                4,
                ListingOrder.Related,
                new(true, false, true, false, false),
                ListingLayout.Lines,
                "More like this"
            )
            {
                Leads = EntryLead.WholeBlog,
            }
        );
    }

    private void Add(Site site, string name, string page, ListingDefinition definition, Look? look = null) =>
        database.Listings.Add(
            new Listing
            {
                Site = site,
                Key = keys.NewKey(),
                Name = name,
                Definition = definition,
                Look = look,
                PageAddress = options.Website + page,
                CreatedAt = now.AddDays(-90),
                UpdatedAt = now.AddDays(-30),
            }
        );
}
