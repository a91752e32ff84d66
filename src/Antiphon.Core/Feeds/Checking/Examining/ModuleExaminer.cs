using Antiphon.Core.Feeds.Rules;
using Antiphon.Core.Feeds.Source;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Checking.Examining;

/// <summary>Applies the rules of modules, wherever in a feed they stand.</summary>
internal sealed class ModuleExaminer(Examination examination)
{
    private const string Syndication = "http://purl.org/rss/1.0/modules/syndication/";
    private static readonly string[] Periods = ["hourly", "daily", "weekly", "monthly", "yearly"];
    private static readonly string[] Answers = ["yes", "no", "true", "false", "clean", "explicit"];

    /// <summary>What the text of an element must be.</summary>
    private static readonly Dictionary<
        (string Namespace, string Name),
        (CheckRule Rule, Func<string, bool> IsRight)
    > Texts = new()
    {
        [(FeedNamespaces.DublinCore, "date")] = (ModuleRules.DublinCoreDate, ValueTests.IsW3CDate),
        [(Syndication, "updatePeriod")] = (ModuleRules.UpdatePeriod, text => Periods.Contains(text.Trim())),
        [(Syndication, "updateFrequency")] = (ModuleRules.UpdateFrequency, ValueTests.IsPositive),
        [(FeedNamespaces.Slash, "comments")] = (ModuleRules.CommentNumber, ValueTests.IsNumber),
        [(FeedNamespaces.CommentApi, "commentRss")] = (ModuleRules.CommentFeed, ValueTests.IsWeb),
        [(FeedNamespaces.Threading, "total")] = (ModuleRules.AnswerNumber, ValueTests.IsNumber),
        [(FeedNamespaces.Podcast, "duration")] = (ModuleRules.Duration, ValueTests.IsDuration),
        [(FeedNamespaces.Podcast, "explicit")] = (ModuleRules.Explicit, text =>
            Answers.Contains(text.Trim().ToLowerInvariant())
        ),
        [(FeedNamespaces.GeoRss, "point")] = (ModuleRules.Point, ValueTests.IsPoint),
    };

    private readonly HashSet<string> _misspelt = [];

    /// <summary>Examines an element and all within it.</summary>
    public void Examine(SourceElement root)
    {
        // An explicit stack: how deep a feed goes is its author's doing.
        var stack = new Stack<SourceElement>([root]);
        while (stack.TryPop(out var element))
        {
            ExamineOne(element);
            for (var child = element.Children.Count - 1; child >= 0; child--)
                stack.Push(element.Children[child]);
        }
    }

    private void ExamineOne(SourceElement element)
    {
        ExamineNamespace(element);
        if (Texts.TryGetValue((element.Namespace, element.LocalName), out var text) && !text.IsRight(element.Text))
            examination.Report(text.Rule, element.TextPlace, element.Text);
        switch (element.Namespace)
        {
            case FeedNamespaces.Media when element.LocalName is "thumbnail" or "content":
                ExamineMedia(element);
                break;
            case FeedNamespaces.Threading
                when element.LocalName == "in-reply-to" && string.IsNullOrWhiteSpace(element.Attribute("ref")):
                examination.Report(ModuleRules.AnswerWithoutRef, element);
                break;
            case FeedNamespaces.Podcast
                when element.LocalName == "image" && string.IsNullOrWhiteSpace(element.Attribute("href")):
                examination.Report(ModuleRules.PodcastImage, element);
                break;
        }
    }

    // Told once for each namespace, at its first use: the declaration is what is wrong.
    private void ExamineNamespace(SourceElement element)
    {
        var meant = FeedNamespaces.Meant(element.Namespace);
        if (meant != element.Namespace && meant.Length > 0 && _misspelt.Add(element.Namespace))
            examination.Report(ModuleRules.Misspelt, element, element.Namespace, element.Name, meant);
    }

    private void ExamineMedia(SourceElement element)
    {
        var hasPlayer = element.Of(FeedNamespaces.Media, "player").Any();
        if (string.IsNullOrWhiteSpace(element.Attribute("url")) && !hasPlayer)
            examination.Report(ModuleRules.MediaAddress, element, element.Name);
        foreach (var name in (string[])["width", "height", "fileSize"])
        {
            if (element.Attribute(name) is { } size && !ValueTests.IsNumber(size))
                examination.Report(ModuleRules.MediaSize, element, name, size);
        }
    }
}
