using System.Text.RegularExpressions;

namespace Antiphon.Core.Feeds.Checking.Examining.Texts;

/// <summary>Small questions about addresses in HTML.</summary>
internal static partial class HtmlAddressTests
{
    /// <summary>True for nearly all addresses: those of the web, as one writes them.</summary>
    public static bool IsWeb(string value) =>
        value.StartsWith("https://", StringComparison.Ordinal) || value.StartsWith("http://", StringComparison.Ordinal);

    /// <summary>
    /// True for an address that runs something, however its name is hidden behind white space or control characters.
    /// </summary>
    public static bool RunsScript(string value) =>
        Script().IsMatch(string.Concat(value.Where(c => !char.IsWhiteSpace(c) && !char.IsControl(c))));

    /// <summary>True for an address with a scheme.</summary>
    public static bool HasScheme(string value) => Scheme().IsMatch(value);

    /// <summary>True for an address of a file of the writer's own machine, which no reader can open.</summary>
    public static bool IsOfMachine(string value) => Machine().IsMatch(value);

    [GeneratedRegex(@"^(?:file:|[A-Za-z]:\\)", RegexOptions.IgnoreCase)]
    private static partial Regex Machine();

    [GeneratedRegex("^(?:javascript|vbscript|data:text/html)", RegexOptions.IgnoreCase)]
    private static partial Regex Script();

    [GeneratedRegex(@"^[A-Za-z][A-Za-z0-9+.-]*:")]
    private static partial Regex Scheme();
}
