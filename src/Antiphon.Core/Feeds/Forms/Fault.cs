using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Forms;

/// <summary>What is wrong with a value.</summary>
/// <param name="Rule">The rule it breaks.</param>
/// <param name="Arguments">Values for the rule's texts.</param>
internal sealed record Fault(CheckRule Rule, params string[] Arguments);

/// <summary>Looks at a value that is not blank; null when it is right. At most the first slip is told.</summary>
/// <param name="value">The value, white space around it included.</param>
internal delegate Fault? ValueForm(string value);
