using System.Text.RegularExpressions;
using Antiphon.Core.Feeds.Rules.Rss;

namespace Antiphon.Core.Feeds.Forms;

/// <summary>Mail addresses (RFC 5322 §3.4.1) and persons as RSS names them.</summary>
internal static partial class MailForm
{
    /// <summary>A mail address alone.</summary>
    public static bool IsAddress(string text) => Address().IsMatch(text);

    /// <summary>A person of RSS: a mail address, with a name in brackets behind it or alone.</summary>
    public static Fault? Person(string value)
    {
        var text = value.Trim();
        if (!text.Contains('@', StringComparison.Ordinal))
            return new Fault(RssRules.AuthorNotMail, text);
        if (WithName().Match(text) is { Success: true } person && IsAddress(person.Groups[1].Value))
            return null;
        return Within().Match(text) is { Success: true } found && IsAddress(found.Value)
            ? new Fault(RssRules.PersonForm, text)
            : new Fault(RssRules.AuthorNotMail, text);
    }

    /// <summary>The mail address and the name in a text that holds both in some other order, or null.</summary>
    public static (string Mail, string Name)? Parts(string value)
    {
        var text = value.Trim();
        if (Within().Match(text) is not { Success: true } found || !IsAddress(found.Value))
            return null;
        var name = text.Remove(found.Index, found.Length)
            .Replace("mailto:", string.Empty, StringComparison.OrdinalIgnoreCase)
            .Trim(' ', '<', '>', '(', ')', '"', ',', ';', ':', '-', '[', ']');
        return (found.Value, name);
    }

    [GeneratedRegex(
        """^(?:[A-Za-z0-9!#$%&'*+/=?^_`{|}~\u0080-\uFFFF-]+(?:\.[A-Za-z0-9!#$%&'*+/=?^_`{|}~\u0080-\uFFFF-]+)*|"(?:[^"\\]|\\.)*")@(?:[A-Za-z0-9\u0080-\uFFFF](?:[A-Za-z0-9\u0080-\uFFFF_-]*[A-Za-z0-9\u0080-\uFFFF])?(?:\.[A-Za-z0-9\u0080-\uFFFF](?:[A-Za-z0-9\u0080-\uFFFF_-]*[A-Za-z0-9\u0080-\uFFFF])?)*|\[[0-9A-Fa-f.:IPv]+\])$"""
    )]
    private static partial Regex Address();

    [GeneratedRegex(@"^([^\s()<>]+)\s*(?:\((?:[^()]|\([^()]*\))*\))?$")]
    private static partial Regex WithName();

    [GeneratedRegex("""[^\s()<>,;:"\[\]]+@[^\s()<>,;:"\[\]]+""")]
    private static partial Regex Within();
}
