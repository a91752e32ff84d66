using System.Globalization;

namespace Antiphon.Core.Posts.Checking;

/// <summary>Something the check of a post found.</summary>
/// <param name="Rule">The rule that is broken.</param>
/// <param name="Field">The field it is about, as requests spell it: title, slug, bodyHtml, excerpt, pictureAlt, category.</param>
/// <param name="Arguments">Values for the rule's message.</param>
public sealed record PostFinding(PostRule Rule, string Field, IReadOnlyList<string> Arguments)
{
    /// <summary>What is wrong, with the values.</summary>
    public string Message => Arguments.Count == 0 ? Rule.Message : string.Format(CultureInfo.InvariantCulture, Rule.Message, [.. Arguments]);
}
