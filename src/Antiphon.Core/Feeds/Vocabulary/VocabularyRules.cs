using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Vocabulary;

/// <summary>
/// The rules a format states about its elements as such. {0} is always the element, attribute or text at fault, {1} the
/// element it stands in or should stand in.
/// </summary>
internal sealed record VocabularyRules
{
    /// <summary>An element the format does not have.</summary>
    public required CheckRule Unknown { get; init; }

    /// <summary>An element where the format does not have it.</summary>
    public required CheckRule Misplaced { get; init; }

    /// <summary>An element whose name is right but for its capitals; {1} is the right name.</summary>
    public required CheckRule Miswritten { get; init; }

    /// <summary>An element that stands once too often.</summary>
    public required CheckRule Repeated { get; init; }

    /// <summary>A required element that is not there.</summary>
    public required CheckRule Missing { get; init; }

    /// <summary>An attribute the element does not have.</summary>
    public required CheckRule AttributeUnknown { get; init; }

    /// <summary>Text between elements, where the format has none.</summary>
    public required CheckRule StrayText { get; init; }

    /// <summary>An element within what holds text alone.</summary>
    public required CheckRule ElementInText { get; init; }
}
