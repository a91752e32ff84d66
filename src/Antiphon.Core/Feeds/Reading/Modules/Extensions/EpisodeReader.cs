using System.Globalization;
using System.Xml.Linq;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Feeds.Reading.Modules.Extensions;

/// <summary>Reads what both podcast modules say of an entry and of a feed.</summary>
public static class EpisodeReader
{
    /// <summary>What is said of an entry; null when nothing is.</summary>
    public static FeedEpisode? Of(FeedItem item)
    {
        var (old, young) = (
            KeptElements.Of(item.Extensions, FeedNamespaces.Podcast).ToList(),
            KeptElements.Of(item.Extensions, FeedNamespaces.Podcasting).ToList()
        );
        if (old.Count + young.Count == 0)
            return null;
        var season = young.Find(element => element.Name.LocalName == "season");
        return new FeedEpisode
        {
            Season = WholeNumber.Parse(KeptElements.First(old, "season"))
                ?? WholeNumber.Parse(KeptElements.TextOf(season)),
            SeasonName = KeptElements.TextOf(season?.Attribute("name")),
            Number = Number(KeptElements.First(old, "episode")) ?? Number(KeptElements.First(young, "episode")),
            Kind = KeptElements.First(old, "episodeType")?.ToLowerInvariant(),
            Duration = DurationParser.Parse(KeptElements.First(old, "duration")),
            IsExplicit = Explicit(KeptElements.First(old, "explicit")),
            IsBlocked = IsYes(KeptElements.First(old, "block")) || IsYes(KeptElements.First(young, "block")),
            Subtitle = KeptElements.First(old, "subtitle"),
            Chapters = Chapters(young),
            Transcripts = [.. Named(young, "transcript").Select(Transcript)],
            Voices = Voices(young),
        };
    }

    /// <summary>What is said of a feed; null when nothing is.</summary>
    public static FeedShow? Of(Feed feed)
    {
        var (old, young) = (
            KeptElements.Of(feed.Extensions, FeedNamespaces.Podcast).ToList(),
            KeptElements.Of(feed.Extensions, FeedNamespaces.Podcasting).ToList()
        );
        if (old.Count + young.Count == 0)
            return null;
        return new FeedShow
        {
            Kind = KeptElements.First(old, "type")?.ToLowerInvariant(),
            Owner = Owner(old),
            Categories = [.. Named(old, "category").SelectMany(category => Categories(category, null))],
            IsExplicit = Explicit(KeptElements.First(old, "explicit")),
            IsComplete = IsYes(KeptElements.First(old, "complete")),
            IsBlocked = IsYes(KeptElements.First(old, "block")) || IsYes(KeptElements.First(young, "block")),
            IsLocked = IsYes(KeptElements.First(young, "locked")),
            MovedTo = KeptElements.First(old, "new-feed-url"),
            Guid = KeptElements.First(young, "guid"),
            Medium = KeptElements.First(young, "medium"),
            Funding =
            [
                .. Named(young, "funding")
                    .Select(funding => new FeedFunding(
                        KeptElements.TextOf(funding.Attribute("url")),
                        KeptElements.TextOf(funding)
                    )),
            ],
            Voices = Voices(young),
        };
    }

    private static IEnumerable<XElement> Named(IEnumerable<XElement> elements, string name) =>
        elements.Where(element => element.Name.LocalName == name);

    private static FeedEnclosure? Chapters(List<XElement> elements) =>
        Named(elements, "chapters").FirstOrDefault() is { } chapters
            ? new FeedEnclosure(
                KeptElements.TextOf(chapters.Attribute("url")),
                KeptElements.TextOf(chapters.Attribute("type")),
                null
            )
            : null;

    private static FeedTranscript Transcript(XElement element) =>
        new(
            KeptElements.TextOf(element.Attribute("url")),
            KeptElements.TextOf(element.Attribute("type")),
            KeptElements.TextOf(element.Attribute("language")),
            KeptElements.TextOf(element.Attribute("rel")) == "captions"
        );

    // Without a role somebody is the host, of the cast (podcast:person).
    private static List<FeedVoice> Voices(IEnumerable<XElement> elements) =>
        [
            .. Named(elements, "person")
                .Where(person => KeptElements.TextOf(person) is not null)
                .Select(person => new FeedVoice(
                    KeptElements.TextOf(person)!,
                    KeptElements.TextOf(person.Attribute("role"))?.ToLowerInvariant() ?? "host",
                    KeptElements.TextOf(person.Attribute("group"))?.ToLowerInvariant() ?? "cast",
                    KeptElements.TextOf(person.Attribute("img")),
                    KeptElements.TextOf(person.Attribute("href"))
                )),
        ];

    private static FeedPerson? Owner(List<XElement> elements)
    {
        if (Named(elements, "owner").FirstOrDefault() is not { } owner)
            return null;
        var (name, email) = (
            KeptElements.First(owner.Elements(), "name"),
            KeptElements.First(owner.Elements(), "email")
        );
        return name is null && email is null ? null : new FeedPerson(name, email, null);
    }

    private static IEnumerable<string> Categories(XElement category, string? above)
    {
        if (KeptElements.TextOf(category.Attribute("text")) is not { } name)
            return [];
        var path = above is null ? name : $"{above} / {name}";
        var below = category.Elements().SelectMany(child => Categories(child, path)).ToList();
        return below.Count > 0 ? below : [path];
    }

    private static bool? Explicit(string? text) =>
        text?.ToLowerInvariant() switch
        {
            "yes" or "true" or "explicit" => true,
            "no" or "false" or "clean" => false,
            _ => null,
        };

    private static bool IsYes(string? text) => text?.ToLowerInvariant() is "yes" or "true";

    private static decimal? Number(string? text) =>
        decimal.TryParse(text, NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var number)
            ? number
            : null;
}
