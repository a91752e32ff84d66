using System.Net;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Outgoing;

/// <summary>The one way out to other people's sites: guarded addresses, bounded time, size and redirects.</summary>
internal sealed class GuardedClient(HttpClient http, IOptions<OutgoingOptions> options, ILogger<GuardedClient> log)
{
    /// <summary>Fetches an address. Never throws for what the other side does.</summary>
    /// <param name="address">Absolute address.</param>
    /// <param name="etag">Validator of the copy we have, or null.</param>
    /// <param name="lastModified">Last-Modified of the copy we have, as sent, or null.</param>
    /// <param name="cancellation">Ends the request early.</param>
    public async Task<Fetched> GetAsync(Uri address, string? etag = null, string? lastModified = null, CancellationToken cancellation = default)
    {
        using var time = CancellationTokenSource.CreateLinkedTokenSource(cancellation);
        time.CancelAfter(TimeSpan.FromSeconds(options.Value.TimeoutSeconds));
        try
        {
            return await FollowAsync(address, etag, lastModified, time.Token);
        }
        catch (OperationCanceledException) when (!cancellation.IsCancellationRequested)
        {
            return new Fetched(address, FetchProblem.TooSlow, options.Value.TimeoutSeconds.ToString(System.Globalization.CultureInfo.InvariantCulture));
        }
        catch (Exception failure) when (failure is HttpRequestException or IOException or InvalidDataException or System.Net.Sockets.SocketException)
        {
            log.LogInformation("Fetching {Address} failed: {Reason}", address, failure.Message);
            var isGuarded = failure is AddressNotAllowedException || failure.InnerException is AddressNotAllowedException;
            return new Fetched(address, isGuarded ? FetchProblem.NotAllowed : FetchProblem.Unreachable);
        }
    }

    private async Task<Fetched> FollowAsync(Uri address, string? etag, string? lastModified, CancellationToken cancellation)
    {
        for (var step = 0; step <= options.Value.MaxRedirects; step++)
        {
            if (address.Scheme is not ("http" or "https")) return new Fetched(address, FetchProblem.NotAnAddress);
            using var request = new HttpRequestMessage(HttpMethod.Get, address);
            if (etag is not null) request.Headers.TryAddWithoutValidation("If-None-Match", etag);
            if (lastModified is not null) request.Headers.TryAddWithoutValidation("If-Modified-Since", lastModified);
            using var response = await http.SendAsync(request, HttpCompletionOption.ResponseHeadersRead, cancellation);
            if (NextAddress(response, address) is not { } next) return await TakeAsync(response, address, cancellation);
            address = next;
        }

        return new Fetched(address, FetchProblem.TooManyRedirects);
    }

    private static Uri? NextAddress(HttpResponseMessage response, Uri address)
    {
        var isRedirect = response.StatusCode is HttpStatusCode.Moved or HttpStatusCode.Found or HttpStatusCode.SeeOther
            or HttpStatusCode.TemporaryRedirect or HttpStatusCode.PermanentRedirect;
        return isRedirect && response.Headers.Location is { } location ? new Uri(address, location) : null;
    }

    private async Task<Fetched> TakeAsync(HttpResponseMessage response, Uri address, CancellationToken cancellation)
    {
        if (response.StatusCode == HttpStatusCode.NotModified) return new Fetched(address, null, NotModified: true);
        if (!response.IsSuccessStatusCode) return new Fetched(address, FetchProblem.ErrorStatus, ((int)response.StatusCode).ToString(System.Globalization.CultureInfo.InvariantCulture));
        var bytes = await ReadBoundedAsync(response.Content, cancellation);
        if (bytes is null) return new Fetched(address, FetchProblem.TooLarge, Core.Text.ByteCount.InWords(options.Value.MaxBytes));
        var headers = response.Content.Headers;
        var modified = headers.NonValidated.TryGetValues("Last-Modified", out var values) ? values.ToString() : null;
        return new Fetched(address, null, null, false, bytes, headers.NonValidated.TryGetValues("Content-Type", out var type) ? type.ToString() : null, response.Headers.ETag?.ToString(), modified,
            response.Headers.TryGetValues("Content-Security-Policy", out var policies) ? [.. policies] : null);
    }

    private async Task<byte[]?> ReadBoundedAsync(HttpContent content, CancellationToken cancellation)
    {
        await using var stream = await content.ReadAsStreamAsync(cancellation);
        using var body = new MemoryStream();
        var buffer = new byte[81920];
        int read;
        while ((read = await stream.ReadAsync(buffer, cancellation)) > 0)
        {
            if (body.Length + read > options.Value.MaxBytes) return null;
            body.Write(buffer, 0, read);
        }

        return body.ToArray();
    }
}
