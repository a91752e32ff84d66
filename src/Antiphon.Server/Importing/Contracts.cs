using Antiphon.Core.Importing;
using Antiphon.Data.Importing;
using Antiphon.Server.Platform.Language;

namespace Antiphon.Server.Importing;

/// <summary>An import in the list.</summary>
internal sealed record ImportSummary(
    long Id,
    string Name,
    ImportKind Kind,
    string BlogName,
    ImportState State,
    DateTimeOffset BegunAt,
    DateTimeOffset? EndedAt,
    int Rows,
    int Done,
    int Made,
    int Changed,
    int Skipped,
    int Refused,
    string? Address,
    int? EveryMinutes,
    DateTimeOffset? NextAt,
    [property: TeamText] string? LastWords
);

/// <summary>An import in full.</summary>
/// <param name="Plan">How it was or would be brought in.</param>
/// <param name="Columns">The columns with samples of their values.</param>
/// <param name="Notes">What happened to rows that did not simply become posts.</param>
/// <param name="Tidied">Pieces of clutter taken out.</param>
/// <param name="Tables">The tables of a document that holds several, of which the plan names one; else empty.</param>
internal sealed record ImportView(
    ImportSummary Summary,
    long BlogId,
    ImportPlan Plan,
    IReadOnlyList<ColumnView> Columns,
    IReadOnlyList<ImportNote> Notes,
    int Tidied,
    IReadOnlyList<TableView> Tables
);

/// <summary>One of the tables of a document.</summary>
internal sealed record TableView(string Name, int Rows);

/// <summary>Chooses one of the tables of a document.</summary>
internal sealed record TableChoice(string Name);

/// <summary>A column.</summary>
/// <param name="Samples">Its first different values, shortened.</param>
/// <param name="Filled">In how many rows it says something.</param>
internal sealed record ColumnView(string Name, IReadOnlyList<string> Samples, int Filled);

/// <summary>Something to be read at an address.</summary>
/// <param name="Kind">Csv or Json for a published table, Feed, or Pages.</param>
/// <param name="Addresses">One address, or several pages.</param>
/// <param name="BlogId">The blog the posts go to.</param>
internal sealed record ImportAddressRequest(ImportKind Kind, IReadOnlyList<string> Addresses, long BlogId);

/// <summary>Begins bringing in.</summary>
/// <param name="EveryMinutes">For published tables: how often they are read again; null reads once.</param>
internal sealed record ImportStartRequest(ImportPlan Plan, int? EveryMinutes);

/// <summary>What bringing in would do.</summary>
/// <param name="Make">Posts it would make.</param>
/// <param name="Skip">Rows that are there already.</param>
/// <param name="Refuse">Rows it would refuse.</param>
/// <param name="Tidied">Pieces of clutter it would take out.</param>
/// <param name="Rows">The first rows one by one, what is refused before what is made.</param>
internal sealed record TrialView(int Make, int Skip, int Refuse, int Tidied, IReadOnlyList<TrialRow> Rows);

/// <summary>A row of a trial.</summary>
/// <param name="Outcome">make, skip or refuse.</param>
/// <param name="Reason">Why, or what could not be taken over; null when all is well.</param>
internal sealed record TrialRow(
    int Number,
    string Outcome,
    string Title,
    string? Date,
    string? Author,
    string? Category,
    IReadOnlyList<string> Tags,
    string? Status,
    string Start,
    [property: TeamText] string? Reason
);

/// <summary>What taking an import back did.</summary>
/// <param name="Posts">Posts put into the bin.</param>
/// <param name="Kept">Posts left, as somebody has worked on them since.</param>
internal sealed record ImportUndone(int Posts, int Kept);
