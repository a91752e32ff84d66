using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Feeds.Reports;
using Antiphon.Core.Findings;
using Antiphon.Server.Outgoing;

namespace Antiphon.Server.Feeds.Checking;

/// <summary>The command <c>check-feed</c>: checks addresses and files, and ends with a number for build scripts.</summary>
internal static class CheckFeedCommand
{
    /// <summary>The word the command begins with.</summary>
    public const string Name = "check-feed";

    private const string Usage = """
        check-feed ADDRESS|FILE … [--format text|junit|sarif] [--fail-on error|warning|advice]

        Ends with 0 when nothing that grave was found, with 1 when something was, with 2 when a feed could not be read.
        """;

    /// <summary>Runs the command; the result is the number it ends with.</summary>
    /// <param name="arguments">What stands behind the command.</param>
    /// <param name="services">Gives the client that fetches.</param>
    /// <param name="output">Takes the report.</param>
    /// <param name="errors">Takes what could not be done.</param>
    public static async Task<int> RunAsync(
        IReadOnlyList<string> arguments,
        IServiceProvider services,
        TextWriter output,
        TextWriter errors
    )
    {
        if (Read(arguments) is not { } asked)
        {
            await errors.WriteLineAsync(Usage);
            return 2;
        }

        var client = services.GetRequiredService<GuardedClient>();
        var now = services.GetRequiredService<TimeProvider>().GetUtcNow();
        var feeds = new List<CheckedFeed>();
        var isWhole = true;
        foreach (var name in asked.Names)
        {
            var (result, problem) = name.Contains("://", StringComparison.Ordinal)
                ? await FetchAsync(client, new Uri(name), now)
                : await OpenAsync(name, now);
            if (result is not null)
                feeds.Add(new CheckedFeed(name, result));
            else
            {
                isWhole = false;
                await errors.WriteLineAsync($"{name}: {problem}");
            }
        }

        await output.WriteAsync(
            asked.Format switch
            {
                "sarif" => SarifReport.Of(feeds),
                "junit" => JunitReport.Of(feeds),
                _ => TextReport.Of(feeds),
            }
        );
        return !isWhole ? 2
            : feeds.Exists(feed => feed.Has(asked.FailOn)) ? 1
            : 0;
    }

    private static async Task<(FeedCheckResult? Result, string? Problem)> FetchAsync(
        GuardedClient client,
        Uri address,
        DateTimeOffset now
    )
    {
        var fetched = await client.GetAsync(address);
        if (fetched.Problem is { } problem)
            return (null, FetchWords.For(problem, fetched.Detail));
        return (
            FeedCheck.Run(
                fetched.Bytes,
                new FeedCheckOptions(now, fetched.ContentType, fetched.Address, ServedProbe.Of(fetched))
            ),
            null
        );
    }

    private static async Task<(FeedCheckResult? Result, string? Problem)> OpenAsync(string file, DateTimeOffset now)
    {
        try
        {
            return (FeedCheck.Run(await File.ReadAllBytesAsync(file), new FeedCheckOptions(now)), null);
        }
        catch (Exception unreadable) when (unreadable is IOException or UnauthorizedAccessException)
        {
            return (null, unreadable.Message);
        }
    }

    private static Asked? Read(IReadOnlyList<string> arguments)
    {
        var asked = new Asked([], "text", Severity.Error);
        for (var at = 0; at < arguments.Count; at++)
        {
            var argument = arguments[at];
            if (!argument.StartsWith("--", StringComparison.Ordinal))
            {
                if (
                    argument.Contains("://", StringComparison.Ordinal)
                    && !Uri.TryCreate(argument, UriKind.Absolute, out _)
                )
                    return null;
                asked.Names.Add(argument);
            }
            else if (argument == "--format" && arguments.ElementAtOrDefault(++at) is "text" or "junit" or "sarif")
                asked = asked with { Format = arguments[at] };
            else if (
                argument == "--fail-on"
                && Enum.TryParse<Severity>(arguments.ElementAtOrDefault(++at), true, out var severity)
            )
                asked = asked with { FailOn = severity };
            else
                return null;
        }

        return asked.Names.Count == 0 ? null : asked;
    }

    private sealed record Asked(List<string> Names, string Format, Severity FailOn);
}
