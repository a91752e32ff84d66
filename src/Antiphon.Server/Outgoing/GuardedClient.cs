using System.Diagnostics;
using System.Globalization;
using System.Net;
using System.Security.Authentication;
using Antiphon.Core.Text;
using Antiphon.Server.Platform.Limits;
using Antiphon.Server.Work;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Outgoing;

/// <summary>The one way out to other people's sites: guarded addresses, bounded time, size and redirects.</summary>
internal sealed class GuardedClient(HttpClient http, IOptions<OutgoingOptions> options, ILogger<GuardedClient> log)
{
    private const int LongestComplaint = 2000;
    private const int LongestDetail = 100;

    /// <summary>Fetches an address. Never throws for what the other side does.</summary>
    /// <param name="address">Absolute address.</param>
    /// <param name="etag">Validator of the copy we have, or null.</param>
    /// <param name="lastModified">Last-Modified of the copy we have, as sent, or null.</param>
    /// <param name="cancellation">Ends the request early.</param>
    public Task<Fetched> GetAsync(
        Uri address,
        string? etag = null,
        string? lastModified = null,
        CancellationToken cancellation = default
    ) =>
        SendAsync(
            address,
            next =>
            {
                var request = new HttpRequestMessage(HttpMethod.Get, next);
                if (etag is not null)
                    request.Headers.TryAddWithoutValidation("If-None-Match", etag);
                if (lastModified is not null)
                    request.Headers.TryAddWithoutValidation("If-Modified-Since", lastModified);
                return request;
            },
            cancellation
        );

    /// <summary>Sends a form. Never throws for what the other side does.</summary>
    /// <param name="address">Absolute address.</param>
    /// <param name="form">Its fields.</param>
    /// <param name="cancellation">Ends the request early.</param>
    /// <param name="isSecret">Whether a field is a secret, so that no other site may see the form.</param>
    public Task<Fetched> PostFormAsync(
        Uri address,
        IReadOnlyDictionary<string, string> form,
        CancellationToken cancellation = default,
        bool isSecret = false
    ) =>
        SendAsync(
            address,
            next =>
            {
                var request = new HttpRequestMessage(HttpMethod.Post, next)
                {
                    Content = new FormUrlEncodedContent(form),
                };
                request.Options.Set(Credentials.InBody, isSecret);
                return request;
            },
            cancellation
        );

    /// <summary>
    /// Sends any request, made anew for every step of a redirect. Never throws for what the other side does.
    /// </summary>
    /// <param name="address">Absolute address.</param>
    /// <param name="make">Makes the request for an address.</param>
    /// <param name="cancellation">Ends the request early.</param>
    /// <param name="credentialsOf">Address of the site that its credentials were made for; that of
    /// <paramref name="address"/> when null. Whatever goes to another origin goes without them.</param>
    public Task<Fetched> SendAnyAsync(
        Uri address,
        Func<Uri, HttpRequestMessage> make,
        CancellationToken cancellation = default,
        Uri? credentialsOf = null
    ) => SendAsync(address, make, cancellation, credentialsOf);

    private async Task<Fetched> SendAsync(
        Uri address,
        Func<Uri, HttpRequestMessage> make,
        CancellationToken cancellation,
        Uri? credentialsOf = null
    )
    {
        await OutgoingStep.TakeAsync(cancellation);
        using var time = CancellationTokenSource.CreateLinkedTokenSource(cancellation);
        time.CancelAfter(TimeSpan.FromSeconds(options.Value.TimeoutSeconds));
        var (start, steps) = (Stopwatch.GetTimestamp(), new List<Redirect>());
        Fetched fetched;
        try
        {
            fetched = await FollowAsync(address, make, steps, credentialsOf ?? address, time.Token);
        }
        catch (OperationCanceledException) when (!cancellation.IsCancellationRequested)
        {
            fetched = new Fetched(
                address,
                FetchProblem.TooSlow,
                options.Value.TimeoutSeconds.ToString(CultureInfo.InvariantCulture)
            );
        }
        catch (Exception failure)
            when (failure
                    is HttpRequestException
                        or IOException
                        or InvalidDataException
                        or System.Net.Sockets.SocketException
            )
        {
            log.LogInformation(
                "Fetching {Address} failed: {Reason}",
                address.GetLeftPart(UriPartial.Path),
                failure.Message
            );
            fetched = Failed(address, failure);
        }

        return fetched with
        {
            Redirects = steps,
            Took = Stopwatch.GetElapsedTime(start),
        };
    }

    private static Fetched Failed(Uri address, Exception failure)
    {
        if (failure is AddressNotAllowedException || failure.InnerException is AddressNotAllowedException)
            return new Fetched(address, FetchProblem.NotAllowed);
        return failure.InnerException is AuthenticationException insecure
            ? new Fetched(address, FetchProblem.Insecure, insecure.Message.TrimEnd('.'))
            : new Fetched(address, FetchProblem.Unreachable);
    }

    private async Task<Fetched> FollowAsync(
        Uri address,
        Func<Uri, HttpRequestMessage> make,
        List<Redirect> steps,
        Uri owner,
        CancellationToken cancellation
    )
    {
        while (true)
        {
            if (address.Scheme is not ("http" or "https"))
                return new Fetched(address, FetchProblem.NotAnAddress);
            using var request = make(address);
            Credentials.KeepFrom(request, owner);
            using var response = await http.SendAsync(request, HttpCompletionOption.ResponseHeadersRead, cancellation);
            if (LocationOf(response, request.Method) is not { } location)
                return await TakeAsync(response, address, cancellation);
            if (!Uri.TryCreate(address, location, out var next) || next.Scheme is not ("http" or "https"))
                return new Fetched(address, FetchProblem.BadRedirect, Shortened.ToLength(location, LongestDetail))
                {
                    Status = (int)response.StatusCode,
                };
            if (
                request.Options.TryGetValue(Credentials.InBody, out var isSecret)
                && isSecret
                && !Credentials.SameOrigin(next, owner)
            )
                return new Fetched(address, FetchProblem.LeavesOrigin, next.Host);
            steps.Add(new Redirect(address, next, (int)response.StatusCode));
            if (steps.Count > options.Value.MaxRedirects)
                return new Fetched(next, FetchProblem.TooManyRedirects);
            address = next;
        }
    }

    private static string? LocationOf(HttpResponseMessage response, HttpMethod method)
    {
        // Only what keeps the method leads a post on (RFC 9110, 15.4); any other redirect is where its answer stands.
        var isRedirect =
            response.StatusCode is HttpStatusCode.TemporaryRedirect or HttpStatusCode.PermanentRedirect
            || (
                method == HttpMethod.Get
                && response.StatusCode is HttpStatusCode.Moved or HttpStatusCode.Found or HttpStatusCode.SeeOther
            );
        return isRedirect && response.Headers.NonValidated.TryGetValues("Location", out var values)
            ? values.ToString().Trim()
            : null;
    }

    private async Task<Fetched> TakeAsync(HttpResponseMessage response, Uri address, CancellationToken cancellation)
    {
        var answer = new Fetched(address, null)
        {
            Status = (int)response.StatusCode,
            Headers = AnswerHeaders.Of(response),
            ETag = response.Headers.ETag?.ToString(),
        };
        if (response.StatusCode == HttpStatusCode.NotModified)
            return answer with { NotModified = true };
        if (!response.IsSuccessStatusCode)
            return answer with
            {
                Problem = FetchProblem.ErrorStatus,
                Detail = ((int)response.StatusCode).ToString(CultureInfo.InvariantCulture),
                Complaint = await ComplaintAsync(response, cancellation),
            };
        if (await ReadBoundedAsync(response.Content, answer.Headers.ContentEncoding, cancellation) is not { } bytes)
            return answer with { Problem = FetchProblem.TooLarge, Detail = ByteCount.InWords(options.Value.MaxBytes) };
        var headers = response.Content.Headers.NonValidated;
        return answer with
        {
            Body = bytes,
            ContentType = headers.TryGetValues("Content-Type", out var type) ? type.ToString() : null,
            LastModified = headers.TryGetValues("Last-Modified", out var values) ? values.ToString() : null,
            Policies = response.Headers.TryGetValues("Content-Security-Policy", out var policies)
                ? [.. policies]
                : null,
        };
    }

    // Who is sent something says in words why it is not taken; a page that is not there says nothing of use.
    private static async Task<string?> ComplaintAsync(HttpResponseMessage response, CancellationToken cancellation)
    {
        if (
            response.RequestMessage?.Method == HttpMethod.Get
            || response.Content.Headers.ContentType?.MediaType
                is not ("text/plain" or "application/json" or "application/problem+json")
        )
            return null;
        await using var stream = Decompression.Of(
            await response.Content.ReadAsStreamAsync(cancellation),
            response.Content.Headers.ContentEncoding.FirstOrDefault()
        );
        return await BoundedBody.ReadAsync(stream, LongestComplaint, cancellation) is { Length: > 0 } bytes
            ? System.Text.Encoding.UTF8.GetString(bytes)
            : null;
    }

    private async Task<byte[]?> ReadBoundedAsync(HttpContent content, string? encoding, CancellationToken cancellation)
    {
        await using var stream = Decompression.Of(await content.ReadAsStreamAsync(cancellation), encoding);
        return await BoundedBody.ReadAsync(stream, options.Value.MaxBytes, cancellation);
    }
}
