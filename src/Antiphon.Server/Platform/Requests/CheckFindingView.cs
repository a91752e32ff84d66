using Antiphon.Core.Findings;
using Antiphon.Server.Platform.Language;

namespace Antiphon.Server.Platform.Requests;

/// <summary>A finding about a post or a mail, in words.</summary>
/// <param name="Rule">Id of the rule.</param>
/// <param name="Severity">How much it matters; only an error keeps from publishing.</param>
/// <param name="Field">The field it is about.</param>
/// <param name="Message">What is wrong.</param>
/// <param name="Fix">What to do.</param>
internal sealed record CheckFindingView(
    string Rule,
    Severity Severity,
    string Field,
    [property: TeamText] string Message,
    [property: TeamText] string Fix
)
{
    /// <summary>The finding in words.</summary>
    public static CheckFindingView Of(Finding finding) =>
        new(finding.Rule.Id, finding.Rule.Severity, finding.Field ?? string.Empty, finding.Message, finding.Fix);
}
