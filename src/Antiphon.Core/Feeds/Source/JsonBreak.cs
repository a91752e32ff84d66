namespace Antiphon.Core.Feeds.Source;

/// <summary>Where and why a JSON document breaks off.</summary>
/// <param name="Line">Line from 1.</param>
/// <param name="Column">Column from 1.</param>
/// <param name="Message">Why.</param>
public sealed record JsonBreak(int Line, int Column, string Message);
