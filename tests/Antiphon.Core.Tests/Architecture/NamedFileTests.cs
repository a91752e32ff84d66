using System.Text.RegularExpressions;

namespace Antiphon.Core.Tests.Architecture;

/// <summary>Style sheets are read by their path, which no compiler follows when a folder moves.</summary>
public sealed partial class NamedFileTests
{
    private static readonly string Server = Path.Combine(Antiphon.Tests.Repository.Root, "src", "Antiphon.Server");

    [Fact]
    public void Every_style_sheet_that_is_read_is_there_and_every_one_that_is_there_is_read()
    {
        var read = Files("*.cs")
            .SelectMany(file => Reading().Matches(File.ReadAllText(Path.Combine(Server, file))))
            .Select(match => match.Groups[1].Value)
            .Distinct()
            .Order(StringComparer.Ordinal);
        var there = Files("*.css").Order(StringComparer.Ordinal);
        Assert.Equal(there, read);
    }

    // What is built, and what the workplace is built into, is made from the rest.
    private static IEnumerable<string> Files(string pattern) =>
        Directory
            .EnumerateFiles(Server, pattern, SearchOption.AllDirectories)
            .Select(file => Path.GetRelativePath(Server, file))
            .Where(file => file.Split('/')[0] is not ("bin" or "obj" or "wwwroot"));

    [GeneratedRegex(@"StyleSheet\.Read\(\s*""([^""]+)""")]
    private static partial Regex Reading();
}
