using System.Text;

namespace Antiphon.Core.Html;

/// <summary>Looks at markup without building a tree of it.</summary>
public static class MarkupScan
{
    /// <summary>The text between the tags, by a scan that needs no stack.</summary>
    public static string WordsOf(string html)
    {
        var words = new StringBuilder();
        var inTag = false;
        foreach (var c in html)
        {
            if (c == '<')
                inTag = true;
            else if (c == '>')
                inTag = false;
            else if (!inTag)
                words.Append(c);
        }

        return words.ToString().Trim();
    }
}
