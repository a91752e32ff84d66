using System.Globalization;
using System.Net.Http.Headers;
using System.Text;
using Antiphon.Core.Channels;
using Antiphon.Core.Text;
using Antiphon.Server.Outgoing;

namespace Antiphon.Server.Channels.Sending;

/// <summary>What answers of receivers mean.</summary>
internal static class Answers
{
    private const int LongestAnswer = 300;

    // Whatever a receiver asks for, it is asked again within a day.
    private static readonly TimeSpan LongestPause = TimeSpan.FromDays(1);

    /// <summary>The outcome of an answer; taken where the status says so.</summary>
    public static SendOutcome Of(Fetched answer, DateTimeOffset now, Func<Fetched, SendOutcome> taken)
    {
        if (answer.Problem is null)
            return taken(answer);
        var said = answer.Complaint is { } complaint
            ? Shortened.ToLength(OneLine.Of(complaint), LongestAnswer)
            : FetchWords.For(answer.Problem.Value, answer.Detail);
        var words = answer.Status is { } status ? $"{status}: {said}" : said;
        return answer.Problem switch
        {
            FetchProblem.ErrorStatus when answer.Status is { } failed && SendOutcome.MayPass(failed) =>
                SendOutcome.Passing(words, RetryAfterOf(answer, now)),
            FetchProblem.Unreachable or FetchProblem.TooSlow or FetchProblem.TooLarge => SendOutcome.Passing(words),
            _ => SendOutcome.Refused(words),
        };
    }

    /// <summary>The text of an answer, for people.</summary>
    public static string TextOf(Fetched answer) =>
        Shortened.ToLength(Encoding.UTF8.GetString(answer.Bytes).Trim(), LongestAnswer);

    /// <summary>Where what was made stands, absolute; null where the receiver did not say.</summary>
    public static string? MadeAt(Fetched answer) =>
        answer.Headers.Location is { } location && Uri.TryCreate(answer.Address, location, out var address)
            ? address.AbsoluteUri
            : null;

    /// <summary>Adds a token as RFC 6750 says; where there is an account, its name and password (RFC 7617).</summary>
    public static void Authorize(HttpRequestMessage request, string? token, string account = "")
    {
        if (account.Length > 0)
            request.Headers.Authorization = new AuthenticationHeaderValue(
                "Basic",
                Convert.ToBase64String(Encoding.UTF8.GetBytes($"{account}:{token}"))
            );
        else if (!string.IsNullOrEmpty(token))
            request.Headers.Authorization = new AuthenticationHeaderValue("Bearer", token);
    }

    // Seconds or a date (RFC 9110, 10.2.3).
    private static TimeSpan? RetryAfterOf(Fetched answer, DateTimeOffset now)
    {
        if (answer.Headers.RetryAfter is not { } asked)
            return null;
        var pause =
            int.TryParse(asked, NumberStyles.None, CultureInfo.InvariantCulture, out var seconds)
                ? TimeSpan.FromSeconds(seconds)
            : DateTimeOffset.TryParse(asked, CultureInfo.InvariantCulture, DateTimeStyles.AssumeUniversal, out var date)
                ? date - now
            : (TimeSpan?)null;
        return pause is null ? null
            : pause < TimeSpan.Zero ? TimeSpan.Zero
            : pause > LongestPause ? LongestPause
            : pause;
    }
}
