using System.Globalization;

namespace Antiphon.StandIns;

/// <summary>Where the simulated outside world listens, and where it keeps what it received.</summary>
/// <param name="Website">Port of Quillmoor's website.</param>
/// <param name="World">Port of everybody else.</param>
/// <param name="Smtp">Port of the mail server.</param>
/// <param name="Pop">Port at which the mailbox of returns is read.</param>
/// <param name="Data">Folder that outlives a restart.</param>
public sealed record StandInPorts(int Website, int World, int Smtp, int Pop, string Data)
{
    /// <summary>Reads "--website", "--world", "--smtp", "--pop" and "--data".</summary>
    public static StandInPorts From(IConfiguration configuration)
    {
        int Port(string name, int otherwise) =>
            int.Parse(
                configuration[name] ?? otherwise.ToString(CultureInfo.InvariantCulture),
                CultureInfo.InvariantCulture
            );
        var data = Path.GetFullPath(configuration["data"] ?? "data/stand-ins");
        Directory.CreateDirectory(data);
        var smtp = Port("smtp", 2525);
        return new StandInPorts(Port("website", 5081), Port("world", 5082), smtp, Port("pop", smtp + 1), data);
    }

    /// <summary>Address of Quillmoor's website, with trailing slash.</summary>
    public string WebsiteAddress => string.Create(CultureInfo.InvariantCulture, $"http://127.0.0.1:{Website}/");

    /// <summary>Address of everybody else, with trailing slash.</summary>
    public string WorldAddress => string.Create(CultureInfo.InvariantCulture, $"http://127.0.0.1:{World}/");
}
