using Antiphon.Core.Comments.Filtering.Folding;

namespace Antiphon.Core.Comments.Filtering.Signals;

/// <summary>What the shape of a comment is told from.</summary>
/// <param name="Body">The text as typed, bounded.</param>
/// <param name="Tricks">Tricks found in it.</param>
/// <param name="Spans">Its words and addresses.</param>
/// <param name="AuthorAsTyped">The name as typed.</param>
/// <param name="Author">The name in lower case.</param>
/// <param name="Mail">The mail in lower case, or empty.</param>
/// <param name="Site">The writer's own address in lower case, or empty.</param>
internal readonly record struct ShapeInput(
    string Body,
    Tricks Tricks,
    WordSpans Spans,
    string AuthorAsTyped,
    string Author,
    string Mail,
    string Site
);
