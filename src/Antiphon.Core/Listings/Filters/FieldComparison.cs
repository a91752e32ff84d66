namespace Antiphon.Core.Listings.Filters;

/// <summary>How the value of an own field is compared.</summary>
public enum FieldComparison
{
    /// <summary>The same, capitals aside; numbers and days by what they mean.</summary>
    Is,

    /// <summary>The words stand in it.</summary>
    Contains,

    /// <summary>A number or day not below the one given.</summary>
    AtLeast,

    /// <summary>A number or day not above the one given.</summary>
    AtMost,

    /// <summary>Anything at all.</summary>
    IsFilled,
}
