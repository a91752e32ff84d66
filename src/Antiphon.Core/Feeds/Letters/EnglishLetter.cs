namespace Antiphon.Core.Feeds.Letters;

/// <summary>A letter to a publisher in English.</summary>
internal sealed class EnglishLetter : LetterWords
{
    /// <inheritdoc/>
    public override string Greeting => "Hello,";

    /// <inheritdoc/>
    public override string ToChange => "This is what to change:";

    /// <inheritdoc/>
    public override string Ending => "Thank you for publishing a feed.\n\nKind regards,";

    /// <inheritdoc/>
    public override string Subject(string name) => $"Something to correct in the feed of {name}";

    /// <inheritdoc/>
    public override string Opening(string? title, string address, int errors, int warnings)
    {
        var feed = title is null ? $"your feed at {address}" : $"your feed “{title}” at {address}";
        var consequence =
            errors > 0
                ? "Some feed readers may miss posts because of it, or show them wrongly."
                : "Most feed readers cope, but not all of them do.";
        return $"I follow {feed}. A check against the published standards found {Found(errors, warnings)} in it. {consequence}";
    }

    /// <inheritdoc/>
    public override string More(int rules) =>
        rules == 1
            ? "There is one more thing of less weight; I can send you the whole list."
            : $"There are {rules} more things of less weight; I can send you the whole list.";

    /// <inheritdoc/>
    public override string Offer(bool isWhole) =>
        isWhole
            ? "All of it can be corrected automatically. I am happy to send you the corrected file."
            : "Part of it can be corrected automatically. I am happy to send you the corrected file.";

    /// <inheritdoc/>
    public override string Lines(IReadOnlyList<int> first, int all) =>
        (all == 1 ? "line " : "lines ")
        + string.Join(", ", first)
        + (all > first.Count ? $" and {all - first.Count} more" : string.Empty);

    private static string Found(int errors, int warnings)
    {
        string[] parts =
        [
            errors == 0 ? string.Empty
            : errors == 1 ? "one error"
            : $"{errors} errors",
            warnings == 0 ? string.Empty
            : warnings == 1 ? "one warning"
            : $"{warnings} warnings",
        ];
        return string.Join(" and ", parts.Where(part => part.Length > 0));
    }
}
