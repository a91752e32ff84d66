using Antiphon.Core.Feeds.Model;

namespace Antiphon.Server.Feeds.Checking;

/// <summary>A feed to try out: by its address, or as text.</summary>
internal sealed record FeedTryRequest(string? Url, string? Text);

/// <summary>A feed to be given in another format.</summary>
internal sealed record FormatTryRequest(string? Url, string? Text, FeedFormat To);

/// <summary>The entries of a feed as readers meet them.</summary>
internal sealed record FeedTryView(string? Title, IReadOnlyList<EntryTryView> Entries);

/// <summary>One entry.</summary>
/// <param name="Title">Title in a reader's list; null when there is none to show.</param>
/// <param name="Author">Author.</param>
/// <param name="Date">Date it is sorted by; null sinks to the end.</param>
/// <param name="Snippet">First words.</param>
/// <param name="Picture">Small picture.</param>
/// <param name="Mail">The mail it would become.</param>
/// <param name="Spoken">What is heard, sentence by sentence, announced in the language of the request.</param>
/// <param name="Silent">Which of the sentences, from 0, stand for a picture that is not described.</param>
internal sealed record EntryTryView(
    string? Title,
    string? Author,
    DateTimeOffset? Date,
    string Snippet,
    string? Picture,
    MailTryView Mail,
    IReadOnlyList<string> Spoken,
    IReadOnlyList<int> Silent
);

/// <summary>A mail.</summary>
internal sealed record MailTryView(string Subject, string Html, string Plain);

/// <summary>A feed in another format.</summary>
/// <param name="Text">The document.</param>
/// <param name="ContentType">What to serve it as.</param>
/// <param name="Lost">What the format could not carry.</param>
internal sealed record ConvertedView(string Text, string ContentType, IReadOnlyList<LostView> Lost);

/// <summary>Something a format could not carry, with how often.</summary>
internal sealed record LostView(string Name, int Count);
