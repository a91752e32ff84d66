namespace Antiphon.Core.Findings;

/// <summary>One rule of the check of a post or a mail, as data.</summary>
/// <param name="Id">Stable name, such as "post-picture-without-words".</param>
/// <param name="Severity">How much breaking it matters; only an error keeps from publishing.</param>
/// <param name="Message">What is wrong; {0}, {1} stand for the finding's arguments.</param>
/// <param name="Fix">What to do about it.</param>
public sealed record CheckRule(string Id, Severity Severity, string Message, string Fix);
