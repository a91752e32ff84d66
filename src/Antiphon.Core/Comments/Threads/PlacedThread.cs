using AngleSharp.Dom;

namespace Antiphon.Core.Comments.Threads;

/// <summary>A thread as it stands on a page, in today's snippet or in the one with three attributes before it.</summary>
/// <param name="Key">Which thread it is.</param>
/// <param name="Address">Address the snippet names for the page; null where the page says it itself.</param>
/// <param name="NeedsIdentifier">Whether the snippet is of the kind that must have an identifier.</param>
internal sealed record PlacedThread(ThreadKey Key, string? Address, bool NeedsIdentifier)
{
    private const string OlderAttribute = "data-antiphon-thread";

    /// <summary>Selects every element a thread is shown in.</summary>
    public const string Selector = $"[{ThreadKey.Attribute}],[{OlderAttribute}]";

    /// <summary>Reads an element that <see cref="Selector"/> selected.</summary>
    public static PlacedThread Of(IElement element) =>
        element.GetAttribute(ThreadKey.Attribute) is { } key
            ? new PlacedThread(ThreadKey.Of(key), element.GetAttribute(ThreadKey.AddressAttribute), false)
            : new PlacedThread(
                new ThreadKey(
                    element.GetAttribute("data-antiphon-site") ?? string.Empty,
                    element.GetAttribute(OlderAttribute)!.Trim()
                ),
                element.GetAttribute("data-antiphon-url"),
                true
            );
}
