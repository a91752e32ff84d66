using Antiphon.Core.Channels;
using Antiphon.Core.Channels.Counting;

namespace Antiphon.Server.Channels.Sending;

/// <summary>A network of short posts. Another network is another implementation, and nothing else.</summary>
internal interface ISocialNetwork
{
    /// <summary>Publishes; a repeat with the same key is the same post.</summary>
    Task<SendOutcome> PublishAsync(
        Uri address,
        string? token,
        string key,
        SocialNote note,
        CancellationToken cancellation
    );

    /// <summary>Takes a post away that stands at an address.</summary>
    Task<SendOutcome> RemoveAsync(Uri address, string? token, string made, CancellationToken cancellation);

    /// <summary>Asks what a post that stands at an address brought.</summary>
    Task<NetworkCounting> CountAsync(Uri address, string? token, string made, CancellationToken cancellation);

    /// <summary>Asks whether the token is taken.</summary>
    Task<SendOutcome> AskAsync(Uri address, string? token, CancellationToken cancellation);
}

/// <summary>What a network said of a post it took.</summary>
/// <param name="Counts">What it brought; null where the network does not tell.</param>
/// <param name="IsGone">Whether it stands there no more.</param>
/// <param name="Problem">Why it could not be asked, in words; null where it could.</param>
internal sealed record NetworkCounting(NetworkCounts? Counts, bool IsGone = false, string? Problem = null);

/// <summary>A short post.</summary>
/// <param name="Text">Its text.</param>
/// <param name="Picture">Address of its picture, or null.</param>
/// <param name="Alt">What that shows, or null.</param>
internal sealed record SocialNote(string Text, string? Picture, string? Alt);
