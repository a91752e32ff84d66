namespace Antiphon.Core.Posts.Fields;

/// <summary>The value of an own field of one post.</summary>
/// <param name="Key">The field.</param>
/// <param name="Value">The value as <see cref="FieldValues.Read"/> gives it.</param>
public sealed record FieldValue(string Key, string Value);
