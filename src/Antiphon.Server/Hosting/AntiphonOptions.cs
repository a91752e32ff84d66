using System.ComponentModel.DataAnnotations;

namespace Antiphon.Server.Hosting;

/// <summary>Settings of the installation, section "Antiphon".</summary>
internal sealed class AntiphonOptions
{
    /// <summary>Folder of the database and the keys; relative to the working directory. Default "data".</summary>
    [Required]
    public string DataDirectory { get; set; } = "data";

    /// <summary>Address readers reach this server at, with trailing slash; stands in snippets, feeds and mails.</summary>
    [Required, Url]
    public string PublicAddress { get; set; } = "http://127.0.0.1:5080/";

    /// <summary>The absolute address of a path of ours.</summary>
    public string AddressOf(string path) => PublicAddress.TrimEnd('/') + "/" + path.TrimStart('/');
}
