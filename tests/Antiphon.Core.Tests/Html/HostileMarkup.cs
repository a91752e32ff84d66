namespace Antiphon.Core.Tests.Html;

/// <summary>Documents that nobody wrote to be read: each once stopped a reader, or made it work for minutes.</summary>
public static class HostileMarkup
{
    /// <summary>By the name of what they do, each about as long as asked for.</summary>
    /// <param name="length">Characters.</param>
    public static IEnumerable<(string Name, string Html)> Documents(int length)
    {
        string Filled(string piece) => string.Concat(Enumerable.Repeat(piece, length / piece.Length));
        string Numbered(Func<int, string> piece) =>
            string.Concat(Enumerable.Range(0, length / piece(10_000).Length).Select(piece));
        yield return ("end tags that close nothing between start tags", Filled("<div></b>"));
        yield return ("start tags alone", Filled("<div>"));
        yield return ("rows in a drawing", "<svg>" + Filled("<tr>"));
        yield return ("formulas in text in formulas", Filled("<math><mi>"));
        yield return ("formatting that is never closed", Numbered(number => $"<b id={number}>"));
        yield return ("formatting that every paragraph opens anew", Numbered(number => $"<p><b id={number}></p>"));
        yield return ("links within links", Filled("<a href=x><div>"));
        yield return ("text between rows", "<table>" + Filled("x<tr>"));
        yield return ("blocks between rows", "<table>" + Filled("<div>x</div><tr>"));
        yield return ("tables in tables", Filled("<table>"));
        yield return ("breaks", Filled("<br>"));
        yield return ("breaks between words", Filled("<br>x"));
        yield return ("elements without a name in the list", Filled("<font>x</font>"));
        yield return ("comments", Filled("<!---->"));
        yield return ("items without a list", Filled("<li>"));
        yield return ("templates in templates", Filled("<template>"));
        yield return ("end tags", "<div>" + Filled("</x>"));
        yield return ("ends of paragraphs that never began", Filled("</p>"));
        yield return ("attributes of one element", "<a " + Numbered(number => $"a{number}=1 ") + ">x</a>");
        yield return ("attributes put on the body later", Numbered(number => $"<body a{number}=1>"));
        yield return ("attributes put on the root later", Numbered(number => $"<html a{number}=1>"));
        yield return ("class names", "<p class='" + Numbered(number => $"h-{number} ") + "'>x</p>");
        yield return ("signs that begin no tag", Filled("<"));
        yield return ("ampersands", Filled("&"));
        yield return ("zeros", Filled("\0"));
        yield return ("formatting closed in the wrong order", Filled("<b><p></b></p>"));
        yield return (
            "values within values",
            "<div class=h-entry>"
                + string.Concat(Enumerable.Repeat("<div class='p-name e-content'>", 150))
                + Filled("x ")
        );
        yield return (
            "items within items",
            string.Concat(Enumerable.Repeat("<div class='h-entry p-x'>", 150)) + Filled("x<br>")
        );
        yield return ("frames", "<frameset>" + Filled("<frame>"));
        yield return ("a script without end", "<script>" + Filled("<script>"));
        yield return ("marks within formatting", Filled("<marquee><b>"));
    }
}
