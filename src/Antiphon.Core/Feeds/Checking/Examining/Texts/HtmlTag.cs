namespace Antiphon.Core.Feeds.Checking.Examining.Texts;

/// <summary>A tag in HTML.</summary>
/// <param name="At">Place of its bracket.</param>
/// <param name="Name">Its name in small letters; "!doctype" for a document type.</param>
/// <param name="IsEnd">True for an end tag.</param>
/// <param name="Attributes">Its attributes.</param>
/// <param name="IsBroken">True when it does not end.</param>
internal sealed record HtmlTag(int At, string Name, bool IsEnd, IReadOnlyList<HtmlAttribute> Attributes, bool IsBroken)
{
    /// <summary>The value of an attribute, or null.</summary>
    public string? Value(string name) => Attributes.FirstOrDefault(attribute => attribute.Name == name)?.Value;
}

/// <summary>An attribute of a tag.</summary>
/// <param name="At">Place of its value; of its name where it has none.</param>
/// <param name="Name">Its name in small letters.</param>
/// <param name="Value">Its value, entities decoded.</param>
internal sealed record HtmlAttribute(int At, string Name, string Value);
