using Antiphon.Core.Posts.Versions;
using CsCheck;

namespace Antiphon.Core.Tests.Posts;

public sealed class VersionKeepingTests
{
    private static readonly DateTimeOffset Then = new(2026, 11, 24, 12, 0, 0, TimeSpan.Zero);
    private static readonly KeptVersion Last = new(1, 7, Then, false);

    [Theory]
    [InlineData(7, 0, false, true)]
    [InlineData(7, 9, false, true)]
    [InlineData(7, 10, false, false)]
    [InlineData(8, 1, false, false)]
    [InlineData(7, 1, true, false)]
    [InlineData(7, -1, false, false)]
    public void A_sitting_of_one_person_is_one_version(long person, int minutes, bool isPublic, bool replaces) =>
        Assert.Equal(
            replaces,
            VersionKeeping.Replaces(Last, new KeptVersion(0, person, Then.AddMinutes(minutes), isPublic))
        );

    [Fact]
    public void What_was_public_is_never_replaced() =>
        Assert.False(VersionKeeping.Replaces(Last with { WasPublic = true }, Last with { At = Then.AddMinutes(1) }));

    [Fact]
    public void The_first_save_replaces_nothing() => Assert.False(VersionKeeping.Replaces(null, Last));

    [Fact]
    public void Only_old_ones_that_were_never_public_are_forgotten() =>
        Gen.Select(Gen.Int[0, 5000], Gen.Bool)
            .Array[0, 300]
            .Sample(rows =>
            {
                var versions = rows.Select(
                        (row, at) => new KeptVersion(at + 1, 7, Then.AddMinutes(row.Item1), row.Item2)
                    )
                    .ToList();
                var gone = VersionKeeping.ToForget(versions).ToHashSet();
                var left = versions.Where(version => !gone.Contains(version.Id)).ToList();
                Assert.All(versions.Where(version => version.WasPublic), version => Assert.Contains(version, left));
                Assert.True(left.Count(version => !version.WasPublic) <= VersionKeeping.Most);
                var oldest = left.Where(version => !version.WasPublic)
                    .Select(version => version.At)
                    .DefaultIfEmpty(DateTimeOffset.MaxValue)
                    .Min();
                Assert.All(versions.Where(version => gone.Contains(version.Id)), version =>
                    Assert.True(version.At <= oldest)
                );
            });
}
