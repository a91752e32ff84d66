using Microsoft.Extensions.Options;

namespace Antiphon.Server.Platform.Limits;

/// <summary>Files that arrive in the workplace: each is held in memory, so few at a time are let in.</summary>
internal sealed class UploadLine(IOptions<ArrivalOptions> options) : IDisposable
{
    private readonly SenderLine _line = new(options.Value.FilesOfSender, options.Value.Files);

    /// <summary>A place for one file.</summary>
    /// <exception cref="BadHttpRequestException">There is no place.</exception>
    public IDisposable Enter(HttpContext http) => _line.EnterOrRefuse(http);

    /// <inheritdoc/>
    public void Dispose() => _line.Dispose();
}
