using System.Text.RegularExpressions;
using Antiphon.Core.Feeds.Model;

namespace Antiphon.Core.Feeds.Reading;

/// <summary>Reads the ways feeds write a person in one text.</summary>
public static partial class PersonParser
{
    /// <summary>
    /// "mail (name)" as RSS asks for, "name &lt;mail&gt;", a mail alone or a name alone; null when empty.
    /// </summary>
    public static FeedPerson? Parse(string? text)
    {
        var trimmed = text?.Trim();
        if (string.IsNullOrEmpty(trimmed))
            return null;
        if (!trimmed.Contains('@', StringComparison.Ordinal))
            return new FeedPerson(trimmed, null, null);
        if (MailThenName().Match(trimmed) is { Success: true } rss)
            return new FeedPerson(NullIfEmpty(rss.Groups["name"].Value), rss.Groups["mail"].Value, null);
        if (NameThenMail().Match(trimmed) is { Success: true } mail)
            return new FeedPerson(NullIfEmpty(mail.Groups["name"].Value), mail.Groups["mail"].Value, null);
        return MailAlone().IsMatch(trimmed) ? new FeedPerson(null, trimmed, null) : new FeedPerson(trimmed, null, null);
    }

    private static string? NullIfEmpty(string text) => string.IsNullOrWhiteSpace(text) ? null : text.Trim();

    [GeneratedRegex(@"^(?<mail>[^\s@()<>]+@[^\s@()<>]+)\s*\((?<name>[^)]*)\)$")]
    private static partial Regex MailThenName();

    [GeneratedRegex(@"^(?<name>[^<>@]*)<\s*(?<mail>[^\s@<>]+@[^\s@<>]+)\s*>$")]
    private static partial Regex NameThenMail();

    [GeneratedRegex(@"^[^\s@]+@[^\s@]+$")]
    private static partial Regex MailAlone();
}
