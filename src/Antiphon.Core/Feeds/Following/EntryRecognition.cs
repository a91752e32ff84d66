using Antiphon.Core.Feeds.Model;

namespace Antiphon.Core.Feeds.Following;

/// <summary>An entry of a feed with the entry it was recognised as.</summary>
/// <param name="Item">The entry as it stands in the feed now.</param>
/// <param name="Known">The entry that was taken over before; null for a new one.</param>
/// <param name="By">What it was recognised by.</param>
public sealed record RecognisedEntry(FeedItem Item, KnownEntry? Known, RecognisedBy By);

/// <summary>What an entry was recognised by.</summary>
public enum RecognisedBy
{
    /// <summary>It is new.</summary>
    Nothing,

    /// <summary>Its identifier.</summary>
    Id,

    /// <summary>Its page.</summary>
    Link,

    /// <summary>Its title and words.</summary>
    Likeness,
}

/// <summary>What recognising all entries of a feed gave.</summary>
/// <param name="Entries">Every entry once, in the order of the feed; a second copy of one is left out.</param>
/// <param name="IdsChange">True when the feed gives known entries new identifiers at every visit.</param>
public sealed record EntryRecognition(IReadOnlyList<RecognisedEntry> Entries, bool IdsChange);
