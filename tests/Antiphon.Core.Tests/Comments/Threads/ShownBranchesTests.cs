using Antiphon.Core.Comments.Threads;
using CsCheck;

namespace Antiphon.Core.Tests.Comments.Threads;

public sealed class ShownBranchesTests
{
    [Theory]
    [InlineData("1 2>1 3>2", "3", "1 2 3")]
    [InlineData("1 2>1 3>2", "1", "1")]
    [InlineData("1 2>1 3", "2", "1 2")]
    [InlineData("1>2 2>1", "2", "1 2")]
    [InlineData("2>9", "2", "2")]
    [InlineData("1 2", "", "")]
    public void What_nobody_sees_keeps_its_place_above_what_is_public(string thread, string open, string shown)
    {
        var rows = thread
            .Split(' ')
            .Select(one => one.Split('>'))
            .Select(one => new Voted(
                long.Parse(one[0], null),
                one.Length > 1 ? long.Parse(one[1], null) : null,
                DateTimeOffset.UnixEpoch,
                0,
                0
            ))
            .ToArray();
        var isPublic = open.Split(' ', StringSplitOptions.RemoveEmptyEntries)
            .Select(one => long.Parse(one, null))
            .ToHashSet();
        Assert.Equal(
            shown,
            string.Join(
                ' ',
                ShownBranches
                    .Of(rows, shownBranch => shownBranch, one => isPublic.Contains(one.Id))
                    .Select(one => one.Id)
            )
        );
    }

    [Fact]
    public void Every_public_comment_stays_and_every_leaf_that_stays_is_public() =>
        Gen.Select(Gen.Int[0, 15].Array[1, 15], Gen.Bool.Array[15])
            .Sample(
                (parents, open) =>
                {
                    var rows = parents
                        .Select(
                            (parent, at) =>
                                new Voted(
                                    at + 1,
                                    parent > 0 && parent <= at ? parent : null,
                                    DateTimeOffset.UnixEpoch,
                                    0,
                                    0
                                )
                        )
                        .ToArray();
                    var kept = ShownBranches.Of(rows, one => one, one => open[one.Id - 1]);
                    Assert.All(rows.Where(row => open[row.Id - 1]), one => Assert.Contains(one, kept));
                    Assert.All(kept.Where(one => kept.All(other => other.ParentId != one.Id)), leaf =>
                        Assert.True(open[leaf.Id - 1])
                    );
                }
            );
}
