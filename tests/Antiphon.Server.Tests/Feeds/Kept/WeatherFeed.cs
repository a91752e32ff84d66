using Antiphon.Server.Tests.Hosting;

namespace Antiphon.Server.Tests.Feeds.Kept;

/// <summary>A feed without faults, served by somebody else, and the same with something in it.</summary>
internal static class WeatherFeed
{
    /// <summary>Its address.</summary>
    public static string At(ScriptedSite site) => new Uri(site.Address, "feed.xml").AbsoluteUri;

    /// <summary>The feed, with something added to its channel.</summary>
    public static string With(ScriptedSite site, string added = "") =>
        $"<rss version=\"2.0\" xmlns:atom=\"http://www.w3.org/2005/Atom\"><channel><title>Moor Weather Diary</title><link>https://weather.example/</link><description>Fog and frost</description>{added}<atom:link rel=\"self\" type=\"application/rss+xml\" href=\"{At(site)}\"/><item><title>Fog</title><link>https://weather.example/1</link><guid>https://weather.example/1</guid><pubDate>Tue, 24 Nov 2026 09:30:00 GMT</pubDate><description>It came at nine.</description></item></channel></rss>";
}
