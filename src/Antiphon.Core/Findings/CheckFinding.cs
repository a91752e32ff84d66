using System.Globalization;

namespace Antiphon.Core.Findings;

/// <summary>Something a check of a post or a mail found.</summary>
/// <param name="Rule">The rule that is broken.</param>
/// <param name="Field">The field it is about, as requests spell it, such as "title" or "subject".</param>
/// <param name="Arguments">Values for the rule's message.</param>
public sealed record CheckFinding(CheckRule Rule, string Field, IReadOnlyList<string> Arguments)
{
    /// <summary>What is wrong, with the values.</summary>
    public string Message =>
        Arguments.Count == 0 ? Rule.Message : string.Format(CultureInfo.InvariantCulture, Rule.Message, [.. Arguments]);
}
