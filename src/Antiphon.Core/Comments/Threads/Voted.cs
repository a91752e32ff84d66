namespace Antiphon.Core.Comments.Threads;

/// <summary>What orders look at in a comment.</summary>
/// <param name="Id">Key of the comment; the later one has the larger key.</param>
/// <param name="ParentId">Key of what it answers, or null.</param>
/// <param name="WrittenAt">When it was written.</param>
/// <param name="Up">Votes up.</param>
/// <param name="Down">Votes down.</param>
public readonly record struct Voted(long Id, long? ParentId, DateTimeOffset WrittenAt, int Up, int Down);
