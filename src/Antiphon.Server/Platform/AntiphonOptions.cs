using System.ComponentModel.DataAnnotations;

namespace Antiphon.Server.Platform;

/// <summary>Settings of the installation, section "Antiphon".</summary>
internal sealed class AntiphonOptions
{
    /// <summary>Folder of the database and the keys; relative to the working directory. Default "data".</summary>
    [Required]
    public string DataDirectory { get; set; } = "data";

    /// <summary>
    /// Address readers reach this server at, with trailing slash; stands in snippets, feeds and mails.
    /// </summary>
    [Required, Url]
    public string PublicAddress { get; set; } = "http://127.0.0.1:5080/";

    /// <summary>
    /// Addresses and networks of the web servers in front of this one, whose word about the sender and the scheme is
    /// believed; those of this machine by default.
    /// </summary>
    public List<string> Proxies { get; set; } = ["127.0.0.0/8", "::1/128"];

    /// <summary>Whether readers reach us over TLS.</summary>
    public bool IsSecure => PublicAddress.StartsWith("https://", StringComparison.OrdinalIgnoreCase);

    /// <summary>Scheme, host and port readers reach us at.</summary>
    public string Origin => new Uri(PublicAddress).GetLeftPart(UriPartial.Authority);

    /// <summary>The absolute address of a path of ours.</summary>
    public string AddressOf(string path) => PublicAddress.TrimEnd('/') + "/" + path.TrimStart('/');
}
