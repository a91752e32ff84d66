using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Rules.Modules;

/// <summary>Rules about the elements and attributes of modules as such.</summary>
internal static class ModuleStructureRules
{
    /// <summary>An element the module does not have.</summary>
    public static readonly CheckRule Unknown = new(
        "module-element-unknown",
        Severity.Error,
        "The module has no element {0}",
        "Correct its name, or remove it.",
        "Namespaces in XML 1.0 §6; the page of the module"
    )
    {
        ReadersCope = true,
    };

    /// <summary>Elsewhere than the module has it.</summary>
    public static readonly CheckRule Misplaced = new(
        "module-element-misplaced",
        Severity.Error,
        "{0} does not belong into {1}",
        "Move it to where the module has it.",
        "The page of the module"
    )
    {
        ReadersCope = true,
    };

    /// <summary>Once too often.</summary>
    public static readonly CheckRule Repeated = new(
        "module-element-repeated",
        Severity.Error,
        "{0} appears more than once in {1}",
        "Keep one.",
        "The page of the module"
    )
    {
        ReadersCope = true,
    };

    /// <summary>A required attribute.</summary>
    public static readonly CheckRule AttributeMissing = new(
        "module-attribute-missing",
        Severity.Error,
        "{1} has no {0}",
        "Add the attribute {0}.",
        "The page of the module"
    );

    /// <summary>A value the module does not have.</summary>
    public static readonly CheckRule Value = new(
        "module-value-invalid",
        Severity.Error,
        "“{0}” is not a valid value of {1}",
        "Write {2}.",
        "The page of the module"
    )
    {
        ReadersCope = true,
    };

    /// <summary>Nothing where something is said.</summary>
    public static readonly CheckRule Empty = new(
        "module-element-empty",
        Severity.Advice,
        "{0} in {1} is empty",
        "Fill it in or leave it out.",
        "The page of the module"
    )
    {
        ReadersCope = true,
    };

    /// <summary>Text where the module has none.</summary>
    public static readonly CheckRule StrayText = new(
        "module-stray-text",
        Severity.Error,
        "The text “{0}” is directly in {1}",
        "Put it into an element or an attribute, or remove it.",
        "The page of the module"
    )
    {
        ReadersCope = true,
    };

    /// <summary>Markup that is not escaped.</summary>
    public static readonly CheckRule ElementInText = new(
        "module-markup-not-escaped",
        Severity.Error,
        "The element {0} is directly in {1}, which takes text only",
        "Escape the HTML or put it into <![CDATA[ … ]]>.",
        "The page of the module"
    );

    /// <summary>A place that cannot be.</summary>
    public static readonly CheckRule PlaceOutside = new(
        "georss-place-outside",
        Severity.Error,
        "“{0}” is not on the earth",
        "Write a latitude from -90 to 90 first, then a longitude from -180 to 180.",
        "GeoRSS Simple; WGS84 Geo Positioning"
    );

    /// <summary>A ring that is not closed.</summary>
    public static readonly CheckRule RingOpen = new(
        "georss-ring-open",
        Severity.Error,
        "The polygon does not end where it begins",
        "Repeat the first point at the end; there are at least four.",
        "GeoRSS Simple, polygon"
    )
    {
        ReadersCope = true,
    };

    /// <summary>A box whose corners are given the wrong way round; on the far side of the earth its east is below its west.</summary>
    public static readonly CheckRule BoxTurned = new(
        "georss-box-turned",
        Severity.Error,
        "The first corner of the box lies north of the second",
        "Write the lower left corner first, then the upper right one.",
        "GeoRSS Simple, box"
    )
    {
        ReadersCope = true,
    };

    /// <summary>Half of a place.</summary>
    public static readonly CheckRule PositionHalf = new(
        "geo-position-half",
        Severity.Error,
        "There is {0} without {1}",
        "Write both.",
        "WGS84 Geo Positioning"
    );

    /// <summary>Every rule about elements and attributes of modules.</summary>
    public static IReadOnlyList<CheckRule> All { get; } =
    [
        Unknown,
        Misplaced,
        Repeated,
        AttributeMissing,
        Value,
        Empty,
        StrayText,
        ElementInText,
        PlaceOutside,
        RingOpen,
        BoxTurned,
        PositionHalf,
    ];
}
