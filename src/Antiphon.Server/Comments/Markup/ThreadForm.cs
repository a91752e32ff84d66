using Antiphon.Core.Comments.Settings;
using Antiphon.Core.Comments.Threads;
using Antiphon.Data.Sites;
using Antiphon.Server.Pages;

namespace Antiphon.Server.Comments.Markup;

/// <summary>What the form holds and says, and how the thread is shown.</summary>
/// <param name="Action">Where it is sent.</param>
/// <param name="Identifier">Identifier of the thread.</param>
/// <param name="Address">Canonical address of the page.</param>
/// <param name="Title">Title of the page.</param>
/// <param name="IsOpen">Whether comments are taken; the form is left out where they are not.</param>
/// <param name="Name">Name typed so far.</param>
/// <param name="Mail">Mail typed so far.</param>
/// <param name="Text">Comment typed so far.</param>
/// <param name="Problems">What to correct, by field.</param>
internal sealed record ThreadForm(
    string Action,
    string Identifier,
    string Address,
    string? Title,
    bool IsOpen = true,
    string Name = "",
    string Mail = "",
    string Text = "",
    IReadOnlyDictionary<string, string>? Problems = null
)
{
    /// <summary>Key of the comment it answers, or null.</summary>
    public string? Answers { get; init; }

    /// <summary>Order of the comments; null for the one set.</summary>
    public CommentOrder? Order { get; init; }

    /// <summary>Key of the comment after which the part begins; null for the start.</summary>
    public string? After { get; init; }

    /// <summary>Key of a comment that must be on the page.</summary>
    public string? At { get; init; }

    /// <summary>What they want to be told by mail: empty, "answers" or "all".</summary>
    public string Follow { get; init; } = string.Empty;

    /// <summary>Rating chosen so far.</summary>
    public int? Rating { get; init; }

    /// <summary>Language of what we say.</summary>
    public string Language(Site site) => Settings.Language.Length > 0 ? Settings.Language : site.Language;

    /// <summary>What holds for the thread.</summary>
    public EffectiveSettings Settings { get; init; } = EffectiveSettings.Of();

    /// <summary>Address of the thread's own page, which works without script.</summary>
    public string Page(string more = "") => Action + ThreadSnippet.Query(Identifier, Address, Title) + more;

    /// <summary>The same as hidden fields of a form.</summary>
    public string HiddenFields => Hidden("id", Identifier) + Hidden("url", Address) + Hidden("title", Title);

    /// <summary>A hidden field.</summary>
    public static string Hidden(string name, string? value) =>
        $"<input type=\"hidden\" name=\"{name}\" value=\"{Encoded.Html(value)}\">";
}
