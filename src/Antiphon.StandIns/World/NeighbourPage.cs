namespace Antiphon.StandIns.World;

/// <summary>A page of a neighbour's notebook.</summary>
/// <param name="Number">Its number, which stands in its address.</param>
/// <param name="Kind">answer, like, repost, link, plain (without marks of meaning) or none (without a link).</param>
/// <param name="Target">What it is about.</param>
/// <param name="Words">What it says.</param>
/// <param name="Author">Who wrote it.</param>
public sealed record NeighbourPage(int Number, string Kind, string Target, string Words, string Author)
{
    /// <summary>Whether it was taken down.</summary>
    public bool IsGone { get; init; }
}
