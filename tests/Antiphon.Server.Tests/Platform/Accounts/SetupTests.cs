using System.Net;
using Antiphon.Server.Tests.Hosting;

namespace Antiphon.Server.Tests.Platform.Accounts;

/// <summary>An installation that nobody owns yet.</summary>
public sealed class SetupTests(EmptyHost host) : IClassFixture<EmptyHost>
{
    [Fact]
    public async Task Of_many_who_set_up_at_once_one_becomes_the_owner_and_only_with_the_key()
    {
        async Task<HttpStatusCode> SetUpAsync(int number, string key)
        {
            using var visitor = new Visitor(host.Address);
            return (
                await visitor.SendAsync(
                    HttpMethod.Post,
                    "api/setup",
                    new
                    {
                        name = $"Person {number}",
                        mail = $"person{number}@quillmoor.example",
                        password = AntiphonHost.Password,
                        key,
                    }
                )
            ).StatusCode;
        }

        Assert.Equal(HttpStatusCode.BadRequest, await SetUpAsync(0, "guessed"));
        Assert.True(await NeedsSetupAsync());
        var key = await File.ReadAllTextAsync(Path.Combine(host.Data, "setup-key"));
        if (!OperatingSystem.IsWindows())
            Assert.Equal(
                UnixFileMode.UserRead | UnixFileMode.UserWrite,
                File.GetUnixFileMode(Path.Combine(host.Data, "setup-key"))
            );
        var answers = await Task.WhenAll(Enumerable.Range(1, 8).Select(number => SetUpAsync(number, key)));
        Assert.Single(answers, answer => answer == HttpStatusCode.NoContent);
        Assert.Equal(7, answers.Count(answer => answer is HttpStatusCode.Conflict or HttpStatusCode.BadRequest));
        Assert.False(await NeedsSetupAsync());
        Assert.False(File.Exists(Path.Combine(host.Data, "setup-key")));
    }

    private async Task<bool> NeedsSetupAsync()
    {
        using var visitor = new Visitor(host.Address);
        return (await visitor.SessionAsync()).Text("needsSetup") == "true";
    }
}
