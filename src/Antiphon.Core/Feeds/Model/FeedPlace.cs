namespace Antiphon.Core.Feeds.Model;

/// <summary>A point of the earth an entry is about (GeoRSS, WGS 84).</summary>
/// <param name="Latitude">Degrees north of the equator, -90 to 90.</param>
/// <param name="Longitude">Degrees east of Greenwich, -180 to 180.</param>
public sealed record FeedPlace(double Latitude, double Longitude);
