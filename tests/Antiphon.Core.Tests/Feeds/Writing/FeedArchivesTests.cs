using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Writing;
using CsCheck;

namespace Antiphon.Core.Tests.Feeds.Writing;

public sealed class FeedArchivesTests
{
    [Theory]
    [InlineData(0, 25, 25, 0)]
    [InlineData(25, 25, 25, 0)]
    [InlineData(26, 25, 25, 1)]
    [InlineData(49, 25, 25, 1)]
    [InlineData(50, 25, 25, 2)]
    [InlineData(60, 25, 100, 0)]
    public void As_many_archives_as_are_full(int total, int size, int shown, int count) =>
        Assert.Equal(count, new FeedArchives(total, size, shown).Count);

    [Fact]
    public void Walking_back_meets_every_entry() =>
        Gen.Select(Gen.Int[0, 400], Gen.Int[0, 100])
            .Sample(
                (total, more) =>
                {
                    var archives = new FeedArchives(total, 25, 25 + more);
                    var met = Enumerable
                        .Range(Math.Max(0, total - archives.Shown), Math.Min(total, archives.Shown))
                        .ToHashSet();
                    var paging = new FeedPaging();
                    archives.LinkFeed(paging, number => $"{number}");
                    while (paging.PreviousArchive is { } address)
                    {
                        var number = int.Parse(address, System.Globalization.CultureInfo.InvariantCulture);
                        met.UnionWith(Enumerable.Range((number - 1) * archives.Size, archives.Size));
                        paging = new FeedPaging();
                        archives.LinkArchive(paging, number, "now", archive => $"{archive}");
                        Assert.True(paging.IsArchive);
                    }

                    Assert.True(
                        archives.Count == 0 ? total <= archives.Shown || met.Count == total : met.Count == total
                    );
                }
            );
}
