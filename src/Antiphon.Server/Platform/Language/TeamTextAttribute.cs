namespace Antiphon.Server.Platform.Language;

/// <summary>
/// Marks a text of an answer that the server wrote, in English, perhaps long ago: it is told in the language of whoever
/// asks (<see cref="SpokenMembers"/>). What others wrote passes as it is, since no catalogue knows it.
/// </summary>
[AttributeUsage(AttributeTargets.Property)]
internal sealed class TeamTextAttribute : Attribute;
