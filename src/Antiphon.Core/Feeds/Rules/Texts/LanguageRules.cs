using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Rules.Texts;

/// <summary>Rules about language tags (RFC 5646).</summary>
internal static class LanguageRules
{
    /// <summary>Not registered.</summary>
    public static readonly CheckRule Unknown = new(
        "language-unknown",
        Severity.Error,
        "“{1}” in the language “{0}” is not registered",
        "Write a registered tag, such as en, en-GB or de-AT.",
        "RFC 5646 §2.2.9"
    )
    {
        ReadersCope = true,
    };

    /// <summary>Replaced by another.</summary>
    public static readonly CheckRule Outdated = new(
        "language-outdated",
        Severity.Advice,
        "“{1}” in the language “{0}” was replaced by “{2}”",
        "Write {2}.",
        "RFC 5646 §3.1.7"
    );

    /// <summary>Every rule about languages.</summary>
    public static IReadOnlyList<CheckRule> All { get; } = [Unknown, Outdated];
}
