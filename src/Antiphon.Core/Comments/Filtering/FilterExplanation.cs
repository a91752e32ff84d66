using Antiphon.Core.Comments.Filtering.Signals;

namespace Antiphon.Core.Comments.Filtering;

/// <summary>A score with its reasons.</summary>
/// <param name="Score">How likely the comment is spam.</param>
/// <param name="For">What speaks for spam, the strongest first.</param>
/// <param name="Against">What speaks against it, the strongest first.</param>
public sealed record FilterExplanation(
    double Score,
    IReadOnlyList<FilterReason> For,
    IReadOnlyList<FilterReason> Against
);

/// <summary>A part of a comment that told something.</summary>
/// <param name="Kind">Where it stands.</param>
/// <param name="Name">The words themselves, or the name of a trait.</param>
/// <param name="Degree">How strong a trait is, in steps of its own; -1 for what has none.</param>
/// <param name="Leaning">How much it says: above 0 for spam, below for genuine.</param>
public sealed record FilterReason(SignalKind Kind, string Name, int Degree, double Leaning);
