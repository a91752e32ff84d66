using Antiphon.Core.Feeds.Forms;
using Antiphon.Core.Feeds.Rules.Atom;
using Antiphon.Core.Feeds.Rules.Json;
using Antiphon.Core.Feeds.Rules.Modules;
using Antiphon.Core.Feeds.Rules.Rss;
using Antiphon.Core.Feeds.Rules.Texts;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Repair.Values;

/// <summary>Puts single values right, by the rule they break.</summary>
internal static class ValueRepair
{
    // A value has few slips at once; each is told alone, so each is put right alone.
    private const int MostSlips = 5;

    private static readonly Dictionary<string, Func<Fault, string, Uri?, string?>> Ways = new(StringComparer.Ordinal)
    {
        [AddressRules.SchemeMisspelt.Id] = (_, value, _) => AddressForm.WithRightScheme(value),
        [AddressRules.Character.Id] = (_, value, _) => AddressRepair.Escaped(value),
        [AddressRules.Escape.Id] = (_, value, _) => AddressRepair.WithWholeEscapes(value),
        [AddressRules.EscapedTwice.Id] = (_, value, _) =>
            value.Replace("&amp;", "&", StringComparison.OrdinalIgnoreCase),
        [AddressRules.WithPassword.Id] = (_, value, _) => AddressRepair.WithoutUser(value),
        [AddressRules.WhiteSpaceAround.Id] = (_, value, _) => value.Trim(),
        [ContentRules.AddressWithSpace.Id] = (_, value, _) => AddressRepair.WithoutSpaces(value),
        [SharedRules.LinkNotAbsolute.Id] = (_, value, address) => AddressRepair.Whole(value, address),
        [AtomRules.IdNotIri.Id] = (_, value, address) => AddressRepair.Whole(value, address),
        [AtomDetailRules.PersonAddress.Id] = (_, value, _) => AddressRepair.WithoutSpaces(value),
        [ModuleRules.CommentFeed.Id] = (_, value, address) => AddressRepair.Whole(value, address),
        [SharedRules.LanguageInvalid.Id] = (_, value, _) => LanguageRepair.Tag(value),
        [LanguageRules.Unknown.Id] = (_, value, _) => LanguageRepair.Tag(value),
        [AtomDetailRules.LinkLanguage.Id] = (_, value, _) => LanguageRepair.Tag(value),
        [RssRules.PersonForm.Id] = (_, value, _) => PersonRepair.Rss(value),
        [AtomDetailRules.MailInvalid.Id] = (_, value, _) => MailForm.Parts(value)?.Mail,
        [RssStructureRules.PermaLink.Id] = (_, value, _) => IsYes(value) ? "true" : "false",
        [RssStructureRules.EnclosureType.Id] = (_, value, _) => MediaTypes.OfWord(value),
        [AtomDetailRules.LinkType.Id] = (_, value, _) => MediaTypes.OfWord(value),
        [JsonValueRules.MediaType.Id] = (_, value, _) => MediaTypes.OfWord(value),
        [RssRules.EnclosureLength.Id] = (_, value, _) => NumberRepair.Size(value) ?? "0",
        [AtomDetailRules.LinkLength.Id] = (_, value, _) => NumberRepair.Size(value),
        [ModuleRules.MediaSize.Id] = (fault, _, _) => NumberRepair.Size(fault.Arguments[1]),
        [RssDetailRules.Ttl.Id] = (_, value, _) => NumberRepair.Minutes(value),
        [RssDetailRules.SkipHour.Id] = (_, value, _) => value.Trim() == "24" ? "0" : NumberRepair.Digits(value),
        [RssDetailRules.SkipDay.Id] = (_, value, _) => NumberRepair.Weekday(value),
        [RssDetailRules.ImageSize.Id] = (fault, value, _) =>
            NumberRepair.Clamped(value, fault.Arguments[0] == "width" ? 144 : 400),
        [RssStructureRules.CloudProtocol.Id] = (_, value, _) => NumberRepair.Protocol(value),
        [RssStructureRules.CloudPlace.Id] = (_, value, _) => AddressRepair.OfCloud(value),
        [ModuleRules.DublinCoreDate.Id] = (_, value, _) => DateRepair.W3C(value),
        [ModuleRules.UpdatePeriod.Id] = (_, value, _) => Lower(value, "hourly", "daily", "weekly", "monthly", "yearly"),
        [ModuleRules.UpdateFrequency.Id] = (_, value, _) => NumberRepair.Digits(value),
        [ModuleRules.CommentNumber.Id] = (_, value, _) => NumberRepair.Digits(value),
        [ModuleRules.AnswerNumber.Id] = (_, value, _) => NumberRepair.Digits(value),
        [ModuleRules.Explicit.Id] = (_, value, _) => IsYes(value) ? "true" : null,
        [ModuleRules.Point.Id] = (_, value, _) => PlaceRepair.Spaced(value),
        [ModuleStructureRules.PlaceOutside.Id] = (_, value, _) => PlaceRepair.TurnedAbout(value),
        [ModuleStructureRules.BoxTurned.Id] = (_, value, _) => PlaceRepair.Upright(value),
        [ModuleStructureRules.RingOpen.Id] = (_, value, _) => PlaceRepair.Closed(value),
        [ModuleStructureRules.Value.Id] = Word,
    };

    /// <summary>
    /// The value put right as far as that can be known, with the rule it broke first; null when there is nothing to put
    /// right, or nobody can know how.
    /// </summary>
    /// <param name="form">What the value is to be written like.</param>
    /// <param name="value">The value.</param>
    /// <param name="address">Against what relative addresses are resolved, or null.</param>
    public static (string Value, string Rule)? Repaired(ValueForm form, string value, Uri? address)
    {
        string? rule = null;
        var right = value;
        for (var slip = 0; slip < MostSlips && !string.IsNullOrWhiteSpace(right); slip++)
        {
            if (form(right) is not { } fault || !Ways.TryGetValue(fault.Rule.Id, out var way))
                break;
            if (way(fault, right, address) is not { } better || better == right || better.Length == 0)
                break;
            right = better;
            rule ??= fault.Rule.Id;
        }

        // A value with a slip that nobody can put right stays whole as it is, rather than change one error for another.
        return rule is null || form(right) is { Rule.Severity: Severity.Error } ? null : (right, rule);
    }

    private static bool IsYes(string value) => value.Trim().ToLowerInvariant() is "true" or "yes" or "1" or "y";

    private static string? Lower(string value, params string[] words) =>
        words.FirstOrDefault(word => word.Equals(value.Trim(), StringComparison.OrdinalIgnoreCase));

    // One of some words in other capitals, a number with more than digits, a type by its short name, an address of mail
    // among other words.
    private static string? Word(Fault fault, string value, Uri? address)
    {
        var (wanted, text) = (fault.Arguments[2], value.Trim());
        var words = wanted.Split(", ");
        if (Lower(text, words) is { } word)
            return word;
        if (words is ["true", "false"] or ["Yes", "No", ..] or ["yes", "no"])
            return IsYes(text) ? words[0]
                : text.ToLowerInvariant() is "no" or "false" or "0" ? words[1]
                : null;
        if (wanted.EndsWith('…'))
            return NumberRepair.Digits(text);
        if (wanted == "audio/mpeg")
            return MediaTypes.OfWord(text);
        return wanted.Contains('@', StringComparison.Ordinal) ? MailForm.Parts(text)?.Mail : null;
    }
}
