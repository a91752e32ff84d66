namespace Antiphon.Core.Comments.Filtering.Signals;

/// <summary>Where in a comment a signal was seen. The same word is another signal in another field.</summary>
public enum SignalKind
{
    /// <summary>A word of the text.</summary>
    Word,

    /// <summary>Two words of the text that stand beside each other.</summary>
    WordPair,

    /// <summary>Four characters of the text in a row.</summary>
    Piece,

    /// <summary>A word or piece of the writer's name.</summary>
    Author,

    /// <summary>A part of the mail address.</summary>
    Mail,

    /// <summary>A part of the writer's own address.</summary>
    Site,

    /// <summary>A part of an address within the text.</summary>
    Link,

    /// <summary>The shape of the text: lengths, letters, signs.</summary>
    Shape,

    /// <summary>Two traits of the shape at once.</summary>
    ShapePair,

    /// <summary>Likeness to an earlier comment.</summary>
    Likeness,
}
