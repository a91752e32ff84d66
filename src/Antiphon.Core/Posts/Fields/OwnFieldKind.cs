namespace Antiphon.Core.Posts.Fields;

/// <summary>What an own field holds.</summary>
public enum OwnFieldKind
{
    /// <summary>A line of text.</summary>
    Text,

    /// <summary>Text of several lines.</summary>
    LongText,

    /// <summary>A number, written with a point.</summary>
    Number,

    /// <summary>A day, written as ISO 8601 has it.</summary>
    Date,

    /// <summary>One of several words.</summary>
    Choice,

    /// <summary>Yes or no.</summary>
    YesNo,

    /// <summary>The address of a picture.</summary>
    Picture,

    /// <summary>An address.</summary>
    Link,
}
