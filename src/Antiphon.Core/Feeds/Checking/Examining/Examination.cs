using Antiphon.Core.Feeds.Rules.Texts;
using Antiphon.Core.Feeds.Source;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Checking.Examining;

/// <summary>Collects what the examiners find, up to a bound.</summary>
/// <param name="now">The moment of the check.</param>
/// <param name="isAtHome">Whether the feed itself is read from the reader's own network, where addresses of that network
/// are as good as any.</param>
internal sealed class Examination(DateTimeOffset now, bool isAtHome = false)
{
    /// <summary>Findings kept of one rule; a feed with more of one kind is no more broken for it.</summary>
    public const int MostOfOneRule = 200;

    private readonly List<Finding> _findings = [];
    private readonly Dictionary<string, int> _counts = [];

    /// <summary>The moment of the check.</summary>
    public DateTimeOffset Now => now;

    /// <summary>Findings so far.</summary>
    public IReadOnlyList<Finding> Findings => _findings;

    /// <summary>Adds a finding at a place.</summary>
    public void Report(CheckRule rule, ISourcePlace place, params string[] arguments)
    {
        if (HasRoomFor(rule))
            _findings.Add(Finding.At(rule, place.Line, place.Column, arguments) with { Path = place.Path });
    }

    /// <summary>Adds a finished finding.</summary>
    public void Report(Finding finding)
    {
        if (HasRoomFor(finding.Rule))
            _findings.Add(finding);
    }

    private bool HasRoomFor(CheckRule rule)
    {
        if (isAtHome && rule == AddressRules.Local)
            return false;
        var count = _counts.GetValueOrDefault(rule.Id);
        _counts[rule.Id] = count + 1;
        return count < MostOfOneRule;
    }
}
