using Antiphon.Core.Feeds.Forms;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Vocabulary;

/// <summary>What an element holds.</summary>
internal enum ElementContent
{
    /// <summary>Text alone.</summary>
    Text,

    /// <summary>Elements alone.</summary>
    Elements,

    /// <summary>Nothing.</summary>
    Nothing,

    /// <summary>Whatever its own rules say.</summary>
    Anything,
}

/// <summary>An element of a format: what it holds, how often it stands, what its value is written like.</summary>
/// <param name="Name">Local name.</param>
internal sealed record ElementSpec(string Name)
{
    /// <summary>What it holds.</summary>
    public ElementContent Content { get; init; }

    /// <summary>Whether the element around it must have it.</summary>
    public bool IsRequired { get; init; }

    /// <summary>Whether the element around it may have it more than once.</summary>
    public bool MayRepeat { get; init; }

    /// <summary>What its text is written like; null for any text.</summary>
    public ValueForm? Form { get; init; }

    /// <summary>Broken by a text that is blank; null where that is nobody's concern.</summary>
    public CheckRule? Blank { get; init; }

    /// <summary>
    /// Broken by lacking one of the required children, instead of the format's own rule, or one of the required
    /// attributes.
    /// </summary>
    public CheckRule? Incomplete { get; init; }

    /// <summary>The attributes it may have.</summary>
    public IReadOnlyList<AttributeSpec> Attributes { get; init; } = [];

    /// <summary>The elements it may have of its own format.</summary>
    public IReadOnlyList<ElementSpec> Children { get; init; } = [];

    /// <summary>
    /// Whether it holds one value, such as an address or a date, rather than words; forms of dates are their formats'.
    /// </summary>
    public bool IsValue => Form is not null || Name is "pubDate" or "lastBuildDate" or "updated" or "published";

    /// <summary>The child of a name, or null.</summary>
    public ElementSpec? Child(string name) => Children.FirstOrDefault(child => child.Name == name);
}

/// <summary>An attribute of an element.</summary>
/// <param name="Name">Its name, without namespace.</param>
/// <param name="IsRequired">Whether it must be there and not be blank.</param>
/// <param name="Form">What its value is written like; null for any.</param>
/// <param name="MayBeBlank">Whether one that must be there may be blank all the same.</param>
internal sealed record AttributeSpec(
    string Name,
    bool IsRequired = false,
    ValueForm? Form = null,
    bool MayBeBlank = false
)
{
    /// <summary>Whether it is missing where it has this value, null for none.</summary>
    public bool IsMissing(string? value) =>
        IsRequired && (MayBeBlank ? value is null : string.IsNullOrWhiteSpace(value));
}
