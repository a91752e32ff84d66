using Antiphon.Core.Feeds.Reading.Dates;
using Antiphon.Core.Feeds.Rules.Atom;
using Antiphon.Core.Feeds.Rules.Documents;
using Antiphon.Core.Feeds.Rules.Json;
using Antiphon.Core.Feeds.Rules.Modules;
using Antiphon.Core.Feeds.Rules.Rss;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Conversion;

/// <summary>
/// What stands in a faulty document and is not read, so that no format can carry it: told by what a check found.
/// </summary>
public static class UnreadValues
{
    private static readonly HashSet<CheckRule> Dates =
    [
        RssRules.DateUnreadable,
        AtomRules.DateInvalid,
        JsonRules.DateInvalid,
        ModuleRules.DublinCoreDate,
    ];

    private static readonly HashSet<CheckRule> Repeated =
    [
        RssRules.ElementRepeated,
        AtomRules.ElementRepeated,
        ModuleStructureRules.Repeated,
        RdfRules.ElementRepeated,
        JsonValueRules.MemberTwice,
    ];

    private static readonly HashSet<CheckRule> Outside = [MendRules.TextOutside, MendRules.SecondRoot];

    /// <summary>What is not read, with how often.</summary>
    /// <param name="findings">What a check of the document found.</param>
    public static IReadOnlyList<LostValue> Of(IReadOnlyList<Finding> findings)
    {
        LostValue[] values =
        [
            new("Dates that cannot be read", findings.Count(IsUnreadDate)),
            new("Repeated elements, of which the first is read", Count(findings, Repeated)),
            new("Text and documents outside the feed", Count(findings, Outside)),
            new("What stands behind the place where the document breaks off", BreaksOff(findings) ? 1 : 0),
        ];
        return [.. values.Where(value => value.Count > 0)];
    }

    // A break that was mended is read past.
    private static bool BreaksOff(IReadOnlyList<Finding> findings) =>
        findings.Any(finding => finding.Rule == MendRules.BrokenOff)
        || (
            findings.Any(finding => finding.Rule == DocumentRules.NotWellFormed)
            && !findings.Any(finding => MendRules.All.Contains(finding.Rule))
        );

    private static bool IsUnreadDate(Finding finding) =>
        Dates.Contains(finding.Rule)
        && finding.Arguments.Count > 0
        && PublishedDateParser.Parse(finding.Arguments[0]) is null;

    private static int Count(IReadOnlyList<Finding> findings, HashSet<CheckRule> rules) =>
        findings.Count(finding => rules.Contains(finding.Rule));
}
