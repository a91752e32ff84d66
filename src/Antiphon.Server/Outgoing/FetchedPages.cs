using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Html;
using Antiphon.Core.Html.Trees;

namespace Antiphon.Server.Outgoing;

/// <summary>Reads answers as pages.</summary>
internal static class FetchedPages
{
    /// <summary>
    /// The answer with its page read; with <see cref="FetchProblem.TooComplex"/> where the page is beyond
    /// <see cref="HtmlLimits.Page"/>.
    /// </summary>
    public static Fetched WithPage(this Fetched fetched, CancellationToken cancellation)
    {
        if (fetched.Problem is not null)
            return fetched;
        var reading = HtmlReader.Read(
            DecodedFeed.From(fetched.Bytes, fetched.ContentType).Text,
            HtmlLimits.Page,
            cancellation
        );
        return reading.Excess is { } excess
            ? fetched with
            {
                Problem = FetchProblem.TooComplex,
                Detail = Words(excess),
            }
            : fetched with
            {
                Page = reading.Document,
            };
    }

    /// <summary>Fetches a page and reads it.</summary>
    public static async Task<Fetched> GetPageAsync(
        this GuardedClient client,
        Uri address,
        CancellationToken cancellation
    ) => (await client.GetAsync(address, cancellation: cancellation)).WithPage(cancellation);

    private static string Words(HtmlExcess excess) =>
        excess switch
        {
            HtmlExcess.Length => $"has more than {HtmlLimits.Page.Length:N0} characters",
            HtmlExcess.Depth => $"nests more than {HtmlLimits.Page.Depth} elements in each other",
            HtmlExcess.Nodes => $"has more than {HtmlLimits.Page.Nodes:N0} parts",
            HtmlExcess.Children => $"has an element with more than {HtmlLimits.Page.Children:N0} parts of its own",
            HtmlExcess.Joining => "has a text that is put together from too many pieces",
            _ => $"has an element with more than {HtmlLimits.Page.Attributes} attributes",
        };
}
