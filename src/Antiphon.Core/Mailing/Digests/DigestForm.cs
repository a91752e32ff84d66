namespace Antiphon.Core.Mailing.Digests;

/// <summary>How a digest shows its posts.</summary>
public enum DigestForm
{
    /// <summary>The whole text of each post.</summary>
    Whole,

    /// <summary>One column: title, byline and short text.</summary>
    Column,

    /// <summary>As <see cref="Column"/>, with the picture of each post.</summary>
    Pictures,

    /// <summary>Text alone, without an HTML part.</summary>
    Text,
}
