namespace Antiphon.Core.Feeds.Letters;

/// <summary>The sentences of a letter to a publisher, in one language.</summary>
public abstract class LetterWords
{
    private static readonly LetterWords English = new EnglishLetter();
    private static readonly LetterWords German = new GermanLetter();

    /// <summary>How the letter begins.</summary>
    public abstract string Greeting { get; }

    /// <summary>Leads to the list of what is wrong.</summary>
    public abstract string ToChange { get; }

    /// <summary>How the letter ends; the name of the sender follows.</summary>
    public abstract string Ending { get; }

    /// <summary>The sentences of a language; English where there are none.</summary>
    /// <param name="language">Primary language subtag, such as "de".</param>
    public static LetterWords For(string language) => language == "de" ? German : English;

    /// <summary>The subject.</summary>
    /// <param name="name">Title of the feed, or its address.</param>
    public abstract string Subject(string name);

    /// <summary>Says which feed it is about, what was found, and what comes of it.</summary>
    /// <param name="title">Title of the feed, or null.</param>
    /// <param name="address">Its address.</param>
    /// <param name="errors">Errors found.</param>
    /// <param name="warnings">Warnings found.</param>
    public abstract string Opening(string? title, string address, int errors, int warnings);

    /// <summary>Says that there is more than the letter lists.</summary>
    /// <param name="rules">Kinds of finding that are not listed.</param>
    public abstract string More(int rules);

    /// <summary>Offers the corrected copy.</summary>
    /// <param name="isWhole">Whether it puts everything right.</param>
    public abstract string Offer(bool isWhole);

    /// <summary>Lines of the feed.</summary>
    /// <param name="first">The first of them, at least one.</param>
    /// <param name="all">How many there are.</param>
    public abstract string Lines(IReadOnlyList<int> first, int all);
}
