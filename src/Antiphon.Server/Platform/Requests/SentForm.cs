namespace Antiphon.Server.Platform.Requests;

/// <summary>Forms that anybody may send, read in one checked way.</summary>
internal static class SentForm
{
    /// <summary>The fields; none where the body is no form.</summary>
    /// <exception cref="BadHttpRequestException">The form breaks off, is put together wrongly, has more fields than
    /// <see cref="Microsoft.AspNetCore.Http.Features.FormOptions"/> allows, or a zero character where people
    /// type.</exception>
    public static async Task<IFormCollection> FormAsync(this HttpContext http)
    {
        if (!http.Request.HasFormContentType)
            return FormCollection.Empty;
        try
        {
            var form = await http.Request.ReadFormAsync(http.RequestAborted);
            if (
                form.FirstOrDefault(field =>
                    field.Key.Contains('\0', StringComparison.Ordinal)
                    || field.Value.Any(value => value?.Contains('\0', StringComparison.Ordinal) == true)
                ) is
                { Key: { } named }
            )
                throw new BadHttpRequestException(
                    $"The field “{named.Replace("\0", string.Empty, StringComparison.Ordinal)}” holds a zero character; leave it out."
                );
            return form;
        }
        catch (Exception broken) when (broken is InvalidDataException or IOException and not BadHttpRequestException)
        {
            throw new BadHttpRequestException(
                "The form could not be read: it breaks off, or has more fields than are taken.",
                broken
            );
        }
    }
}
