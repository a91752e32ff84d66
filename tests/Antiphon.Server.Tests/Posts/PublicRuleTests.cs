using System.Text.RegularExpressions;
using Antiphon.Tests;

namespace Antiphon.Server.Tests.Posts;

/// <summary>When a post is public is said in one place.</summary>
public sealed partial class PublicRuleTests
{
    [Fact]
    public void Nobody_but_the_rule_compares_status_and_date()
    {
        var sources = Directory
            .EnumerateFiles(
                Path.Combine(Repository.Root, "src", "Antiphon.Server"),
                "*.cs",
                SearchOption.AllDirectories
            )
            .Where(file =>
                !file.Contains(
                    $"{Path.DirectorySeparatorChar}obj{Path.DirectorySeparatorChar}",
                    StringComparison.Ordinal
                )
            )
            .ToList();
        Assert.True(sources.Count > 300);
        Assert.Empty(sources.Where(file => OwnRule().IsMatch(File.ReadAllText(file))).Select(Path.GetFileName));
    }

    [GeneratedRegex("PostStatus\\.Published\\b[^;\\n]{0,80}\\bPublishedAt\\s*<=")]
    private static partial Regex OwnRule();
}
