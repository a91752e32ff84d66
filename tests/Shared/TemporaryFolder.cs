namespace Antiphon.Tests;

/// <summary>A folder that lives as long as a test.</summary>
internal sealed class TemporaryFolder : IDisposable
{
    /// <summary>Where it is.</summary>
    public string Path { get; } = Directory.CreateTempSubdirectory("antiphon-test-").FullName;

    /// <inheritdoc/>
    public void Dispose() => Directory.Delete(Path, recursive: true);
}
