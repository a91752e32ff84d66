using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Feeds.Model;
using Antiphon.Data.Work;

namespace Antiphon.Data.Feeds.Checking;

/// <summary>One check of one feed, waiting or made, kept so that the next can be compared with it.</summary>
public sealed class KeptCheck : LeasedRow
{
    /// <summary>Longest name of a file, in characters.</summary>
    public const int LongestName = 300;

    /// <summary>Identifies the check in the database.</summary>
    public long Id { get; set; }

    /// <summary>Id of the site whose team asked for it.</summary>
    public long SiteId { get; set; }

    /// <summary>Id of the run it belongs to; null for a check of one feed.</summary>
    public long? RunId { get; set; }

    /// <summary>The run it belongs to, when it is read with it.</summary>
    public CheckRun? Run { get; set; }

    /// <summary>
    /// Address, or name of the file; checks of one name follow each other. Empty for pasted text, which has no
    /// predecessor.
    /// </summary>
    public string Name { get; set; } = string.Empty;

    /// <summary>Where it is fetched from; null for a file or for text.</summary>
    public string? Address { get; set; }

    /// <summary>The file, of a check that has no address; null for pasted text.</summary>
    public byte[]? Document { get; set; }

    /// <summary>When it was made; null while it waits.</summary>
    public DateTimeOffset? CheckedAt { get; set; }

    /// <summary>The verdict; null while it waits and when the feed could not be read.</summary>
    public Verdict? Verdict { get; set; }

    /// <summary>Code of why it could not be fetched, or null.</summary>
    public string? Problem { get; set; }

    /// <summary>Value that belongs to the problem, or null.</summary>
    public string? ProblemDetail { get; set; }

    /// <summary>The format; null when it is no feed.</summary>
    public FeedFormat? Format { get; set; }

    /// <summary>Title of the feed, or null.</summary>
    public string? Title { get; set; }

    /// <summary>Mail address the feed names for its publisher, or null.</summary>
    public string? Contact { get; set; }

    /// <summary>The page the feed was found on, when the address was that of a page.</summary>
    public string? FoundOn { get; set; }

    /// <summary>Entries read.</summary>
    public int Entries { get; set; }

    /// <summary>Errors found.</summary>
    public int Errors { get; set; }

    /// <summary>Warnings found.</summary>
    public int Warnings { get; set; }

    /// <summary>Pieces of advice.</summary>
    public int Advice { get; set; }

    /// <summary>Findings a repair puts right.</summary>
    public int Repairable { get; set; }

    /// <summary>When the feed was checked before; null for the first time.</summary>
    public DateTimeOffset? ComparedWith { get; set; }

    /// <summary>Kinds of finding that were not there before.</summary>
    public int Came { get; set; }

    /// <summary>Kinds of finding that are there no more.</summary>
    public int Gone { get; set; }

    /// <summary>The first findings, most serious first.</summary>
    public List<StoredFinding> Findings { get; set; } = [];
}
