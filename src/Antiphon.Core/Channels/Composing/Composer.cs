using System.Text;
using Antiphon.Core.Text;

namespace Antiphon.Core.Channels.Composing;

/// <summary>
/// Writes what a channel says about a post. Where it is too long, what is least missed goes first: words from the end
/// of the short text, tags from the last, then words from the end of the title; the link
/// is never cut.
/// </summary>
public static class Composer
{
    /// <summary>Composes.</summary>
    public static ComposedText Compose(TextTemplate template, PostFacts post, CountRule rule)
    {
        var values = ValuesOf(post);
        var shortened = new List<string>();
        var text = template.Fill(values);
        if (rule.Of(text) > rule.Limit && Shorten(template, values, "excerpt", rule))
            shortened.Add("excerpt");
        var tags = post.Tags.Select(HashTag).Where(tag => tag.Length > 1).ToList();
        while (rule.Of(text = template.Fill(values)) > rule.Limit && tags.Count > 0 && template.Used.Contains("tags"))
        {
            tags.RemoveAt(tags.Count - 1);
            values["tags"] = string.Join(' ', tags);
            if (!shortened.Contains("tags"))
                shortened.Add("tags");
        }

        if (rule.Of(text) > rule.Limit && Shorten(template, values, "title", rule))
            shortened.Add("title");
        text = template.Fill(values);
        return Counted(text, rule) with { Shortened = shortened };
    }

    /// <summary>
    /// A text somebody wrote for this post. Its fields are filled in like those of a template; without any it stays to
    /// the letter, as does one that cannot be read.
    /// </summary>
    public static ComposedText Own(string text, PostFacts post, CountRule rule) =>
        text.AsSpan().ContainsAny('{', '}') && TextTemplate.Read(text).Template is { } template
            ? Compose(template, post, rule)
            : Counted(text, rule);

    private static ComposedText Counted(string text, CountRule rule)
    {
        var count = rule.Of(text);
        return new ComposedText(text, count, rule.Limit - count, []);
    }

    /// <summary>
    /// A tag as networks link it: its letters and digits, words joined by their capitals; "#" alone where nothing is
    /// left.
    /// </summary>
    public static string HashTag(string tag)
    {
        var words = new StringBuilder("#");
        var isStart = false;
        foreach (var rune in tag.EnumerateRunes())
        {
            if (!Rune.IsLetterOrDigit(rune) && rune.Value != '_')
            {
                isStart = words.Length > 1;
                continue;
            }

            words.Append((isStart ? Rune.ToUpperInvariant(rune) : rune).ToString());
            isStart = false;
        }

        return words.ToString();
    }

    private static bool Shorten(TextTemplate template, Dictionary<string, string> values, string field, CountRule rule)
    {
        if (!template.Used.Contains(field) || values[field].Length == 0)
            return false;
        var over = rule.Of(template.Fill(values)) - rule.Limit;
        values[field] = CountRule.Cut(values[field], Math.Max(0, CountRule.Clusters(values[field]) - over));
        return true;
    }

    private static Dictionary<string, string> ValuesOf(PostFacts post) =>
        new()
        {
            ["title"] = OneLine.Of(post.Title),
            ["excerpt"] = OneLine.Of(post.Excerpt),
            ["link"] = post.Link,
            ["author"] = OneLine.Of(post.Author ?? string.Empty),
            ["category"] = OneLine.Of(post.Category ?? string.Empty),
            ["tags"] = string.Join(' ', post.Tags.Select(HashTag).Where(tag => tag.Length > 1)),
            ["date"] = post.Date,
            ["blog"] = OneLine.Of(post.Blog),
            ["site"] = OneLine.Of(post.Site),
        };
}
