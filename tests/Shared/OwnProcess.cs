using System.Diagnostics;
using System.Text;

namespace Antiphon.Tests;

/// <summary>One of our programs, started from its build output and ended with the test.</summary>
internal sealed class OwnProcess : IAsyncDisposable
{
    // A demo makes two years of posts before it answers, and two of them may start at once on a machine with other
    // work.
    private static readonly TimeSpan LongestStart = TimeSpan.FromMinutes(2);

    private readonly Process _process;
    private readonly StringBuilder _output = new();

    private OwnProcess(Process process) => _process = process;

    /// <summary>Memory it holds now, in bytes.</summary>
    public long Memory
    {
        get
        {
            _process.Refresh();
            return _process.WorkingSet64;
        }
    }

    /// <summary>Starts a program and waits until it answers at /healthz.</summary>
    /// <param name="project">Name of the project.</param>
    /// <param name="address">Address to ask, with trailing slash.</param>
    /// <param name="arguments">Its arguments.</param>
    public static async Task<OwnProcess> StartAsync(string project, Uri address, params string[] arguments)
    {
        var own = new OwnProcess(new Process { StartInfo = InfoFor(project, arguments) });
        own._process.OutputDataReceived += own.Keep;
        own._process.ErrorDataReceived += own.Keep;
        own._process.Start();
        own._process.BeginOutputReadLine();
        own._process.BeginErrorReadLine();
        using var http = new HttpClient { Timeout = TimeSpan.FromSeconds(5) };
        await Eventually.TrueAsync(
            $"the start of {project}",
            () => own.AnswersAsync(http, new Uri(address, "healthz")),
            LongestStart
        );
        return own;
    }

    /// <summary>Ends it at once, as a power failure would.</summary>
    public async Task KillAsync()
    {
        if (!_process.HasExited)
            _process.Kill(entireProcessTree: true);
        await _process.WaitForExitAsync();
    }

    /// <inheritdoc/>
    public async ValueTask DisposeAsync()
    {
        await KillAsync();
        _process.Dispose();
    }

    private static ProcessStartInfo InfoFor(string project, string[] arguments)
    {
        var folder = Path.Combine(Repository.Root, "src", project);
        var info = new ProcessStartInfo("dotnet")
        {
            WorkingDirectory = folder,
            RedirectStandardOutput = true,
            RedirectStandardError = true,
        };
        info.ArgumentList.Add(Path.Combine(folder, "bin", Repository.Configuration, "net10.0", project + ".dll"));
        foreach (var argument in arguments)
            info.ArgumentList.Add(argument);
        info.Environment["ASPNETCORE_ENVIRONMENT"] = "Demo";
        info.Environment["DOTNET_ENVIRONMENT"] = "Demo";
        return info;
    }

    private void Keep(object sender, DataReceivedEventArgs line)
    {
        lock (_output)
            _output.AppendLine(line.Data);
    }

    private async Task<bool> AnswersAsync(HttpClient http, Uri address)
    {
        if (_process.HasExited)
            throw new InvalidOperationException($"It ended at once:\n{_output}");
        try
        {
            return (await http.GetAsync(address)).IsSuccessStatusCode;
        }
        catch (Exception notYet) when (notYet is HttpRequestException or TaskCanceledException)
        {
            return false;
        }
    }
}
