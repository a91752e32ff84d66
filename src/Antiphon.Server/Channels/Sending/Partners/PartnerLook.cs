using Antiphon.Core.Channels;

namespace Antiphon.Server.Channels.Sending.Partners;

/// <summary>What looking for a post at a partner found.</summary>
/// <param name="Known">That it is there already; null where it is not.</param>
/// <param name="Unsure">Why that cannot be told, where sending without knowing could double it; null otherwise.</param>
internal sealed record PartnerLook(SendOutcome? Known, SendOutcome? Unsure = null)
{
    /// <summary>It is not there, or the partner cannot be asked such a thing.</summary>
    public static PartnerLook Nothing { get; } = new(Known: null);

    /// <summary>It is there.</summary>
    public static PartnerLook Found(string? address, string? edit = null) =>
        new(SendOutcome.Taken("The partner has it already.", address) with { EditAddress = edit });

    /// <summary>
    /// The pages of a list, one after the other, until the post is found. A partner that cannot be asked can at least
    /// be told; one that cannot be reached cannot.
    /// </summary>
    /// <param name="read">Reads the page behind a mark, null for the first; gives what it holds, the mark of the next,
    /// and what went wrong.</param>
    public static async Task<PartnerLook> ThroughAsync<TMark>(
        Func<TMark?, Task<(PartnerLook? Found, TMark? Next)>> read
    )
        where TMark : class
    {
        // A thousand posts back nobody looks for a delivery that was interrupted.
        const int mostPages = 10;
        TMark? mark = null;
        for (var page = 0; page < mostPages; page++)
        {
            var (found, next) = await read(mark);
            if (found is not null)
                return found;
            if (next is null)
                return Nothing;
            mark = next;
        }

        return Nothing;
    }

    /// <summary>What an answer without a list means.</summary>
    public static PartnerLook Without(Outgoing.Fetched answer, DateTimeOffset now) =>
        answer.Status is 400 or 404 or 405 or 501
            ? Nothing
            : new PartnerLook(null, Answers.Of(answer, now, _ => throw new InvalidOperationException()));
}
