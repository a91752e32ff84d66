namespace Antiphon.Core.Channels.Composing.Checking;

/// <summary>What a post is about to be on a channel.</summary>
/// <param name="Kind">Kind of the channel.</param>
/// <param name="Text">What it says; null where the channel has no text of its own.</param>
/// <param name="Picture">The picture that goes along; null where the post has none.</param>
/// <param name="WantsPicture">Whether the channel takes pictures along.</param>
/// <param name="HasCardPicture">Whether the page of the post names a picture for cards of networks.</param>
public sealed record ChannelDraft(
    ChannelKind Kind,
    ComposedText? Text,
    ChannelPicture? Picture,
    bool WantsPicture,
    bool HasCardPicture
)
{
    /// <summary>Whether the channel is paused.</summary>
    public bool IsPaused { get; init; }

    /// <summary>How many pages, feeds or receivers are told.</summary>
    public int Places { get; init; } = 1;

    /// <summary>
    /// Links of the text that could not be opened, each with why in words; empty where they were not tried.
    /// </summary>
    public IReadOnlyList<(string Address, string Problem)> BrokenLinks { get; init; } = [];
}

/// <summary>A picture on its way to a channel.</summary>
/// <param name="Alt">What it shows, or null.</param>
/// <param name="Width">Width in pixels; null where that is not known.</param>
/// <param name="Height">Height in pixels; null where that is not known.</param>
public sealed record ChannelPicture(string? Alt, int? Width, int? Height);
