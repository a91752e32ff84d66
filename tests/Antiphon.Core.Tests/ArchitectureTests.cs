using Antiphon.Core.Feeds.Reading;

namespace Antiphon.Core.Tests;

public sealed class ArchitectureTests
{
    [Fact]
    public void The_core_knows_neither_web_nor_database()
    {
        var names = typeof(FeedReader).Assembly.GetReferencedAssemblies().Select(one => one.Name!).ToList();
        Assert.NotEmpty(names);
        Assert.DoesNotContain(names, name => name.StartsWith("Microsoft.AspNetCore", StringComparison.Ordinal) || name.StartsWith("Microsoft.EntityFrameworkCore", StringComparison.Ordinal));
        Assert.DoesNotContain(names, name => name is "System.Net.Http" or "System.Net.Sockets");
    }
}
