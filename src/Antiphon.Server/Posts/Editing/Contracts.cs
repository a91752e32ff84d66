namespace Antiphon.Server.Posts.Editing;

/// <summary>Who else has the post open, and whether it was saved elsewhere.</summary>
/// <param name="Others">Names of the others.</param>
/// <param name="Revision">The revision stored now.</param>
/// <param name="SavedBy">Who saved it last, or null.</param>
internal sealed record PresenceView(IReadOnlyList<string> Others, int Revision, string? SavedBy);

/// <summary>Changes to a public post that wait.</summary>
/// <param name="Content">What the editor held.</param>
/// <param name="By">Who wrote it.</param>
/// <param name="SavedAt">When it was last kept.</param>
internal sealed record WaitingView(PostRequest Content, string By, DateTimeOffset SavedAt);

/// <summary>A remark of a reviewer.</summary>
internal sealed record RemarkView(
    long Id,
    string By,
    string? Passage,
    string Text,
    DateTimeOffset MadeAt,
    DateTimeOffset? DoneAt
);

/// <summary>A new remark.</summary>
/// <param name="Passage">The words it is about as they stand, or null for the whole post.</param>
/// <param name="Text">The remark.</param>
internal sealed record RemarkRequest(string? Passage, string Text);

/// <summary>An address for somebody without an account.</summary>
/// <param name="Address">The address.</param>
/// <param name="ExpiresAt">When it stops working.</param>
internal sealed record PreviewLinkView(string Address, DateTimeOffset ExpiresAt);
