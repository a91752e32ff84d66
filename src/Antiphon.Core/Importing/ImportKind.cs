namespace Antiphon.Core.Importing;

/// <summary>What posts are brought in from.</summary>
public enum ImportKind
{
    /// <summary>
    /// A table: comma-separated values (RFC 4180) or others, a sheet of a spreadsheet, or a table of a page.
    /// </summary>
    Csv,

    /// <summary>An array of objects (RFC 8259).</summary>
    Json,

    /// <summary>Markdown files with front matter, one by one or in an archive.</summary>
    Markdown,

    /// <summary>A feed.</summary>
    Feed,

    /// <summary>Pages of a website.</summary>
    Pages,
}
