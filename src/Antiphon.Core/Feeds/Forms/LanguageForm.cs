using Antiphon.Core.Feeds.Rules.Texts;

namespace Antiphon.Core.Feeds.Forms;

/// <summary>Language tags (BCP 47, RFC 5646): well-formed, of registered subtags, up to date.</summary>
internal static class LanguageForm
{
    /// <summary>The first slip of a tag, or null.</summary>
    public static Fault? Tag(string value)
    {
        var tag = value.Trim();
        if (LanguageSubtags.IsGrandfathered(tag))
            return Replaced(tag, tag);
        var parts = tag.Split('-');
        if (parts.Any(part => part.Length is 0 or > 8 || !part.All(char.IsAsciiLetterOrDigit)))
            return new Fault(SharedRules.LanguageInvalid, tag);
        if (parts[0].Equals("x", StringComparison.OrdinalIgnoreCase))
            return parts.Length > 1 ? null : new Fault(SharedRules.LanguageInvalid, tag);
        return new Walk(tag, parts).Slip();
    }

    private static Fault? Replaced(string tag, string subtag) =>
        LanguageSubtags.Replacement(subtag) is { } better
            ? new Fault(LanguageRules.Outdated, tag, subtag, better)
            : null;

    /// <summary>Goes through the subtags in the one order they may have (RFC 5646 §2.1).</summary>
    private sealed class Walk(string tag, string[] parts)
    {
        private int _at;

        public Fault? Slip()
        {
            var language = parts[_at++];
            if (!language.All(char.IsAsciiLetter) || language.Length < 2)
                return Broken();
            if (!LanguageSubtags.IsLanguage(language))
                return new Fault(LanguageRules.Unknown, tag, language);
            var seen = new HashSet<string>(StringComparer.OrdinalIgnoreCase);
            for (var extended = 0; extended < 3 && Is(3, 3, letters: true); extended++)
            {
                if (!LanguageSubtags.IsExtended(parts[_at]))
                    return new Fault(LanguageRules.Unknown, tag, parts[_at]);
                _at++;
            }

            if (Is(4, 4, letters: true) && !LanguageSubtags.IsScript(parts[_at++]))
                return new Fault(LanguageRules.Unknown, tag, parts[_at - 1]);
            if (IsRegion() && !LanguageSubtags.IsRegion(parts[_at++]))
                return new Fault(LanguageRules.Unknown, tag, parts[_at - 1]);
            for (; _at < parts.Length && IsVariant(parts[_at]); _at++)
            {
                if (!LanguageSubtags.IsVariant(parts[_at]))
                    return new Fault(LanguageRules.Unknown, tag, parts[_at]);
                if (!seen.Add(parts[_at]))
                    return Broken();
            }

            return Extensions() ?? Replaced(tag, language);
        }

        private Fault? Extensions()
        {
            var singletons = new HashSet<string>(StringComparer.OrdinalIgnoreCase);
            while (_at < parts.Length)
            {
                var singleton = parts[_at++];
                if (singleton.Length != 1 || !singletons.Add(singleton))
                    return Broken();
                var isPrivate = singleton is "x" or "X";
                var start = _at;
                while (_at < parts.Length && (isPrivate || parts[_at].Length > 1))
                    _at++;
                if (_at == start)
                    return Broken();
            }

            return null;
        }

        private Fault Broken() => new(SharedRules.LanguageInvalid, tag);

        private bool Is(int least, int most, bool letters) =>
            _at < parts.Length
            && parts[_at].Length >= least
            && parts[_at].Length <= most
            && (!letters || parts[_at].All(char.IsAsciiLetter));

        private bool IsRegion() =>
            Is(2, 2, letters: true) || (Is(3, 3, letters: false) && parts[_at].All(char.IsAsciiDigit));

        private static bool IsVariant(string part) =>
            part.Length >= 5 || (part.Length == 4 && char.IsAsciiDigit(part[0]));
    }
}
