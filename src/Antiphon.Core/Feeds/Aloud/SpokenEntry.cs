using System.Globalization;
using System.Text;
using AngleSharp.Dom;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Html;
using Antiphon.Core.Html.Trees;
using Antiphon.Core.Text;

namespace Antiphon.Core.Feeds.Aloud;

/// <summary>An entry as somebody hears it who has it read aloud.</summary>
public static class SpokenEntry
{
    private const int Longest = 4000;

    /// <summary>
    /// The sentences in order: title, where it is from, then the text with its headings, lists, links and pictures
    /// announced. A picture without words says so, as that is what is heard.
    /// </summary>
    /// <param name="feed">The feed.</param>
    /// <param name="item">The entry.</param>
    /// <param name="words">How things are announced, in the language of whoever listens.</param>
    public static IReadOnlyList<string> Of(Feed feed, FeedItem item, SpokenWords words)
    {
        var sentences = new List<string> { item.Title is { Length: > 0 } title ? HtmlText.Of(title) : words.Untitled };
        var author = item.Authors.FirstOrDefault()?.Name;
        var date = (item.Published ?? item.Updated)?.UtcDateTime.ToString(words.Date, words.Culture);
        sentences.Add(
            string.Join(
                ", ",
                new[]
                {
                    feed.Title is { } source ? words.Say(words.From, source) : null,
                    author is null ? null : words.Say(words.By, author),
                    date,
                }.OfType<string>()
            )
        );
        if ((item.ContentHtml ?? item.Summary) is { Length: > 0 } html)
            Speak(HtmlCleaner.ForPosts.Clean(html, null), sentences, words);
        foreach (var file in item.Enclosures.Where(file => file.Url is not null))
            sentences.Add(words.Say(words.Attached, file.Type?.Split('/')[0] ?? words.File));
        return [.. sentences.Where(sentence => sentence.Length > 0)];
    }

    private static void Speak(string html, List<string> sentences, SpokenWords words)
    {
        var body = HtmlReader.BodyOf(html);
        var (line, spoken) = (new StringBuilder(), 0);
        void End()
        {
            var text = OneLine.Of(line.ToString());
            line.Clear();
            if (text.Length == 0 || spoken > Longest)
                return;
            spoken += text.Length;
            sentences.Add(text);
        }

        foreach (var step in TreeWalk.Steps(body))
        {
            if (step.Node is IText text)
                line.Append(text.Data);
            if (step.Node is not IElement element)
                continue;
            if (step.IsLeaving)
                Leave(element, line, End);
            else
                Enter(element, line, words, End);
        }

        End();
    }

    private static void Enter(IElement element, StringBuilder line, SpokenWords words, Action end)
    {
        switch (element.LocalName)
        {
            case "a" when element.HasAttribute("href"):
                line.Append(CultureInfo.InvariantCulture, $" {words.Link} ");
                break;
            case "img":
                end();
                line.Append(
                    element.GetAttribute("alt") switch
                    {
                        null => words.Silent,
                        "" => string.Empty,
                        var alt => $"{words.Picture} {alt}",
                    }
                );
                end();
                break;
            case "ul" or "ol":
                end();
                line.Append(words.Say(words.List, element.Children.Length));
                end();
                break;
            case "h1" or "h2" or "h3" or "h4" or "h5" or "h6":
                end();
                line.Append(words.Heading).Append(' ');
                break;
            case "blockquote":
                end();
                line.Append(words.Quote).Append(' ');
                break;
            case "p" or "li" or "div" or "br" or "pre" or "tr" or "figure":
                end();
                break;
        }
    }

    private static void Leave(IElement element, StringBuilder line, Action end)
    {
        if (element.LocalName == "td")
            line.Append(", ");
        else if (
            element.LocalName is "p" or "li" or "div" or "pre" or "tr" or "figure" or "blockquote"
            || element.LocalName is ['h', >= '1' and <= '6']
        )
            end();
    }
}
