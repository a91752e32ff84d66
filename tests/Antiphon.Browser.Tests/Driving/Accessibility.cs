using Antiphon.Tests;

namespace Antiphon.Browser.Tests.Driving;

/// <summary>What axe-core finds on a page, WCAG 2.2 A and AA.</summary>
internal static class Accessibility
{
    private static readonly Lazy<string> Axe = new(() =>
        File.ReadAllText(Path.Combine(Repository.Root, "node_modules", "axe-core", "axe.min.js"))
    );

    /// <summary>Fails with a line for each violation: rule, how often, and the first place.</summary>
    public static void Check(BrowserWindow browser)
    {
        browser.Run(Axe.Value);
        var found = browser.RunLater(
            """
            const done = arguments[arguments.length - 1];
            axe.run(document, { runOnly: ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'], iframes: false })
              .then((result) => done(result.violations.map((violation) => `${violation.id} x${violation.nodes.length}: ${violation.nodes[0].html.slice(0, 160)} ${violation.nodes[0].failureSummary}`)));
            """
        );
        var violations = ((IEnumerable<object>)found!).Select(line => line.ToString()).ToList();
        Assert.True(violations.Count == 0, string.Join("\n", violations));
    }
}
