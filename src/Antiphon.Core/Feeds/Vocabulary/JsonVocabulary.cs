using System.Text.Json;
using Antiphon.Core.Feeds.Forms;
using Antiphon.Core.Feeds.Model;

namespace Antiphon.Core.Feeds.Vocabulary;

/// <summary>A member of an object of JSON Feed.</summary>
/// <param name="Name">Its name.</param>
/// <param name="Kind">What kind of value it has; True stands for both truth values.</param>
/// <param name="Form">What a text is written like; null for any.</param>
internal sealed record MemberSpec(string Name, JsonValueKind Kind = JsonValueKind.String, ValueForm? Form = null)
{
    /// <summary>Whether it came with version 1.1.</summary>
    public bool IsNewer { get; init; }

    /// <summary>Whether an empty text is as good as none.</summary>
    public bool MayBeEmpty { get; init; }
}

/// <summary>JSON Feed 1.0 and 1.1: which members an object has.</summary>
internal static class JsonVocabulary
{
    /// <summary>Members of the feed.</summary>
    public static IReadOnlyList<MemberSpec> Feed { get; } =
    [
        new("version"),
        new("title"),
        new("home_page_url", Form: AddressForm.Fetched),
        new("feed_url", Form: AddressForm.Fetched),
        new("description") { MayBeEmpty = true },
        new("user_comment") { MayBeEmpty = true },
        new("next_url", Form: AddressForm.Fetched),
        new("icon", Form: AddressForm.Fetched),
        new("favicon", Form: AddressForm.Fetched),
        new("author", JsonValueKind.Object),
        new("authors", JsonValueKind.Array) { IsNewer = true },
        new("language", Form: LanguageForm.Tag) { IsNewer = true },
        new("expired", JsonValueKind.True),
        new("hubs", JsonValueKind.Array),
        new("items", JsonValueKind.Array),
    ];

    /// <summary>Members of an item.</summary>
    public static IReadOnlyList<MemberSpec> Item { get; } =
    [
        new("id"),
        new("url", Form: AddressForm.Fetched),
        new("external_url", Form: AddressForm.Fetched),
        new("title") { MayBeEmpty = true },
        new("content_html") { MayBeEmpty = true },
        new("content_text") { MayBeEmpty = true },
        new("summary") { MayBeEmpty = true },
        new("image", Form: AddressForm.Fetched),
        new("banner_image", Form: AddressForm.Fetched),
        new("date_published"),
        new("date_modified"),
        new("author", JsonValueKind.Object),
        new("authors", JsonValueKind.Array) { IsNewer = true },
        new("tags", JsonValueKind.Array),
        new("language", Form: LanguageForm.Tag) { IsNewer = true },
        new("attachments", JsonValueKind.Array),
    ];

    /// <summary>Members of an author.</summary>
    public static IReadOnlyList<MemberSpec> Author { get; } =
    [
        new("name") { MayBeEmpty = true },
        new("url", Form: AddressForm.Absolute),
        new("avatar", Form: AddressForm.Fetched),
    ];

    /// <summary>Members of a hub.</summary>
    public static IReadOnlyList<MemberSpec> Hub { get; } = [new("type"), new("url", Form: AddressForm.Fetched)];

    /// <summary>Members of an attachment.</summary>
    public static IReadOnlyList<MemberSpec> Attachment { get; } =
    [
        new("url", Form: AddressForm.Fetched),
        new("mime_type"),
        new("title") { MayBeEmpty = true },
        new("size_in_bytes", JsonValueKind.Number),
        new("duration_in_seconds", JsonValueKind.Number),
    ];
}
