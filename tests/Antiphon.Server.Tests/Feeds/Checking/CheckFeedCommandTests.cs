using System.Diagnostics;

namespace Antiphon.Server.Tests.Feeds.Checking;

/// <summary>The command for build scripts, run as they run it.</summary>
public sealed class CheckFeedCommandTests : IDisposable
{
    private const string Good =
        "<?xml version=\"1.0\" encoding=\"utf-8\"?><feed xmlns=\"http://www.w3.org/2005/Atom\"><id>urn:isbn:1</id><title>Log</title><updated>2026-11-24T09:30:00Z</updated><link rel=\"self\" href=\"https://quillmoor.example/feed\"/></feed>";

    private readonly DirectoryInfo _folder = Directory.CreateTempSubdirectory("check-feed");

    [Fact]
    public async Task It_ends_with_a_number_that_says_what_was_found()
    {
        var (good, faulty) = (
            Write("good.atom", Good),
            Write("faulty.atom", Good.Replace("urn:isbn:1", "one", StringComparison.Ordinal))
        );
        Assert.Equal((0, true), await Run("Valid", "check-feed", good));
        Assert.Equal((1, true), await Run("atom-id-not-absolute", "check-feed", good, faulty));
        Assert.Equal((1, true), await Run("\"version\": \"2.1.0\"", "check-feed", faulty, "--format", "sarif"));
        Assert.Equal(
            (2, true),
            await Run("missing.atom", "check-feed", Path.Combine(_folder.FullName, "missing.atom"))
        );
        Assert.Equal((2, true), await Run("--fail-on", "check-feed"));
    }

    public void Dispose() => _folder.Delete(recursive: true);

    private string Write(string name, string text)
    {
        var file = Path.Combine(_folder.FullName, name);
        File.WriteAllText(file, text);
        return file;
    }

    private async Task<(int Code, bool Says)> Run(string words, params string[] arguments)
    {
        var start = new ProcessStartInfo("dotnet", [typeof(Program).Assembly.Location, .. arguments])
        {
            RedirectStandardOutput = true,
            RedirectStandardError = true,
            WorkingDirectory = _folder.FullName,
        };
        using var process = Process.Start(start)!;
        var (output, errors) = (process.StandardOutput.ReadToEndAsync(), process.StandardError.ReadToEndAsync());
        await process.WaitForExitAsync();
        return (process.ExitCode, (await output + await errors).Contains(words, StringComparison.Ordinal));
    }
}
