using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Reports;

/// <summary>What a report for people says beside the findings, in one language.</summary>
/// <param name="Language">Language tag of the words.</param>
/// <param name="Title">Title of the report.</param>
/// <param name="Feed">Heads the column of names.</param>
/// <param name="Result">Heads the column of verdicts.</param>
/// <param name="Unread">The verdict of a feed that could not be read.</param>
/// <param name="Nothing">Stands where nothing was found.</param>
/// <param name="Line">Stands before the number of a line.</param>
/// <param name="Cope">The mark of what feed readers cope with.</param>
public sealed record ReportWords(
    string Language,
    string Title,
    string Feed,
    string Result,
    string Unread,
    string Nothing,
    string Line,
    string Cope
)
{
    private static readonly ReportWords English = new(
        "en",
        "Feed check",
        "Feed",
        "Result",
        "Could not be read",
        "No problems found.",
        "line",
        "Most feed readers cope with it"
    )
    {
        Severities = ["Errors", "Warnings", "Suggestions"],
        Verdicts = ["Valid", "Valid, with warnings", "Has errors", "Not a feed"],
    };

    private static readonly ReportWords German = new(
        "de",
        "Feed-Prüfung",
        "Feed",
        "Ergebnis",
        "Konnte nicht gelesen werden",
        "Keine Mängel gefunden.",
        "Zeile",
        "Die meisten Feedreader kommen damit zurecht"
    )
    {
        Severities = ["Fehler", "Warnungen", "Hinweise"],
        Verdicts = ["Gültig", "Gültig, mit Warnungen", "Hat Fehler", "Kein Feed"],
    };

    private string[] Severities { get; init; } = [];

    private string[] Verdicts { get; init; } = [];

    /// <summary>The words of a language; English where there are none.</summary>
    /// <param name="language">Primary language subtag, such as "de".</param>
    public static ReportWords For(string language) => language == "de" ? German : English;

    /// <summary>The name of a group of findings.</summary>
    public string Of(Severity severity) => Severities[(int)severity];

    /// <summary>A verdict as a few words; null stands for a feed that could not be read.</summary>
    public string Of(Verdict? verdict) => verdict is { } known ? Verdicts[(int)known] : Unread;
}
