using System.Reflection;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Tests.Findings;

public sealed class FindingTests
{
    /// <summary>Every rule of every check there is.</summary>
    private static List<CheckRule> Rules =>
        [
            .. typeof(CheckRule)
                .Assembly.GetExportedTypes()
                .SelectMany(type => type.GetMembers(BindingFlags.Public | BindingFlags.Static))
                .Select(member =>
                    member switch
                    {
                        FieldInfo constant => constant.GetValue(null),
                        PropertyInfo property => property.GetValue(null),
                        _ => null,
                    } as CheckRule
                )
                .OfType<CheckRule>()
                .Distinct(),
        ];

    // A brace of ours in a text, as in "{link}", must not meet the braces that arguments are put into.
    [Fact]
    public void Every_rule_can_be_said_with_its_values()
    {
        Assert.True(Rules.Count > 150, $"only {Rules.Count} were found");
        Assert.All(Rules, rule =>
        {
            var takesValues = (rule.Message + rule.Fix).Contains("{0", StringComparison.Ordinal);
            var finding = takesValues
                ? Finding.Overall(rule, "first", "second", "third", "fourth")
                : Finding.Overall(rule);
            Assert.DoesNotMatch(@"\{\d", finding.Message + finding.Fix);
        });
    }

    [Fact]
    public void A_value_is_said_on_one_line_and_shortened()
    {
        var rule = new CheckRule("of-the-test", Severity.Advice, "“{0}” is long", "Shorten “{0}”.");
        var finding = Finding.About("title", rule, "two\nlines " + new string('x', 200));
        Assert.Equal("title", finding.Field);
        Assert.Null(finding.Line);
        Assert.StartsWith("“two lines xxx", finding.Message, StringComparison.Ordinal);
        Assert.InRange(finding.Fix.Length, 60, Finding.LongestArgument + 20);
    }
}
