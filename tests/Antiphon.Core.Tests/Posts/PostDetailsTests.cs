using Antiphon.Core.Comments.Settings;
using Antiphon.Core.Posts;

namespace Antiphon.Core.Tests.Posts;

public sealed class PostDetailsTests
{
    private static readonly DateTimeOffset Now = new(2026, 11, 26, 21, 0, 0, TimeSpan.Zero);

    [Theory]
    [InlineData(false, null, true)]
    [InlineData(true, null, false)]
    [InlineData(false, 1, true)]
    [InlineData(false, 0, false)]
    [InlineData(false, -1, false)]
    [InlineData(true, 1, false)]
    public void Comments_are_taken_until_they_are_turned_off_or_their_time_is_over(bool off, int? hours, bool takes) =>
        Assert.Equal(
            takes,
            Opened(new PostDetails(CommentsOff: off, CommentsCloseAt: hours is { } some ? Now.AddHours(some) : null))
        );

    private static bool Opened(PostDetails details) =>
        EffectiveSettings
            .Of(details.CommentLayer)
            .IsOpen(details.CommentsCloseAt, Now.AddDays(-1), "Europe/London", Now);
}
