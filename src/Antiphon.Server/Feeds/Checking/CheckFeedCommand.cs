using Antiphon.Core.Feeds.Following;
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
        check-feed ADDRESS|FILE|FOLDER|LIST … [--format text|html|json|junit|sarif] [--fail-on error|warning|advice]

        The address of a page stands for the feed it names, a folder for the feeds in it, a list (.opml, or .txt with an
        address in each line) for those it names.
        Ends with 0 when nothing that grave was found, with 1 when something was, with 2 when a feed could not be read.
        """;

    private static readonly HashSet<string> FeedEndings = new(
        [".xml", ".rss", ".atom", ".rdf", ".json"],
        StringComparer.OrdinalIgnoreCase
    );

    private static readonly HashSet<string> ListEndings = new([".opml", ".txt"], StringComparer.OrdinalIgnoreCase);

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

        await using var scope = services.CreateAsyncScope();
        var checks = scope.ServiceProvider.GetRequiredService<FeedCheckService>();
        var feeds = new List<CheckedFeed>();
        foreach (var given in asked.Names)
        {
            foreach (var name in Named(given))
                feeds.Add(await CheckAsync(name, checks));
        }

        foreach (var feed in feeds.Where(feed => feed.Problem is not null))
            await errors.WriteLineAsync($"{feed.Name}: {feed.Problem}");
        await output.WriteAsync(Report(feeds, asked.Format));
        return feeds.Count == 0 || feeds.Exists(feed => feed.Problem is not null) ? 2
            : feeds.Exists(feed => feed.Has(asked.FailOn)) ? 1
            : 0;
    }

    private static string Report(List<CheckedFeed> feeds, string format) =>
        format switch
        {
            "html" => HtmlReport.Of(feeds, ReportWords.For("en"), RuleTexts.For("en")),
            "json" => JsonReport.Of(feeds, RuleTexts.For("en")),
            "junit" => JunitReport.Of(feeds),
            "sarif" => SarifReport.Of(feeds),
            _ => TextReport.Of(feeds),
        };

    // What somebody names may stand for several feeds: a folder for its files, a list for what it names.
    private static IEnumerable<string> Named(string name)
    {
        if (name.Contains("://", StringComparison.Ordinal))
            return [name];
        if (Directory.Exists(name))
            return Directory
                .EnumerateFiles(name, "*", SearchOption.AllDirectories)
                .Where(file => FeedEndings.Contains(Path.GetExtension(file)))
                .Order(StringComparer.Ordinal);
        return ListEndings.Contains(Path.GetExtension(name)) && File.Exists(name)
            ? FeedAddressList.Read(File.ReadAllText(name)).Addresses
            : [name];
    }

    private static async Task<CheckedFeed> CheckAsync(string name, FeedCheckService checks)
    {
        if (!name.Contains("://", StringComparison.Ordinal))
        {
            try
            {
                return CheckedFeed.Of(name, checks.ExamineDocument(await File.ReadAllBytesAsync(name)).Result!.Before);
            }
            catch (Exception unreadable) when (unreadable is IOException or UnauthorizedAccessException)
            {
                return CheckedFeed.Unread(name, unreadable.Message);
            }
        }

        if (FeedCheckEndpoints.AddressOf(name) is not { } address)
            return CheckedFeed.Unread(name, FetchWords.For(FetchProblem.NotAnAddress, null));
        var examined = await checks.ExamineBehindAsync(address, CancellationToken.None);
        return examined.Trouble is { } trouble
            ? CheckedFeed.Unread(name, trouble)
            : CheckedFeed.Of(
                examined.FoundOn is null ? name : examined.Answer!.Address.AbsoluteUri,
                examined.Result!.Before
            );
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
            else if (
                argument == "--format"
                && arguments.ElementAtOrDefault(++at) is "text" or "html" or "json" or "junit" or "sarif"
            )
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
