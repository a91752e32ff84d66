using Antiphon.Core.Mailing.Returns;
using Antiphon.Core.Subscribers;

namespace Antiphon.Server.Subscribers;

/// <summary>A subscriber as the team sees them.</summary>
internal sealed record SubscriberView(
    long Id,
    string Mail,
    string? Name,
    DateTimeOffset CreatedAt,
    DateTimeOffset? LeftAt,
    SubscriberOrigin Origin,
    string? Reason,
    int Received,
    SuppressedView? Suppressed,
    DateTimeOffset? PausedUntil,
    string? Form
);

/// <summary>That an address gets no mail, and since when.</summary>
internal sealed record SuppressedView(Suppression Why, DateTimeOffset? Since);

/// <summary>A page of subscribers with the counts above it.</summary>
internal sealed record SubscriberPage(int Active, int Left, IReadOnlyList<SubscriberView> Subscribers, long? Next);

/// <summary>Somebody to add.</summary>
/// <param name="Reason">How they agreed; kept with them.</param>
internal sealed record SubscriberRequest(string Mail, string? Name, string? Reason = null);

/// <summary>What a list brought in, or would.</summary>
/// <param name="Columns">Columns of the list.</param>
/// <param name="Mail">Column taken for the addresses; null where there is none.</param>
/// <param name="Name">Column taken for the names, or null.</param>
/// <param name="New">New subscribers.</param>
/// <param name="Known">Who gets mails already.</param>
/// <param name="Left">Who ended the mails; a list brings nobody back.</param>
/// <param name="Twice">Rows with an address that stood above them.</param>
/// <param name="NoAddress">Rows without an address.</param>
/// <param name="Bounced">Whose address takes no mail.</param>
/// <param name="Examples">Some rows that bring nobody in.</param>
internal sealed record ListTaken(
    IReadOnlyList<string> Columns,
    string? Mail,
    string? Name,
    int New,
    int Known,
    int Left,
    int Twice,
    int NoAddress,
    int Bounced,
    IReadOnlyList<ListedRow> Examples
);
