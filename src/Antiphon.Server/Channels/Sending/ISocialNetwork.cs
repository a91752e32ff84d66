using Antiphon.Core.Syndication.Channels;

namespace Antiphon.Server.Channels.Sending;

/// <summary>A network of short posts. Another network is another implementation, and nothing else.</summary>
internal interface ISocialNetwork
{
    /// <summary>Publishes; a repeat with the same key is the same post.</summary>
    Task<SendOutcome> PublishAsync(Uri address, string? token, string key, SocialNote note, CancellationToken cancellation);

    /// <summary>Takes a post away that stands at an address.</summary>
    Task<SendOutcome> RemoveAsync(Uri address, string? token, string made, CancellationToken cancellation);

    /// <summary>Asks whether the token is taken.</summary>
    Task<SendOutcome> AskAsync(Uri address, string? token, CancellationToken cancellation);
}

/// <summary>A short post.</summary>
/// <param name="Text">Its text.</param>
/// <param name="Picture">Address of its picture, or null.</param>
/// <param name="Alt">What that shows, or null.</param>
internal sealed record SocialNote(string Text, string? Picture, string? Alt);
