using Antiphon.Core.Channels;
using Antiphon.Core.Channels.Composing;

namespace Antiphon.Core.Mailing.Digests;

/// <summary>How a digest works.</summary>
/// <param name="Rhythm">When it goes out.</param>
/// <param name="Choice">Which posts are for it.</param>
/// <param name="Form">How it shows them.</param>
/// <param name="Subject">Template of its subject.</param>
public sealed record DigestSettings(DigestRhythm Rhythm, ChannelChoice Choice, DigestForm Form, string Subject)
{
    /// <summary>
    /// Fields subjects may name: those of the first post, how many posts there are, how many beside the first (nothing
    /// for none), the name of the site, and the date of sending.
    /// </summary>
    public static readonly IReadOnlyList<string> SubjectFields =
    [
        "title",
        "excerpt",
        "author",
        "category",
        "blog",
        "count",
        "more",
        "site",
        "date",
    ];

    /// <summary>Most posts that may be shown in full, and longest texts of its own.</summary>
    public const int MostPosts = 50,
        LongestSubject = 200,
        LongestWords = 2000;

    /// <summary>Subject for the trial share; null for no trial.</summary>
    public string? SecondSubject { get; init; }

    /// <summary>Share of subscribers that get the second subject, in percent from 1 to 99.</summary>
    public int TrialShare { get; init; } = 50;

    /// <summary>Fewest new posts for which it goes out; with fewer they wait for the next time.</summary>
    public int Least { get; init; } = 1;

    /// <summary>Most posts that are shown; further ones stand below as titles.</summary>
    public int Most { get; init; } = 10;

    /// <summary>Order of the posts.</summary>
    public DigestOrder Order { get; init; }

    /// <summary>Words before the posts; empty for none. Paragraphs are parted by empty lines.</summary>
    public string Opening { get; init; } = string.Empty;

    /// <summary>Words after the posts, such as a postal address; empty for none.</summary>
    public string Closing { get; init; } = string.Empty;

    /// <summary>Look.</summary>
    public DigestColours Colours { get; init; } = DigestColours.Inherited;

    /// <summary>Whether links lead over us, so that it is counted how often each was followed, not by whom.</summary>
    public bool CountsClicks { get; init; } = true;

    /// <summary>Whether a picture of one dot counts how often the mail was opened, not by whom.</summary>
    public bool CountsOpens { get; init; }

    /// <summary>
    /// Whether it brings posts of followed blogs it names; null for the default: a digest does, a mail with each post
    /// does not.
    /// </summary>
    public bool? WithFollowed { get; init; }

    /// <summary>
    /// Whether it brings posts that were imported; null for the default: a digest does, a mail with each post does not.
    /// </summary>
    public bool? WithBroughtIn { get; init; }

    /// <summary>Whether it brings posts that came to be here in a way.</summary>
    public bool Brings(PostOrigin origin) =>
        origin switch
        {
            PostOrigin.Followed => WithFollowed ?? (Rhythm.Every != DigestEvery.Post),
            PostOrigin.BroughtIn => WithBroughtIn ?? (Rhythm.Every != DigestEvery.Post),
            _ => true,
        };

    /// <summary>A mail with each post, as every site begins with.</summary>
    public static DigestSettings WithEachPost { get; } =
        new(DigestRhythm.WithEachPost, ChannelChoice.Everything, DigestForm.Whole, "{title}");

    /// <summary>What cannot work, and what to do about it; null when all can.</summary>
    public (string Setting, string Remedy)? Problem()
    {
        if (SubjectProblem(Subject) is { } subject)
            return ("subject", subject);
        if (SecondSubject is { } other && SubjectProblem(other) is { } second)
            return ("secondSubject", second);
        if (SecondSubject is not null && TrialShare is < 1 or > 99)
            return ("trialShare", "Enter a share from 1 to 99 percent.");
        if (Most is < 1 or > MostPosts)
            return ("most", $"Show from 1 to {MostPosts} posts.");
        if (Least is < 1 or > MostPosts)
            return ("least", $"Wait for at most {MostPosts} posts.");
        if (Rhythm.Every == DigestEvery.Month && Rhythm.DayOfMonth is < 1 or > 31)
            return ("dayOfMonth", "Enter a day from 1 to 31.");
        if (Opening.Length > LongestWords)
            return ("opening", $"Use at most {LongestWords} characters.");
        if (Closing.Length > LongestWords)
            return ("closing", $"Use at most {LongestWords} characters.");
        return ColourProblem();
    }

    private static string? SubjectProblem(string text)
    {
        if (string.IsNullOrWhiteSpace(text))
            return "Write a subject; it is the first thing readers see.";
        if (text.Length > LongestSubject)
            return $"Use at most {LongestSubject} characters.";
        // Line ends here would be more headers.
        if (text.Any(char.IsControl))
            return "A subject is one line.";
        return TextTemplate.Read(text, SubjectFields).Problem;
    }

    private (string Setting, string Remedy)? ColourProblem()
    {
        var understood = Colours.Understood();
        foreach (
            var (name, given, known) in new[]
            {
                ("paper", Colours.Paper, understood.Paper),
                ("ink", Colours.Ink, understood.Ink),
                ("accent", Colours.Accent, understood.Accent),
            }
        )
        {
            if (given is not null && known is null)
                return (name, "Enter a colour as #rrggbb.");
        }

        return Colours.Headings is not null && understood.Headings is null
                ? ("headings", "Enter font names, separated by commas.")
            : Colours.Type is not null && understood.Type is null ? ("type", "Enter font names, separated by commas.")
            : null;
    }
}
