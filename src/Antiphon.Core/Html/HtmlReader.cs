using System.Net;
using AngleSharp.Html.Dom;
using AngleSharp.Html.Parser;
using Antiphon.Core.Html.Trees;

namespace Antiphon.Core.Html;

/// <summary>
/// The one door through which HTML becomes a tree. Nothing else makes a parser of its own (a test holds this).
/// </summary>
public static class HtmlReader
{
    /// <summary>
    /// The tree of a document, or the limit it met. For documents that are refused when they are beyond reason.
    /// </summary>
    /// <param name="html">Any text.</param>
    /// <param name="limits">What is taken in; those of a page when null.</param>
    /// <param name="cancellation">Ends the reading between two tokens.</param>
    /// <exception cref="OperationCanceledException">The reading was cancelled.</exception>
    public static HtmlReading Read(string html, HtmlLimits? limits = null, CancellationToken cancellation = default)
    {
        limits ??= HtmlLimits.Page;
        if (html.Length > limits.Length)
            return new HtmlReading(null, HtmlExcess.Length);
        var gauge = new TreeGauge(limits, cancellation);
        try
        {
            var document = new HtmlParser(gauge.Watching()).ParseDocument(html);
            gauge.MeasureWhole(document);
            return new HtmlReading(document, null);
        }
        catch (HtmlExcessException beyond)
        {
            return new HtmlReading(null, beyond.Excess);
        }
    }

    /// <summary>
    /// The tree of a text; of one beyond the limits its words alone, in one text node of the body. For texts that are
    /// kept or shown, of which nothing may be lost.
    /// </summary>
    /// <param name="html">Any text.</param>
    /// <param name="limits">What is taken in; those of our own documents when null.</param>
    public static IHtmlDocument ReadOrWords(string html, HtmlLimits? limits = null) =>
        Read(html, limits ?? HtmlLimits.Own).Document
        ?? new HtmlParser().ParseDocument(WebUtility.HtmlEncode(MarkupScan.WordsOf(html)));

    /// <summary>The body of <see cref="ReadOrWords"/>.</summary>
    public static IHtmlElement BodyOf(string html, HtmlLimits? limits = null) => ReadOrWords(html, limits).Body!;
}
