using AngleSharp.Html.Dom;
using Antiphon.Core.Html.Trees;

namespace Antiphon.Core.Html;

/// <summary>A document that was read, or what it has too much of.</summary>
/// <param name="Document">Its whole tree; null when a limit was met, as a tree that ends in the middle says what its
/// author never said.</param>
/// <param name="Excess">The limit that was met, or null.</param>
public sealed record HtmlReading(IHtmlDocument? Document, HtmlExcess? Excess);
