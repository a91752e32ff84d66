using System.Security.Cryptography;
using System.Text;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Platform.Accounts;

/// <summary>
/// Proves that whoever makes the first account runs the server: a key that stands in its log and in a file of its data
/// folder until there is an owner. Servers on one folder share it.
/// </summary>
internal sealed class SetupKey(
    IOptions<AntiphonOptions> options,
    ILogger<SetupKey> log,
    AntiphonContext database,
    IKeySource keys
)
{
    private string FilePath => Path.Combine(Path.GetFullPath(options.Value.DataDirectory), "setup-key");

    /// <summary>Makes the key of an installation without an owner, and says it in the log.</summary>
    public async Task PrepareAsync(CancellationToken cancellation)
    {
        if (await database.Users.AnyAsync(cancellation))
        {
            Forget();
            return;
        }

        if (Kept() is null)
            Keep(keys.NewKey(24));
        log.LogWarning(
            "This installation has no owner yet. Open {Address} to make the first account; the set-up key is {Key}",
            options.Value.AddressOf($"setup?key={Kept()}"),
            Kept()
        );
    }

    /// <summary>Whether a key is the one of this installation; compared in a time that tells nothing.</summary>
    public bool Fits(string key) =>
        Kept() is { } kept
        && CryptographicOperations.FixedTimeEquals(
            SHA256.HashData(Encoding.UTF8.GetBytes(key.Trim())),
            SHA256.HashData(Encoding.UTF8.GetBytes(kept))
        );

    /// <summary>Ends the key.</summary>
    public void Forget() => File.Delete(FilePath);

    private string? Kept() => File.Exists(FilePath) ? File.ReadAllText(FilePath).Trim() : null;

    private void Keep(string key)
    {
        try
        {
            var how = new FileStreamOptions { Mode = FileMode.CreateNew, Access = FileAccess.Write };
            if (!OperatingSystem.IsWindows())
                how.UnixCreateMode = UnixFileMode.UserRead | UnixFileMode.UserWrite;
            using var file = new FileStream(FilePath, how);
            file.Write(Encoding.UTF8.GetBytes(key));
        }
        catch (IOException) when (File.Exists(FilePath))
        {
            // Another server on this folder was faster; its key holds.
        }
    }
}
