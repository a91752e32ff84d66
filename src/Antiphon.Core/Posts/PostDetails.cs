using System.Text.Json.Serialization;
using Antiphon.Core.Channels;
using Antiphon.Core.Comments.Settings;

namespace Antiphon.Core.Posts;

/// <summary>
/// What is said about a post beside what readers read: for search engines, networks and the conversation below it.
/// </summary>
/// <param name="SearchTitle">Title in search results, or null for the post's own.</param>
/// <param name="SearchDescription">Description in search results, or null for the excerpt.</param>
/// <param name="CanonicalAddress">Where the post lives, when that is elsewhere; absolute.</param>
/// <param name="SocialTitle">Title on cards of networks, or null for the post's own.</param>
/// <param name="SocialText">Text on those cards, or null for the description.</param>
/// <param name="Language">Language as a tag of BCP 47, or null for the site's.</param>
/// <param name="HiddenFromSearch">Whether search engines are asked to leave it out.</param>
/// <param name="CommentsOff">Whether nobody can comment.</param>
/// <param name="CommentsCloseAt">When commenting ends, or null for never.</param>
/// <param name="MentionsOff">Whether pages elsewhere that link to the post are not listed below it.</param>
/// <param name="SocialPicture">Picture that networks show, or null for the post's own.</param>
/// <param name="ListingPicture">Picture in listings and lists, or null for the post's own.</param>
/// <param name="Comments">Comment settings here, where that is not as in the post's blog; null for as
/// there.</param>
public sealed record PostDetails(
    string? SearchTitle = null,
    string? SearchDescription = null,
    string? CanonicalAddress = null,
    string? SocialTitle = null,
    string? SocialText = null,
    string? Language = null,
    bool HiddenFromSearch = false,
    bool CommentsOff = false,
    DateTimeOffset? CommentsCloseAt = null,
    bool MentionsOff = false,
    string? SocialPicture = null,
    string? ListingPicture = null,
    CommentSettings? Comments = null
)
{
    /// <summary>
    /// What was decided for single channels before or after the post was published; null for nothing.
    /// </summary>
    public IReadOnlyList<PostChannelOptions>? Channels { get; init; }

    /// <summary>Whether it goes to no subscriber by mail.</summary>
    public bool StaysOutOfMail { get; init; }

    /// <summary>Nothing said.</summary>
    public static PostDetails None { get; } = new();

    /// <summary>The post's layer of the settings of comments.</summary>
    [JsonIgnore]
    public CommentSettings CommentLayer =>
        CommentsOff ? (Comments ?? CommentSettings.None) with { IsOn = false } : Comments ?? CommentSettings.None;

    /// <summary>Whether nothing is said.</summary>
    [JsonIgnore]
    public bool IsNone => this == None;
}
