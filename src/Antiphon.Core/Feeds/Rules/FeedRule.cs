using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Rules;

/// <summary>One rule of the feed check, as data.</summary>
/// <param name="Id">Stable name, such as "rss-guid-duplicate".</param>
/// <param name="Severity">How much breaking it matters.</param>
/// <param name="Message">What is wrong; {0}, {1} stand for the finding's arguments.</param>
/// <param name="Fix">What to do about it.</param>
/// <param name="Reference">The clause of the standard.</param>
public sealed record FeedRule(string Id, Severity Severity, string Message, string Fix, string Reference);
