using Antiphon.Core.Comments.Threads;
using CsCheck;

namespace Antiphon.Core.Tests.Comments.Threads;

public sealed class ThreadOrderTests
{
    private static readonly Voted[] Thread =
    [
        At(1, null, up: 2, down: 0),
        At(2, null, up: 90, down: 10),
        At(3, null, up: 0, down: 5),
        At(4, 1, up: 0, down: 0),
        At(5, 1, up: 3, down: 1),
        At(6, 5, up: 0, down: 0),
        At(7, null, up: 0, down: 0),
    ];

    [Theory]
    [InlineData(CommentOrder.Oldest, "1 4 5 6 2 3 7")]
    [InlineData(CommentOrder.Newest, "7 3 2 1 5 6 4")]
    [InlineData(CommentOrder.Best, "2 1 5 6 4 3 7")]
    [InlineData(CommentOrder.MostLiked, "2 1 5 6 4 3 7")]
    [InlineData(CommentOrder.LeastLiked, "2 3 1 5 6 4 7")]
    [InlineData(CommentOrder.MostAnswered, "1 5 6 4 2 3 7")]
    public void Every_order_keeps_answers_below_what_they_answer(CommentOrder order, string expected) =>
        Assert.Equal(
            expected,
            string.Join(' ', ThreadTree.Arrange(Thread, one => one, order).Select(one => one.Comment.Id))
        );

    [Fact]
    public void An_answer_never_stands_before_what_it_answers() =>
        Gen.Select(Gen.Int[0, 20].Array[1, 20], Gen.Int[0, 50].Array[40], Gen.Enum<CommentOrder>())
            .Sample(
                (parents, votes, order) =>
                {
                    var thread = parents
                        .Select(
                            (parent, at) =>
                                At(at + 1, parent > 0 && parent <= at ? parent : null, votes[at], votes[at + 20])
                        )
                        .ToArray();
                    var placed = ThreadTree.Arrange(thread, one => one, order).Select(one => one.Comment.Id).ToList();
                    Assert.Equal(thread.Length, placed.Count);
                    Assert.All(thread.Where(one => one.ParentId is not null), one =>
                        Assert.True(placed.IndexOf(one.ParentId!.Value) < placed.IndexOf(one.Id))
                    );
                }
            );

    [Theory]
    [InlineData(0, 0, 0)]
    [InlineData(1, 0, 0.2065)]
    [InlineData(2, 0, 0.3424)]
    [InlineData(90, 10, 0.8256)]
    [InlineData(0, 10, 0)]
    [InlineData(50, 50, 0.4038)]
    public void The_bound_is_that_of_the_Wilson_interval(int up, int down, double bound) =>
        Assert.Equal(bound, WilsonBound.Of(up, down), 4);

    [Theory]
    [InlineData(10)]
    [InlineData(1899)]
    [InlineData(1900)]
    public void Without_votes_up_it_is_exactly_nothing(int down) => Assert.Equal(0d, WilsonBound.Of(0, down));

    [Fact]
    public void A_vote_up_never_lowers_the_bound_and_a_vote_down_never_raises_it() =>
        Gen.Select(Gen.Int[0, 5000], Gen.Int[0, 5000])
            .Sample(
                (up, down) =>
                {
                    var bound = WilsonBound.Of(up, down);
                    Assert.InRange(bound, 0, 1);
                    Assert.True(WilsonBound.Of(up + 1, down) >= bound && WilsonBound.Of(up, down + 1) <= bound);
                }
            );

    private static Voted At(long id, long? parent, int up, int down) =>
        new(id, parent, DateTimeOffset.UnixEpoch.AddMinutes(id), up, down);
}
