using System.Globalization;
using Antiphon.Core.Feeds.Source;
using Antiphon.Core.Text;

namespace Antiphon.Core.Feeds.Rules;

/// <summary>Something the check found.</summary>
/// <param name="Rule">The rule that is broken.</param>
/// <param name="Arguments">Values for the rule's texts, already shortened.</param>
/// <param name="Line">Line in the source from 1, or null for a finding about the whole or about the transport.</param>
/// <param name="Column">Column from 1.</param>
/// <param name="Path">Path to the element, such as /rss/channel/item[3]/guid.</param>
public sealed record Finding(FeedRule Rule, IReadOnlyList<string> Arguments, int? Line, int? Column, string? Path)
{
    /// <summary>Longest offending value repeated in a message, in characters.</summary>
    public const int LongestArgument = 80;

    /// <summary>What is wrong, with the offending value.</summary>
    public string Message => Fill(Rule.Message);

    /// <summary>What to do.</summary>
    public string Fix => Fill(Rule.Fix);

    /// <summary>A finding at a place known only by line and column.</summary>
    public static Finding At(FeedRule rule, int line, int column, params string[] arguments) =>
        new(rule, Shorten(arguments), line, column, null);

    /// <summary>A finding at a node of the source.</summary>
    public static Finding In(FeedRule rule, ISourcePlace place, params string[] arguments) =>
        new(rule, Shorten(arguments), place.Line, place.Column, place.Path);

    /// <summary>A finding about the document as a whole or about how it was served.</summary>
    public static Finding Overall(FeedRule rule, params string[] arguments) =>
        new(rule, Shorten(arguments), null, null, null);

    private static string[] Shorten(string[] arguments) =>
        Array.ConvertAll(arguments, value => Shortened.ToLength(value.ReplaceLineEndings(" ").Trim(), LongestArgument));

    private string Fill(string template)
    {
        if (Arguments.Count == 0)
            return template;
        return string.Format(CultureInfo.InvariantCulture, template, [.. Arguments]);
    }
}
