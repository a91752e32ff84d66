using System.IO.Compression;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Html.Markdown;
using Antiphon.Core.Importing;
using Antiphon.Core.Importing.Reading;
using Antiphon.Core.Tables;
using Antiphon.Server.Platform.Limits;

namespace Antiphon.Server.Importing;

/// <summary>Reads what is packed: Markdown files, and spreadsheets, which are archives of XML.</summary>
internal static class ImportArchives
{
    private const int MostFiles = 20_000;
    private const long MostUnpacked = 200_000_000;
    private static readonly string TooMuch = "The archive unpacks to more than 200 MB. Upload it in several parts.";

    /// <summary>The tables in an archive.</summary>
    public static async Task<ReadSource> ReadAsync(byte[] bytes, CancellationToken cancellation)
    {
        try
        {
            using var archive = new ZipArchive(new MemoryStream(bytes), ZipArchiveMode.Read);
            if (archive.Entries.Count > MostFiles)
                return ReadSource.Refused(
                    ImportKind.Markdown,
                    $"The archive holds more than {MostFiles:N0} files. Upload it in several parts."
                );
            if (archive.GetEntry("xl/workbook.xml") is not null)
                return await IsBoundedAsync(archive, cancellation)
                    ? Sheets(ExcelTables.Read(bytes))
                    : ReadSource.Refused(ImportKind.Csv, TooMuch);
            if (archive.GetEntry("content.xml") is { } content && archive.GetEntry("mimetype") is not null)
                return await OpenSheetAsync(content, cancellation);
            return await MarkdownAsync(archive, cancellation);
        }
        catch (InvalidDataException)
        {
            return ReadSource.Refused(ImportKind.Markdown, "The archive is damaged; pack it again and send it.");
        }
    }

    /// <summary>The sheets of a workbook.</summary>
    public static ReadSource Sheets(IReadOnlyList<NamedTable>? sheets) =>
        sheets is null
            ? ReadSource.Refused(
                ImportKind.Csv,
                "This spreadsheet cannot be read. Open it, save it again without a password, or save it as CSV."
            )
            : ReadSource.Of(ImportKind.Csv, sheets);

    /// <summary>A Markdown file, whose name says what it is, however few signs of it there are.</summary>
    public static Dictionary<string, string> MarkdownRecord(string name, string text)
    {
        var record = FrontMatter.Read(name, text);
        record[FrontMatter.BodyColumn] = MarkdownReader.ToHtml(record[FrontMatter.BodyColumn]);
        return record;
    }

    private static async Task<ReadSource> OpenSheetAsync(ZipArchiveEntry content, CancellationToken cancellation)
    {
        await using var stream = await content.OpenAsync(cancellation);
        return await BoundedBody.ReadAsync(stream, MostUnpacked, cancellation) is { } text
            ? Sheets(OpenSheetTables.Read(new MemoryStream(text)))
            : ReadSource.Refused(ImportKind.Csv, TooMuch);
    }

    private static async Task<ReadSource> MarkdownAsync(ZipArchive archive, CancellationToken cancellation)
    {
        var (records, unpacked) = (new List<Dictionary<string, string>>(), 0L);
        foreach (
            var entry in archive.Entries.Where(entry =>
                entry.Name.EndsWith(".md", StringComparison.OrdinalIgnoreCase)
                || entry.Name.EndsWith(".markdown", StringComparison.OrdinalIgnoreCase)
            )
        )
        {
            await using var stream = await entry.OpenAsync(cancellation);
            if (await BoundedBody.ReadAsync(stream, MostUnpacked - unpacked, cancellation) is not { } content)
                return ReadSource.Refused(ImportKind.Markdown, TooMuch);
            unpacked += content.Length;
            records.Add(MarkdownRecord(entry.FullName, DecodedFeed.From(content, null).Text));
        }

        return records.Count == 0
            ? ReadSource.Refused(
                ImportKind.Markdown,
                "There is no spreadsheet and no Markdown file in the archive (.md)."
            )
            : ReadSource.Of(ImportKind.Markdown, ImportTable.Of(records));
    }

    // The sizes an archive states may lie, so what comes out is counted before anybody else unpacks it.
    private static async Task<bool> IsBoundedAsync(ZipArchive archive, CancellationToken cancellation)
    {
        var (left, buffer) = (MostUnpacked, new byte[81_920]);
        foreach (var entry in archive.Entries)
        {
            await using var stream = await entry.OpenAsync(cancellation);
            while (await stream.ReadAsync(buffer, cancellation) is var read and > 0)
            {
                left -= read;
                if (left < 0)
                    return false;
            }
        }

        return true;
    }
}
