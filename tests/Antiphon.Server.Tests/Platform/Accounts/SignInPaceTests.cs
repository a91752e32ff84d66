using Antiphon.Server.Platform.Accounts;

namespace Antiphon.Server.Tests.Platform.Accounts;

public sealed class SignInPaceTests
{
    [Theory]
    [InlineData(0, 0)]
    [InlineData(2, 0)]
    [InlineData(3, 0.5)]
    [InlineData(4, 1)]
    [InlineData(6, 4)]
    [InlineData(7, 8)]
    [InlineData(1000, 8)]
    public void The_pause_doubles_up_to_its_longest(int failures, double seconds) =>
        Assert.Equal(TimeSpan.FromSeconds(seconds), SignInPace.PauseAfter(failures, TimeSpan.FromSeconds(8)));
}
