using System.Globalization;
using Antiphon.Core.Text;

namespace Antiphon.Core.Findings;

/// <summary>Something a check found: which rule is broken, with which values, and where.</summary>
/// <param name="Rule">The rule that is broken.</param>
/// <param name="Arguments">Values for the rule's texts, already shortened.</param>
public sealed record Finding(CheckRule Rule, IReadOnlyList<string> Arguments)
{
    /// <summary>Longest offending value repeated in a message, in characters.</summary>
    public const int LongestArgument = 80;

    /// <summary>
    /// The field it is about, as requests spell it, such as "title" or "subject"; null for a finding about a document.
    /// </summary>
    public string? Field { get; init; }

    /// <summary>
    /// Line in the source from 1, or null for a finding about the whole, about the transport or about a field.
    /// </summary>
    public int? Line { get; init; }

    /// <summary>Column from 1; null where there is no line.</summary>
    public int? Column { get; init; }

    /// <summary>
    /// Path to the element, such as /rss/channel/item[3]/guid; null where only line and column are known.
    /// </summary>
    public string? Path { get; init; }

    /// <summary>What is wrong, with the offending value.</summary>
    public string Message => Fill(Rule.Message);

    /// <summary>What to do.</summary>
    public string Fix => Fill(Rule.Fix);

    /// <summary>A finding at a place known only by line and column.</summary>
    public static Finding At(CheckRule rule, int line, int column, params string[] arguments) =>
        new(rule, Shorten(arguments)) { Line = line, Column = column };

    /// <summary>A finding about a document as a whole or about how it was served.</summary>
    public static Finding Overall(CheckRule rule, params string[] arguments) => new(rule, Shorten(arguments));

    /// <summary>A finding about a field of what somebody writes.</summary>
    public static Finding About(string field, CheckRule rule, params string[] arguments) =>
        new(rule, Shorten(arguments)) { Field = field };

    private static string[] Shorten(string[] arguments) =>
        Array.ConvertAll(arguments, value => Shortened.ToLength(value.ReplaceLineEndings(" ").Trim(), LongestArgument));

    private string Fill(string template) =>
        Arguments.Count == 0 ? template : string.Format(CultureInfo.InvariantCulture, template, [.. Arguments]);
}
