using AngleSharp.Dom;
using AngleSharp.Html.Dom;
using Antiphon.Core.Html;
using Antiphon.Core.Tables;

namespace Antiphon.Core.Importing.Reading;

/// <summary>
/// Reads the tables of a page (HTML Standard, §4.9), of which the first row names the columns. Tables that only lay a
/// page out hold others or have less than two rows and columns, and are left out.
/// </summary>
public static class PageTables
{
    private const int WidestSpan = 1000;

    /// <summary>The tables, in order.</summary>
    /// <param name="document">The page.</param>
    /// <param name="address">Where it was read; addresses of links and pictures are resolved against it.</param>
    public static IReadOnlyList<NamedTable> Read(IHtmlDocument document, Uri? address)
    {
        var (found, heading) = (new List<(string, ImportTable)>(), string.Empty);
        foreach (var element in document.QuerySelectorAll("h1, h2, h3, h4, h5, h6, table"))
        {
            if (element is not IHtmlTableElement table)
            {
                heading = element.TextContent.Trim();
                continue;
            }

            if (table.QuerySelector("table") is not null)
                continue;
            var grid = GridOf(table);
            if (grid.Count < 2 || grid.Max(row => row.Count) < 2)
                continue;
            found.Add((NameOf(table, heading, found.Count + 1), TableOf(grid, address)));
            // A heading is that of the first table below it.
            heading = string.Empty;
        }

        return NamedTable.Several(found);
    }

    // A cell over several rows or columns says the same in each of them.
    private static List<List<IElement?>> GridOf(IHtmlTableElement table)
    {
        var grid = new List<List<IElement?>>();
        var below = new Dictionary<int, (IElement Cell, int Rows)>();
        foreach (var row in table.Rows.Take(ImportTable.MostRows))
        {
            var cells = new List<IElement?>();
            void TakeFromAbove()
            {
                while (below.TryGetValue(cells.Count, out var above) && above.Rows > 0)
                {
                    below[cells.Count] = (above.Cell, above.Rows - 1);
                    cells.Add(above.Cell);
                }
            }

            foreach (var cell in row.Cells)
            {
                TakeFromAbove();
                var wide = Math.Clamp(cell.ColumnSpan, 1, ImportTable.MostColumns);
                for (var column = 0; column < wide && cells.Count < ImportTable.MostColumns; column++)
                {
                    if (cell.RowSpan > 1)
                        below[cells.Count] = (cell, Math.Min(cell.RowSpan, WidestSpan) - 1);
                    cells.Add(cell);
                }
            }

            TakeFromAbove();
            grid.Add(cells);
        }

        return grid;
    }

    private static ImportTable TableOf(List<List<IElement?>> grid, Uri? address)
    {
        var links = Enumerable
            .Range(0, grid[0].Count)
            .Where(column => grid.Skip(1).Any(row => LinkOf(row.ElementAtOrDefault(column), address) is not null))
            .ToList();
        var head = grid[0].Select(TextOf).ToList();
        return ImportTable.OfRows(
            grid.Skip(1)
                .Select(row =>
                    (IReadOnlyList<string>)
                        [
                            .. row.Select(cell => ValueOf(cell, address)),
                            .. Enumerable.Repeat(string.Empty, Math.Max(0, head.Count - row.Count)),
                            .. links.Select(column => LinkOf(row.ElementAtOrDefault(column), address) ?? string.Empty),
                        ]
                )
                .Prepend([.. head, .. links.Select(column => $"{head[column]} (link)")])
        );
    }

    private static string TextOf(IElement? cell) => cell is null ? string.Empty : HtmlText.Of(cell.InnerHtml).Trim();

    // Text with paragraphs, pictures or emphasis stays what it is; a table of plain words gives plain words.
    private static string ValueOf(IElement? cell, Uri? address)
    {
        if (cell?.QuerySelector("p, ul, ol, img, b, i, strong, em, h1, h2, h3, h4, blockquote") is null)
            return TextOf(cell);
        return cell.QuerySelectorAll("img") is [IHtmlImageElement only] && TextOf(cell).Length == 0
            ? Absolute(only.GetAttribute("src"), address) ?? string.Empty
            : HtmlCleaner.ForPosts.Clean(cell.InnerHtml, address);
    }

    private static string? LinkOf(IElement? cell, Uri? address) =>
        cell?.QuerySelectorAll("a[href]") is [var only] ? Absolute(only.GetAttribute("href"), address) : null;

    private static string? Absolute(string? written, Uri? address) =>
        address is null ? written
        : Uri.TryCreate(address, written, out var found) && found.Scheme is "http" or "https" ? found.AbsoluteUri
        : null;

    private static string NameOf(IHtmlTableElement table, string heading, int number)
    {
        if (table.Caption?.TextContent.Trim() is { Length: > 0 } caption)
            return caption;
        return heading.Length > 0 ? heading : $"#{number}";
    }
}
