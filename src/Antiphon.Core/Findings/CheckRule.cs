namespace Antiphon.Core.Findings;

/// <summary>One rule of a check (of a feed, a post, a mail, a message to a channel), as data.</summary>
/// <param name="Id">Stable name, such as "rss-guid-duplicate" or "post-picture-without-words".</param>
/// <param name="Severity">How much breaking it matters; only an error keeps a post from being published. A rule of a
/// standard has the force of its clause: what must be is an error, what should be a warning.</param>
/// <param name="Message">What is wrong; {0}, {1} stand for the finding's arguments.</param>
/// <param name="Fix">What to do about it; the same arguments.</param>
/// <param name="Reference">The clause of the standard; empty for what is good practice.</param>
public sealed record CheckRule(string Id, Severity Severity, string Message, string Fix, string Reference = "")
{
    /// <summary>
    /// Whether readers of feeds usually cope with it, whatever the standard says. It never lowers the severity.
    /// </summary>
    public bool ReadersCope { get; init; }
}
