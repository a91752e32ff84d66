using System.Collections.Concurrent;

namespace Antiphon.StandIns.Misbehaving;

/// <summary>How the outside world misbehaves at the moment.</summary>
public sealed class Troubles
{
    private readonly ConcurrentDictionary<string, string> _modes = new();

    /// <summary>Ways a blog can misbehave.</summary>
    public static IReadOnlyList<string> Modes { get; } =
    ["well", "broken", "error", "missing", "endless", "rubbish", "page"];

    /// <summary>Milliseconds the mail server takes for each mail.</summary>
    public int MailDelay { get; set; }

    /// <summary>Mails the mail server will put off with a passing error before it takes one again.</summary>
    public int MailsToPutOff { get; set; }

    /// <summary>How a blog behaves; "well" unless told otherwise.</summary>
    public string ModeOf(string blog) => _modes.GetValueOrDefault(blog, "well");

    /// <summary>Tells a blog how to behave.</summary>
    public void Set(string blog, string mode) => _modes[blog] = mode;
}
