using AngleSharp.Css;
using AngleSharp.Css.Dom;
using AngleSharp.Css.Parser;
using AngleSharp.Dom;

namespace Antiphon.Core.Listings.Styles.Matching;

/// <summary>A value with the rule that gave it.</summary>
internal sealed record Declared(string Value, string Selector, string Sheet);

/// <summary>
/// What the style sheets of a page say of its elements, by importance, specificity and order (CSS Cascading Level 4,
/// section 6).
/// </summary>
internal sealed class PageCascade
{
    private readonly List<(ICssStyleRule Rule, string Sheet)> _rules = [];

    /// <summary>Reads the sheets; what is not CSS in them is passed over.</summary>
    public PageCascade(IReadOnlyList<PageSheet> sheets)
    {
        var parser = new CssParser();
        foreach (var sheet in CustomProperties.Resolve(sheets))
            Collect(parser.ParseStyleSheet(sheet.Css ?? string.Empty).Rules, sheet.Name);
    }

    /// <summary>What is said of the element itself, or null.</summary>
    public Declared? Of(IElement element, string property)
    {
        Declared? winner = null;
        var best = (IsImportant: false, Specificity: Priority.Zero);
        foreach (var (rule, sheet) in _rules)
        {
            var value = rule.Style.GetPropertyValue(property);
            if (string.IsNullOrEmpty(value) || Specificity(rule.Selector, element) is not { } specificity)
                continue;
            var rank = (IsImportant: rule.Style.GetPropertyPriority(property) == "important", Specificity: specificity);
            if (winner is not null && Below(rank, best))
                continue;
            (winner, best) = (new Declared(value, rule.SelectorText, sheet), rank);
        }

        return winner;
    }

    /// <summary>
    /// What is said of the element or, where it inherits, of the nearest around it; null when nothing is.
    /// </summary>
    public Declared? Inherited(IElement? element, string property)
    {
        for (; element is not null; element = element.ParentElement)
        {
            if (Of(element, property) is { } found && found.Value is not ("inherit" or "unset"))
                return found;
        }

        return null;
    }

    private static bool Below(
        (bool IsImportant, Priority Specificity) one,
        (bool IsImportant, Priority Specificity) best
    ) => one.IsImportant != best.IsImportant ? best.IsImportant : one.Specificity < best.Specificity;

    /// <summary>
    /// The highest specificity of those selectors of a list that find the element; null when none does.
    /// </summary>
    private static Priority? Specificity(ISelector? selector, IElement element)
    {
        if (selector is IEnumerable<ISelector> list)
            return list.Select(iSelector => Specificity(iSelector, element))
                .Where(priority => priority is not null)
                .OrderByDescending(priority => priority)
                .FirstOrDefault();
        return selector is not null && selector.Match(element, element.Owner?.DocumentElement)
            ? selector.Specificity
            : null;
    }

    private void Collect(ICssRuleList rules, string sheet)
    {
        foreach (var rule in rules)
        {
            if (rule is ICssStyleRule style)
                _rules.Add((style, sheet));
            else if (rule is ICssMediaRule media && MediaCondition.FitsDesktop(media.ConditionText))
                Collect(media.Rules, sheet);
            else if (rule is ICssSupportsRule supports)
                Collect(supports.Rules, sheet);
        }
    }
}
