namespace Antiphon.Core.Channels;

/// <summary>What was decided for one post and one channel.</summary>
/// <param name="Channel">The channel.</param>
/// <param name="Goes">Whether it goes there; null for as the channel's choice says.</param>
/// <param name="At">When, on the site's clocks, such as "2027-03-28T18:00"; null for when the channel says.</param>
/// <param name="Text">The text; null for what the template says.</param>
/// <param name="Turn">Which of the channel's texts, from 0; null for the one whose turn it is.</param>
public sealed record PostChannelOptions(
    long Channel,
    bool? Goes = null,
    string? At = null,
    string? Text = null,
    int? Turn = null
);
