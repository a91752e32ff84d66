namespace Antiphon.Core.Listings.Related;

/// <summary>How much a post is like another, and why.</summary>
/// <param name="Score">The greater, the more alike; above 0.</param>
/// <param name="Terms">Categories and tags that both have, the rarest first.</param>
/// <param name="Words">Telling words that both use, the most telling first; at most five.</param>
public sealed record Relation(double Score, IReadOnlyList<string> Terms, IReadOnlyList<string> Words);
