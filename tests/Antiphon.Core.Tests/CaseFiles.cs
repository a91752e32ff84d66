namespace Antiphon.Core.Tests;

/// <summary>
/// Cases kept as files beside the tests: an input and what is expected of it, named after the sentence they prove.
/// </summary>
internal static class CaseFiles
{
    /// <summary>
    /// Names of the cases in a folder; fails when there are none, so that a wrong path cannot pass for success.
    /// </summary>
    public static TheoryData<string> In(string folder)
    {
        var data = new TheoryData<string>();
        foreach (var file in Directory.GetFiles(FolderOf(folder), "*.expected.txt").Order())
            data.Add(Path.GetFileName(file).Replace(".expected.txt", string.Empty, StringComparison.Ordinal));
        return data.Count > 0 ? data : throw new InvalidOperationException($"There are no cases in {folder}.");
    }

    /// <summary>The input of a case, whatever its ending.</summary>
    public static byte[] Input(string folder, string name) =>
        File.ReadAllBytes(
            Directory
                .GetFiles(FolderOf(folder), name + ".*")
                .Single(file => !file.EndsWith(".expected.txt", StringComparison.Ordinal))
        );

    /// <summary>The expected lines of a case.</summary>
    public static string[] Expected(string folder, string name) =>
        File.ReadAllLines(Path.Combine(FolderOf(folder), name + ".expected.txt"))
            .Where(line => line.Length > 0)
            .ToArray();

    private static string FolderOf(string folder) => Path.Combine(AppContext.BaseDirectory, "Cases", folder);
}
