using System.Security.Cryptography;

namespace Antiphon.Server.Platform.Hosting;

/// <summary>
/// Secrets of the installation that must stay the same over restarts and servers, each in a file beside the keys.
/// </summary>
internal static class SecretFile
{
    private const int Length = 32;

    /// <summary>The secret of a name; made when it is asked for first.</summary>
    /// <param name="dataDirectory">Data folder of the installation.</param>
    /// <param name="name">Name of the file.</param>
    public static byte[] Read(string dataDirectory, string name)
    {
        var folder = Path.Combine(Path.GetFullPath(dataDirectory), "keys");
        Directory.CreateDirectory(folder);
        var path = Path.Combine(folder, name);
        if (!File.Exists(path))
            Make(path);
        return File.ReadAllBytes(path);
    }

    // Written whole beside it first, so that another server that looks in the same moment never reads half of it.
    private static void Make(string path)
    {
        var draft = $"{path}.{Guid.NewGuid():N}";
        File.WriteAllBytes(draft, RandomNumberGenerator.GetBytes(Length));
        try
        {
            File.Move(draft, path, overwrite: false);
        }
        catch (IOException) when (File.Exists(path))
        {
            File.Delete(draft);
        }
    }
}
