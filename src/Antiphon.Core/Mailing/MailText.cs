namespace Antiphon.Core.Mailing;

/// <summary>A composed mail without its envelope.</summary>
/// <param name="Subject">One line, control characters removed.</param>
/// <param name="Html">The HTML part.</param>
/// <param name="Plain">The plain-text part.</param>
public sealed record MailText(string Subject, string Html, string Plain);
