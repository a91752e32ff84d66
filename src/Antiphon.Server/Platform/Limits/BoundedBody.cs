namespace Antiphon.Server.Platform.Limits;

/// <summary>Bodies from other people, read up to a bound.</summary>
internal static class BoundedBody
{
    /// <summary>
    /// All of it, or null when it is longer than <paramref name="most"/> bytes; no more than that is ever kept.
    /// </summary>
    public static async Task<byte[]?> ReadAsync(Stream stream, long most, CancellationToken cancellation)
    {
        using var body = new MemoryStream();
        var buffer = new byte[81920];
        int read;
        while ((read = await stream.ReadAsync(buffer, cancellation)) > 0)
        {
            if (body.Length + read > most)
                return null;
            body.Write(buffer, 0, read);
        }

        return body.ToArray();
    }
}
