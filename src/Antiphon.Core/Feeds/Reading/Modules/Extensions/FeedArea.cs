using Antiphon.Core.Feeds.Model;

namespace Antiphon.Core.Feeds.Reading.Modules.Extensions;

/// <summary>A line or an area of the earth an entry is about (GeoRSS).</summary>
/// <param name="Kind">What its points mean.</param>
/// <param name="Points">In order: of a line and of the edge of an area (closed, its first point is its last); of a box
/// its south-western and its north-eastern corner.</param>
public sealed record FeedArea(FeedAreaKind Kind, IReadOnlyList<FeedPlace> Points);

/// <summary>What the points of a <see cref="FeedArea"/> mean.</summary>
public enum FeedAreaKind
{
    /// <summary>A way, two points or more.</summary>
    Line,

    /// <summary>The edge of an area, four points or more.</summary>
    Polygon,

    /// <summary>Two corners of a box along meridians and parallels.</summary>
    Box,
}
