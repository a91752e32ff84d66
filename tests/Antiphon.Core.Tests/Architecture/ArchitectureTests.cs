using Antiphon.Core.Feeds.Reading;

namespace Antiphon.Core.Tests.Architecture;

public sealed class ArchitectureTests
{
    [Fact]
    public void The_core_knows_neither_web_nor_database()
    {
        var names = typeof(FeedReader)
            .Assembly.GetReferencedAssemblies()
            .Select(referencedAssembly => referencedAssembly.Name!)
            .ToList();
        Assert.NotEmpty(names);
        Assert.DoesNotContain(names, name =>
            name.StartsWith("Microsoft.AspNetCore", StringComparison.Ordinal)
            || name.StartsWith("Microsoft.EntityFrameworkCore", StringComparison.Ordinal)
        );
        Assert.DoesNotContain(names, name => name is "System.Net.Http" or "System.Net.Sockets");
    }

    /// <summary>
    /// A parser of one's own would take in whatever depth and length there is; neighbours of a node are looked for
    /// among all its siblings.
    /// </summary>
    [Theory]
    [InlineData(@"new HtmlParser\b", "HtmlReader.cs")]
    [InlineData(@"\.(Next|Previous)(Element)?Sibling\b", "")]
    [InlineData(@"new YamlStream\b", "")]
    public void Documents_from_outside_are_read_through_one_door(string pattern, string door)
    {
        var files = Directory
            .EnumerateFiles(Path.Combine(Antiphon.Tests.Repository.Root, "src"), "*.cs", SearchOption.AllDirectories)
            .Where(file =>
                !file.Contains("/obj/", StringComparison.Ordinal)
                && !file.Contains("StandIns", StringComparison.Ordinal)
            )
            .ToList();
        Assert.NotEmpty(files);
        Assert.Empty(
            files
                .Where(file =>
                    Path.GetFileName(file) != door
                    && System.Text.RegularExpressions.Regex.IsMatch(File.ReadAllText(file), pattern)
                )
                .Select(Path.GetFileName)
        );
    }
}
