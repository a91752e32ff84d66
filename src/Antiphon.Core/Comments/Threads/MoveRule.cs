namespace Antiphon.Core.Comments.Threads;

/// <summary>A move of many pages at once: every address that begins with the old beginning gets the new one.</summary>
/// <param name="From">The old beginning, such as "https://old.quillmoor.example/log/".</param>
/// <param name="To">The new one.</param>
public sealed record MoveRule(string From, string To)
{
    /// <summary>Where an address is after the move; null where the rule does not touch it.</summary>
    public string? Of(string? address) =>
        From.Length > 0 && address?.StartsWith(From, StringComparison.OrdinalIgnoreCase) == true
            ? To + address[From.Length..]
            : null;
}
