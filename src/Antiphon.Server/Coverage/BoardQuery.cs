using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Mvc;

namespace Antiphon.Server.Coverage;

/// <summary>Which part of the board is asked for.</summary>
internal sealed class BoardQuery
{
    /// <summary>A blog.</summary>
    [FromQuery(Name = "blog")]
    public long? Blog { get; init; }

    /// <summary>Only posts that need something.</summary>
    [FromQuery(Name = "show")]
    public Spelled<BoardFilter>? Show { get; init; }

    /// <summary>Number of the first row of a window, from 0.</summary>
    [FromQuery(Name = "from")]
    public int? From { get; init; }

    /// <summary>Rows of the window, 40 unless said, at most 200.</summary>
    [FromQuery(Name = "count")]
    public int? Count { get; init; }

    /// <summary>Where the page before ended; goes before a window.</summary>
    [FromQuery(Name = "after")]
    public string? After { get; init; }
}

/// <summary>What makes a post stay when the board is filtered.</summary>
internal enum BoardFilter
{
    /// <summary>Something failed, was lost or is out of date.</summary>
    Off,

    /// <summary>It is still to come somewhere.</summary>
    Due,
}
