namespace Antiphon.Core.Channels.Timing;

/// <summary>A time of the week on the site's clocks.</summary>
/// <param name="Day">Day of the week.</param>
/// <param name="Time">Time, exact to the minute.</param>
public sealed record Slot(DayOfWeek Day, TimeOnly Time);
