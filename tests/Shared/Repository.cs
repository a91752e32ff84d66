namespace Antiphon.Tests;

/// <summary>Where the tests run.</summary>
internal static class Repository
{
    /// <summary>Top folder of the source.</summary>
    public static string Root { get; } = FindRoot();

    /// <summary>Debug or Release, as the tests themselves were built.</summary>
    public static string Configuration { get; } =
        AppContext.BaseDirectory.Contains(
            $"{Path.DirectorySeparatorChar}Release{Path.DirectorySeparatorChar}",
            StringComparison.Ordinal
        )
            ? "Release"
            : "Debug";

    private static string FindRoot()
    {
        var folder = new DirectoryInfo(AppContext.BaseDirectory);
        while (folder is not null && !File.Exists(Path.Combine(folder.FullName, "Antiphon.slnx")))
            folder = folder.Parent;
        return folder?.FullName ?? throw new InvalidOperationException("The tests do not run inside the source.");
    }
}
