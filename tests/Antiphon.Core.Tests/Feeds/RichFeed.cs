using Antiphon.Core.Feeds.Model;

namespace Antiphon.Core.Tests.Feeds;

/// <summary>A feed that says as much as it is told to.</summary>
internal static class RichFeed
{
    private static readonly DateTimeOffset Then = new(2026, 3, 1, 21, 30, 0, TimeSpan.Zero);

    /// <summary>Says each thing where its switch is on; title and page always, as the formats ask for them.</summary>
    public static Feed Make(bool[] says)
    {
        var at = 0;
        bool Next() => says[at++ % says.Length];
        string? Text(string value) => Next() ? value : null;
        var feed = new Feed
        {
            Id = Text("tag:moor.example,2026:feed"),
            Title = "Moor & more",
            Description = Text("What the <sky> did"),
            Link = "https://moor.example/",
            FeedLink = Text("https://moor.example/feed"),
            Language = Text("en-GB"),
            Updated = Next() ? Then : null,
            Published = Next() ? Then.AddDays(-1) : null,
            Copyright = Text("© Wilf Ormerod"),
            Generator = Text("A quill"),
            Image = Next() ? new FeedImage("https://moor.example/logo.png", Text("A quill on a moor")) : null,
            Icon = Text("https://moor.example/icon.png"),
            Paging = new FeedPaging
            {
                Next = Text("https://moor.example/feed/2"),
                Current = Text("https://moor.example/feed/now"),
                PreviousArchive = Text("https://moor.example/feed/a1"),
                IsArchive = Next(),
                IsComplete = Next(),
            },
            Rhythm = new FeedRhythm
            {
                TimeToLive = Next() ? TimeSpan.FromMinutes(40) : null,
                UpdateEvery = Next() ? TimeSpan.FromHours(12) : null,
            },
        };
        if (Next())
            feed.Authors.Add(new FeedPerson("Wilf Ormerod", null, null));
        if (Next())
            feed.Authors.Add(
                new FeedPerson("Hedda Voss", Text("hedda@moor.example"), Text("https://moor.example/hedda"))
            );
        if (Next())
            feed.Categories.AddRange(["Weather", "Sky"]);
        if (Next())
            feed.Contributors.Add(new FeedPerson("Dov Achterberg", null, null));
        if (Next())
            feed.Licenses.Add("https://moor.example/licence");
        if (Next())
            feed.Links.Add(new RelatedLink("via", "https://elsewhere.example/", Text("text/html"), Text("Seen there")));
        if (Next())
            feed.Hubs.Add("https://hub.example/");
        if (Next())
            feed.Rhythm.SkipHours.AddRange([0, 23]);
        if (Next())
            feed.Rhythm.SkipDays.Add(DayOfWeek.Sunday);
        AddExtensions(feed.Extensions, Next);
        for (var number = 1; number <= 3; number++)
            feed.Items.Add(MakeItem(number, Next));
        return feed;
    }

    private static FeedItem MakeItem(int number, Func<bool> next)
    {
        string? Text(string value) => next() ? $"{value}{number}" : null;
        var item = new FeedItem
        {
            Id = $"tag:moor.example,2026:{number}",
            Title = Text("Fog & "),
            Link = $"https://moor.example/{number}",
            Summary = Text("Short &amp; grey "),
            ContentHtml = Text("<p>Grey &lt;all&gt; day</p>"),
            Published = next() ? Then.AddDays(-number) : null,
            Updated = next() ? Then.AddHours(-number) : null,
            Image = Text("https://moor.example/p.png?"),
            CommentsUrl = Text("https://moor.example/talk/"),
            CommentsFeed = Text("https://moor.example/talk.xml?"),
            CommentCount = next() ? number : null,
            Source = Text("Taken from "),
            SourceFeed = Text("https://elsewhere.example/feed?"),
            ExternalLink = Text("https://elsewhere.example/about/"),
            Copyright = Text("© "),
            Language = next() ? "de" : null,
            Place = next() ? new FeedPlace(54.5, -2.25) : null,
        };
        if (next())
            item.Authors.Add(
                new FeedPerson("Imogen Tarrant", Text("imogen@moor.example"), Text("https://moor.example/imogen"))
            );
        if (next())
            item.Contributors.Add(new FeedPerson("Dov Achterberg", null, null));
        if (next())
            item.Categories.AddRange(["Fog", "Frost"]);
        if (next())
            item.Enclosures.Add(new FeedEnclosure($"https://moor.example/{number}.ogg", "audio/ogg", 1234));
        if (next())
            item.Media.Add(
                new FeedMedia($"https://moor.example/{number}.webp", "image/webp", "image", 800, 500, 9999)
                {
                    Title = "Fog",
                    Description = "Fog at the wall",
                    Credit = "Wilf Ormerod",
                    Thumbnail = $"https://moor.example/{number}s.webp",
                }
            );
        if (next())
            item.TitleHtml = $"Fog &amp; <em>{number}</em>";
        if (item.TitleHtml is not null)
            item.Title = $"Fog & {number}";
        if (next())
            item.Licenses.Add($"https://moor.example/licence/{number}");
        if (next())
            item.Links.Add(new RelatedLink("edit", $"https://moor.example/edit/{number}"));
        if (next())
            item.RepliesTo.Add(new FeedReply("tag:moor.example,2026:0", "https://moor.example/0"));
        AddExtensions(item.Extensions, next);
        return item;
    }

    private static void AddExtensions(List<FeedExtension> extensions, Func<bool> next)
    {
        if (next())
            extensions.Add(
                new FeedExtension(
                    "https://moor.example/ns",
                    "seeing",
                    "<m:seeing xmlns:m=\"https://moor.example/ns\" scale=\"5\"><m:value>II</m:value></m:seeing>"
                )
            );
        if (next())
            extensions.Add(new FeedExtension(string.Empty, "cloud", "<cloud domain=\"moor.example\" port=\"80\" />"));
        if (next())
            extensions.Add(new FeedExtension(null, "_moor", "{\"seeing\":2}"));
    }
}
