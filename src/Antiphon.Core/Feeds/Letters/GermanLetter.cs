namespace Antiphon.Core.Feeds.Letters;

/// <summary>A letter to a publisher in German.</summary>
internal sealed class GermanLetter : LetterWords
{
    /// <inheritdoc/>
    public override string Greeting => "Guten Tag,";

    /// <inheritdoc/>
    public override string ToChange => "Das wäre zu ändern:";

    /// <inheritdoc/>
    public override string Ending => "Danke, dass Sie einen Feed veröffentlichen.\n\nMit freundlichen Grüßen";

    /// <inheritdoc/>
    public override string Subject(string name) => $"Korrekturen für den Feed von {name}";

    /// <inheritdoc/>
    public override string Opening(string? title, string address, int errors, int warnings)
    {
        var feed = title is null ? $"Ihren Feed {address}" : $"Ihren Feed „{title}“ ({address})";
        var consequence =
            errors > 0
                ? "Manche Feedreader lassen deshalb Beiträge aus oder zeigen sie falsch an."
                : "Die meisten Feedreader kommen damit zurecht, aber nicht alle.";
        return $"ich lese {feed}. Eine Prüfung nach den veröffentlichten Standards hat {Found(errors, warnings)} ergeben. {consequence}";
    }

    /// <inheritdoc/>
    public override string More(int rules) =>
        rules == 1
            ? "Hinzu kommt ein weiterer, weniger wichtiger Punkt; die ganze Liste schicke ich Ihnen gern."
            : $"Hinzu kommen {rules} weitere, weniger wichtige Punkte; die ganze Liste schicke ich Ihnen gern.";

    /// <inheritdoc/>
    public override string Offer(bool isWhole) =>
        isWhole
            ? "Alles davon lässt sich automatisch korrigieren. Die korrigierte Datei schicke ich Ihnen gern."
            : "Ein Teil davon lässt sich automatisch korrigieren. Die korrigierte Datei schicke ich Ihnen gern.";

    /// <inheritdoc/>
    public override string Lines(IReadOnlyList<int> first, int all) =>
        (all == 1 ? "Zeile " : "Zeilen ")
        + string.Join(", ", first)
        + (all > first.Count ? $" und {all - first.Count} weitere" : string.Empty);

    private static string Found(int errors, int warnings)
    {
        string[] parts =
        [
            errors == 0 ? string.Empty
            : errors == 1 ? "einen Fehler"
            : $"{errors} Fehler",
            warnings == 0 ? string.Empty
            : warnings == 1 ? "eine Warnung"
            : $"{warnings} Warnungen",
        ];
        return string.Join(" und ", parts.Where(part => part.Length > 0));
    }
}
