namespace Antiphon.Core.Channels.Counting;

/// <summary>What a short post brought at its network.</summary>
/// <param name="Answers">Answers to it.</param>
/// <param name="Likes">People who like it.</param>
/// <param name="PassedOn">People who passed it on.</param>
public sealed record NetworkCounts(int Answers, int Likes, int PassedOn);
