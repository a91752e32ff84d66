namespace Antiphon.Core.Comments.Filtering.Folding;

/// <summary>Ways in which a text hides its words from filters.</summary>
[Flags]
public enum Tricks
{
    /// <summary>None.</summary>
    None = 0,

    /// <summary>Characters without width stand between letters.</summary>
    Invisible = 1,

    /// <summary>Letters of another script that look like Latin ones stand among Latin ones.</summary>
    LookAlike = 2,

    /// <summary>Letters are drawn with signs of mathematics or in full width.</summary>
    Styled = 4,

    /// <summary>A word is pulled apart: "c a s i n o".</summary>
    SpacedOut = 8,

    /// <summary>Signs stand for letters: "ca$ino".</summary>
    SignsForLetters = 16,
}
