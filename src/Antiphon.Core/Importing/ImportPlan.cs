namespace Antiphon.Core.Importing;

/// <summary>How a table becomes posts.</summary>
/// <param name="Columns">Where each column goes.</param>
/// <param name="DateForm">Form of its dates.</param>
/// <param name="ListSeparator">What separates several tags or categories in one value.</param>
/// <param name="AsDrafts">Whether everything comes in as a draft, whatever it says itself.</param>
/// <param name="Author">Author of rows that name none, or null.</param>
/// <param name="Category">Category of rows that name none, or null.</param>
/// <param name="FetchPictures">Whether pictures are fetched into the library.</param>
/// <param name="Tidy">Whether left-over clutter is cleaned out.</param>
/// <param name="Names">Names for identifiers of authors and categories, from tables of their own.</param>
/// <param name="Table">Which of the tables of a document that holds several, by its name; null for the only one.</param>
public sealed record ImportPlan(
    IReadOnlyList<ColumnMapping> Columns,
    DateForm DateForm,
    string ListSeparator,
    bool AsDrafts,
    string? Author,
    string? Category,
    bool FetchPictures,
    bool Tidy,
    IReadOnlyDictionary<string, string>? Names = null,
    string? Table = null
);
