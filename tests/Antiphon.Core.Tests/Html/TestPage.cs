using AngleSharp.Html.Dom;
using Antiphon.Core.Html;

namespace Antiphon.Core.Tests.Html;

/// <summary>Pages for tests.</summary>
internal static class TestPage
{
    public static IHtmlDocument Of(string html) => HtmlReader.Read(html).Document!;
}
