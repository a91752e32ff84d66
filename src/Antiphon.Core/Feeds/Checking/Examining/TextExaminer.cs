using System.Text.RegularExpressions;
using Antiphon.Core.Feeds.Rules;
using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Feeds.Checking.Examining;

/// <summary>Checks titles and HTML inside feeds.</summary>
internal static partial class TextExaminer
{
    /// <summary>Reports a title that was escaped twice.</summary>
    public static void ExamineTitle(Examination examination, SourceElement title)
    {
        // Inside CDATA one level is the text itself, so only a second level shows.
        var pattern = title.HasCData ? EscapedTwice() : EscapedOnce();
        if (pattern.Match(title.Text) is { Success: true } match)
            examination.Report(SharedRules.EscapedTwice, title.TextPlace, match.Value);
    }

    /// <summary>
    /// Reports double escaping, relative addresses and markup readers remove. Addresses under an xml:base are left
    /// alone.
    /// </summary>
    public static void ExamineHtml(Examination examination, SourceElement element)
    {
        var html = element.Text;
        if (EscapedTwice().Match(html) is { Success: true } match)
            examination.Report(SharedRules.EscapedTwice, element.TextPlace, match.Value);
        if (!html.Contains('<', StringComparison.Ordinal))
            return;
        if (UnsafeElement().Match(html) is { Success: true } tag)
        {
            examination.Report(
                SharedRules.UnsafeMarkup,
                element.PlaceIn(tag.Index),
                tag.Groups["name"].Value.ToLowerInvariant()
            );
        }

        if (HasBase(element))
            return;
        // No more than are kept: telling a place means counting lines from the start of the text.
        foreach (var address in Address().Matches(html).Where(IsRelative).Take(Examination.MostOfOneRule))
        {
            var value = address.Groups["address"].Value;
            examination.Report(SharedRules.RelativeAddress, element.PlaceIn(address.Groups["address"].Index), value);
        }
    }

    private static bool IsRelative(Match address) =>
        address.Groups["address"].Value is { Length: > 0 } value && !HasScheme(value);

    private static bool HasScheme(string value) =>
        value[0] == '#' || value.StartsWith("//", StringComparison.Ordinal) || Scheme().IsMatch(value);

    private static bool HasBase(SourceElement element)
    {
        for (var at = element; at is not null; at = at.Parent)
        {
            if (at.Attributes.Any(attribute => attribute is { LocalName: "base", Namespace: FeedNamespaces.Xml }))
                return true;
        }

        return false;
    }

    /// <summary>An entity standing in text that is no longer escaped.</summary>
    [GeneratedRegex(@"&(?:amp|lt|gt|quot|apos|nbsp|#\d{1,6}|#x[0-9a-fA-F]{1,5});")]
    internal static partial Regex EscapedOnce();

    /// <summary>An entity whose ampersand was escaped again.</summary>
    [GeneratedRegex(@"&amp;(?:amp|lt|gt|quot|apos|nbsp|#\d{1,6}|#x[0-9a-fA-F]{1,5});")]
    internal static partial Regex EscapedTwice();

    [GeneratedRegex(@"<(?<name>script|iframe|object|embed|form|applet)\b", RegexOptions.IgnoreCase)]
    private static partial Regex UnsafeElement();

    [GeneratedRegex(
        @"<(?:a|img|source|video|audio)\b[^<>]*?\s(?:href|src)\s*=\s*(?:""(?<address>[^""]*)""|'(?<address>[^']*)')",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex Address();

    [GeneratedRegex(@"^[A-Za-z][A-Za-z0-9+.-]*:")]
    private static partial Regex Scheme();
}
