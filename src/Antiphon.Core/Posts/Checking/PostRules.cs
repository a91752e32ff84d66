using Antiphon.Core.Findings;

namespace Antiphon.Core.Posts.Checking;

/// <summary>The rules of the check of a post. Nothing blocks except what would break.</summary>
public static class PostRules
{
    /// <summary>No title.</summary>
    public static readonly CheckRule TitleMissing = new(
        "post-title-missing",
        Severity.Error,
        "The post has no title",
        "Write one; listings, feeds and mails show nothing else of it."
    );

    /// <summary>Nothing in it.</summary>
    public static readonly CheckRule TextMissing = new(
        "post-text-missing",
        Severity.Error,
        "There is nothing in the post yet",
        "Write something, or put a picture in."
    );

    /// <summary>A title that is cut.</summary>
    public static readonly CheckRule TitleLong = new(
        "post-title-long",
        Severity.Advice,
        "The title has {0} characters",
        "Search results cut titles after about 60, narrow listings after about 80."
    );

    /// <summary>A title that is taken.</summary>
    public static readonly CheckRule TitleTwice = new(
        "post-title-twice",
        Severity.Warning,
        "Another post of this blog is called the same",
        "Give it a title of its own, so that readers and search engines can tell them apart."
    );

    /// <summary>A shouting title.</summary>
    public static readonly CheckRule TitleShouts = new(
        "post-title-shouts",
        Severity.Advice,
        "The title is in capitals",
        "Write it like a sentence; some screen readers spell capitals letter by letter."
    );

    /// <summary>A long address.</summary>
    public static readonly CheckRule SlugLong = new(
        "post-address-long",
        Severity.Advice,
        "The last part of its address has {0} characters",
        "Three to six words are enough, and are easier to pass on."
    );

    /// <summary>No excerpt.</summary>
    public static readonly CheckRule ExcerptMissing = new(
        "post-excerpt-missing",
        Severity.Advice,
        "It has no excerpt; the start of the text stands in",
        "Write one or two sentences that make somebody want to read on."
    );

    /// <summary>A picture that says nothing aloud.</summary>
    public static readonly CheckRule PictureWithoutWords = new(
        "post-picture-without-words",
        Severity.Warning,
        "Its picture has no description",
        "Say in a few words what it shows."
    );

    /// <summary>A picture in the text likewise.</summary>
    public static readonly CheckRule TextPictureWithoutWords = new(
        "post-text-picture-without-words",
        Severity.Warning,
        "{0} in the text without a description",
        "Say what each shows; leave the description empty only for mere decoration."
    );

    /// <summary>A heading of the first order.</summary>
    public static readonly CheckRule HeadingFirst = new(
        "post-heading-first",
        Severity.Advice,
        "The heading “{0}” is of the first order, which is the title’s",
        "Begin with headings of the second order."
    );

    /// <summary>A step too many.</summary>
    public static readonly CheckRule HeadingSkips = new(
        "post-heading-skips",
        Severity.Advice,
        "The heading “{0}” skips an order",
        "Go down one order at a time; listeners find their way by them."
    );

    /// <summary>An empty heading.</summary>
    public static readonly CheckRule HeadingEmpty = new(
        "post-heading-empty",
        Severity.Warning,
        "There is a heading without words",
        "Take it out."
    );

    /// <summary>A link without https.</summary>
    public static readonly CheckRule LinkInsecure = new(
        "post-link-insecure",
        Severity.Advice,
        "The link to {0} is not secure",
        "Write https://, unless the site there has none."
    );

    /// <summary>A link without words.</summary>
    public static readonly CheckRule LinkEmpty = new(
        "post-link-empty",
        Severity.Warning,
        "The link to {0} has no words",
        "Write what it leads to; without words nobody can press it."
    );

    /// <summary>A link that says nothing.</summary>
    public static readonly CheckRule LinkVague = new(
        "post-link-vague",
        Severity.Advice,
        "A link says only “{0}”",
        "Say what it leads to; people who listen often hear links alone."
    );

    /// <summary>A link that leads nowhere.</summary>
    public static readonly CheckRule LinkBroken = new(
        "post-link-broken",
        Severity.Warning,
        "The link to {0} fails: {1}",
        "Correct the address, or lead somewhere else."
    );

    /// <summary>Nothing to be found by.</summary>
    public static readonly CheckRule TermsMissing = new(
        "post-terms-missing",
        Severity.Advice,
        "It has neither category nor tags",
        "With them it shows under related posts and in listings that choose by them."
    );

    /// <summary>What a pattern asks for is still there.</summary>
    public static readonly CheckRule PromptLeft = new(
        "post-prompt-left",
        Severity.Warning,
        "“{0}” of the pattern is still to be filled in",
        "Write what it asks for, or take it out; readers would see it."
    );

    /// <summary>Every rule.</summary>
    public static IReadOnlyList<CheckRule> All { get; } =
    [
        TitleMissing,
        TextMissing,
        TitleLong,
        TitleTwice,
        TitleShouts,
        SlugLong,
        ExcerptMissing,
        PictureWithoutWords,
        TextPictureWithoutWords,
        HeadingFirst,
        HeadingSkips,
        HeadingEmpty,
        LinkInsecure,
        LinkEmpty,
        LinkVague,
        LinkBroken,
        TermsMissing,
        PromptLeft,
    ];
}
