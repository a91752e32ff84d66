using System.Globalization;

namespace Antiphon.StandIns.World;

/// <summary>When the world began, from which the ages of its posts count; kept across restarts.</summary>
public sealed class Beginning
{
    /// <summary>Reads it, or begins now.</summary>
    public Beginning(StandInPorts ports)
    {
        var file = Path.Combine(ports.Data, "epoch.txt");
        if (!File.Exists(file)) File.WriteAllText(file, DateTimeOffset.UtcNow.ToString("O", CultureInfo.InvariantCulture));
        Epoch = DateTimeOffset.Parse(File.ReadAllText(file), CultureInfo.InvariantCulture);
    }

    /// <summary>When it began.</summary>
    public DateTimeOffset Epoch { get; }
}
