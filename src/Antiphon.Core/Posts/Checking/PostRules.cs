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
        "The post is empty",
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
        "Another post has the same title",
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
        "The slug has {0} characters",
        "Three to six words are enough, and are easier to pass on."
    );

    /// <summary>No excerpt.</summary>
    public static readonly CheckRule ExcerptMissing = new(
        "post-excerpt-missing",
        Severity.Advice,
        "No excerpt; the start of the text is used",
        "Write one or two sentences that make somebody want to read on."
    );

    /// <summary>A picture that says nothing aloud.</summary>
    public static readonly CheckRule PictureWithoutWords = new(
        "post-picture-without-words",
        Severity.Warning,
        "Its picture has no description",
        "Describe in a few words what it shows."
    );

    /// <summary>A picture in the text likewise.</summary>
    public static readonly CheckRule TextPictureWithoutWords = new(
        "post-text-picture-without-words",
        Severity.Warning,
        "{0} in the text without a description",
        "Describe what each shows; leave the description empty only for mere decoration."
    );

    /// <summary>A heading of the first order.</summary>
    public static readonly CheckRule HeadingFirst = new(
        "post-heading-first",
        Severity.Advice,
        "“{0}” is a level 1 heading, reserved for the title",
        "Begin with headings of the second order."
    );

    /// <summary>A step too many.</summary>
    public static readonly CheckRule HeadingSkips = new(
        "post-heading-skips",
        Severity.Advice,
        "“{0}” skips a heading level",
        "Go down one order at a time; listeners find their way by them."
    );

    /// <summary>An empty heading.</summary>
    public static readonly CheckRule HeadingEmpty = new(
        "post-heading-empty",
        Severity.Warning,
        "Empty heading",
        "Remove it."
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
        "Write link text that says what it leads to."
    );

    /// <summary>A link that says nothing.</summary>
    public static readonly CheckRule LinkVague = new(
        "post-link-vague",
        Severity.Advice,
        "A link says only “{0}”",
        "Use link text that says what it leads to; screen readers list links on their own."
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
        "Placeholder “{0}” is still in the text",
        "Fill it in or remove it; readers would see it."
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
