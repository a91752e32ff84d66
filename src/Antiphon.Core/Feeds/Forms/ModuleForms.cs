using System.Text.RegularExpressions;
using Antiphon.Core.Feeds.Rules.Modules;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Forms;

/// <summary>What the values of modules are written like.</summary>
internal static partial class ModuleForms
{
    /// <summary>One of some words.</summary>
    public static ValueForm OneOf(string element, params string[] words) =>
        value =>
            words.Contains(value.Trim(), StringComparer.Ordinal)
                ? null
                : new Fault(ModuleStructureRules.Value, value.Trim(), element, string.Join(", ", words));

    /// <summary>A whole number from the least on.</summary>
    public static ValueForm Whole(string element, int least = 0) =>
        value =>
            (least > 0 ? NumberForm.IsPositive(value) : NumberForm.IsWhole(value))
                ? null
                : new Fault(ModuleStructureRules.Value, value.Trim(), element, least > 0 ? "1, 2, 3 …" : "0, 1, 2 …");

    /// <summary>A number with or without a point.</summary>
    public static ValueForm Number(string element) =>
        value =>
            NumberForm.IsDecimal(value) ? null : new Fault(ModuleStructureRules.Value, value.Trim(), element, "44.1");

    /// <summary>A media type.</summary>
    public static ValueForm MediaType(string element) =>
        value =>
            MediaTypeForm.IsValid(value)
                ? null
                : new Fault(ModuleStructureRules.Value, value.Trim(), element, "audio/mpeg");

    /// <summary>A mail address.</summary>
    public static ValueForm Mail(string element) =>
        value =>
            MailForm.IsAddress(value.Trim())
                ? null
                : new Fault(ModuleStructureRules.Value, value.Trim(), element, "ida@quillmoor.example");

    /// <summary>A value that keeps to a test of its own rule.</summary>
    public static ValueForm By(CheckRule rule, Func<string, bool> isRight) =>
        value => isRight(value) ? null : new Fault(rule, value);

    /// <summary>A form written as a pattern.</summary>
    public static ValueForm Like(string element, string example, Regex pattern) =>
        value =>
            pattern.IsMatch(value.Trim())
                ? null
                : new Fault(ModuleStructureRules.Value, value.Trim(), element, example);

    /// <summary>A place and how far around it is meant, in metres.</summary>
    public static Fault? Circle(string value)
    {
        var parts = Parts(value);
        var isRound = parts.Length == 3 && parts.All(NumberForm.IsDecimal) && NumberForm.Decimal(parts[2]) > 0;
        return isRound
            ? Places(1, 1, ModuleRules.Point)($"{parts[0]} {parts[1]}")
            : new Fault(ModuleRules.Point, value);
    }

    private static string[] Parts(string value) =>
        value.Split([' ', '\t', '\r', '\n'], StringSplitOptions.RemoveEmptyEntries);

    /// <summary>Numbers of a place, in pairs: as many as there must be at least, latitude first.</summary>
    public static ValueForm Places(int least, int most, CheckRule rule) =>
        value =>
        {
            var parts = Parts(value);
            if (
                parts.Length % 2 != 0
                || parts.Length / 2 < least
                || parts.Length / 2 > most
                || !parts.All(NumberForm.IsDecimal)
            )
                return new Fault(rule, value);
            var numbers = Array.ConvertAll(parts, part => NumberForm.Decimal(part)!.Value);
            for (var at = 0; at < numbers.Length; at += 2)
            {
                if (Math.Abs(numbers[at]) > 90 || Math.Abs(numbers[at + 1]) > 180)
                    return new Fault(ModuleStructureRules.PlaceOutside, value);
            }

            var isRing = least >= 4;
            return isRing && (numbers[0] != numbers[^2] || numbers[1] != numbers[^1])
                ? new Fault(ModuleStructureRules.RingOpen, value)
                : null;
        };

    /// <summary>A box: two places, of which the first is not north of the second.</summary>
    public static ValueForm Box(CheckRule rule) =>
        value =>
            Places(2, 2, rule)(value)
            ?? (
                Parts(value) is var parts && NumberForm.Decimal(parts[0]) > NumberForm.Decimal(parts[2])
                    ? new Fault(ModuleStructureRules.BoxTurned, value)
                    : null
            );

    /// <summary>A latitude or longitude alone.</summary>
    public static ValueForm Degrees(int most) =>
        value =>
            NumberForm.Decimal(value) is { } degrees && Math.Abs(degrees) <= most
                ? null
                : new Fault(ModuleStructureRules.PlaceOutside, value);

    /// <summary>Time within a file: seconds, or hours, minutes and seconds (RFC 2326 §3.6).</summary>
    [GeneratedRegex(@"^([0-9]+|[0-9]{1,2}:[0-5][0-9](:[0-5][0-9])?)(\.[0-9]+)?$")]
    public static partial Regex PlayTime();

    /// <summary>Length of an episode: seconds, or hours, minutes and seconds.</summary>
    [GeneratedRegex(@"^([0-9]+|[0-9]{1,3}:[0-5]?[0-9](:[0-5]?[0-9])?)(\.[0-9]+)?$")]
    public static partial Regex Duration();

    /// <summary>Numbers with commas between them.</summary>
    [GeneratedRegex(@"^[0-9]+(\s*,\s*[0-9]+)*$")]
    public static partial Regex Numbers();
}
