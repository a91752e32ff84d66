namespace Antiphon.Core.Importing;

/// <summary>How dates of a table are written.</summary>
public enum DateForm
{
    /// <summary>As standards have it: ISO 8601, RFC 3339, RFC 5322, or seconds since 1970.</summary>
    Standard,

    /// <summary>Day, month, year: 24/11/2026, 24.11.2026.</summary>
    DayFirst,

    /// <summary>Month, day, year: 11/24/2026.</summary>
    MonthFirst,
}
