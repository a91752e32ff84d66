namespace Antiphon.Core.Comments.Transfer;

/// <summary>What a file of comments held.</summary>
/// <param name="Comments">The comments that could be read.</param>
/// <param name="Problems">What could not, each with its place and a remedy.</param>
public sealed record TransferRead(IReadOnlyList<PortableComment> Comments, IReadOnlyList<TransferProblem> Problems);

/// <summary>Something in a file of comments that cannot be taken.</summary>
/// <param name="Place">Which record, from 1; 0 for the file itself.</param>
/// <param name="Field">The field it is about; empty for the whole.</param>
/// <param name="Remedy">What is wrong and what to do.</param>
public sealed record TransferProblem(int Place, string Field, string Remedy);
