namespace Antiphon.Core.Feeds.Checking.Examining.Texts;

/// <summary>A tag in HTML.</summary>
/// <param name="At">Place of its bracket.</param>
/// <param name="Element">What is known of its element; named "!doctype" for a document type.</param>
/// <param name="IsEnd">True for an end tag.</param>
/// <param name="Attributes">Its attributes.</param>
/// <param name="IsBroken">True when it does not end.</param>
internal sealed record HtmlTag(
    int At,
    HtmlElement Element,
    bool IsEnd,
    IReadOnlyList<HtmlAttribute> Attributes,
    bool IsBroken
)
{
    /// <summary>Its name in small letters.</summary>
    public string Name => Element.Name;

    /// <summary>The value of an attribute, or null.</summary>
    public string? Value(string name)
    {
        foreach (var attribute in Attributes)
        {
            if (attribute.Name == name)
                return attribute.Value;
        }

        return null;
    }
}

/// <summary>An attribute of a tag.</summary>
/// <param name="At">Place of its value; of its name where it has none.</param>
/// <param name="Name">Its name in small letters.</param>
/// <param name="Value">Its value, entities decoded.</param>
internal sealed record HtmlAttribute(int At, string Name, string Value);
