using System.Globalization;
using Antiphon.Core.Tables;

namespace Antiphon.Core.Subscribers;

/// <summary>
/// What a list says of who ended the mails, whose mails come back and who made a pause, in our own columns and in those
/// other programs write. A list never makes anybody more subscribed than it
/// says.
/// </summary>
/// <param name="columns">Columns of the list.</param>
internal sealed class ListedStanding(IReadOnlyList<string> columns)
{
    private static readonly string[] LeftNames =
    [
        "left",
        "unsubscribed",
        "unsubscribedat",
        "unsubscribe",
        "unsubscribedate",
        "optout",
        "opt-out",
        "optedout",
        "abgemeldet",
        "désabonné",
    ];
    private static readonly string[] BouncedNames =
    [
        "suppressed",
        "bounced",
        "bounce",
        "bouncedat",
        "cleaned",
        "cleanedat",
        "complained",
        "complaint",
        "undeliverable",
        "invalid",
    ];
    private static readonly string[] PausedNames = ["paused", "pauseduntil", "pause", "snoozed"];
    private static readonly string[] StateNames =
    [
        "status",
        "state",
        "subscriptionstatus",
        "memberstatus",
        "subscribed",
        "active",
        "aktiv",
        "actif",
        "abonné",
    ];
    private static readonly string[] No = ["", "no", "false", "0", "n", "nein", "non", "null", "none", "never", "-"];
    private static readonly string[] ActiveWords =
    [
        "",
        "active",
        "subscribed",
        "confirmed",
        "yes",
        "true",
        "1",
        "y",
        "ja",
        "oui",
        "enabled",
        "ok",
        "new",
        "current",
        "member",
    ];
    private static readonly string[] BouncedWords =
    [
        "bounced",
        "bounce",
        "cleaned",
        "suppressed",
        "complained",
        "complaint",
        "spam",
        "invalid",
        "undeliverable",
        "blocked",
    ];

    private readonly int[] _left = Of(columns, LeftNames);
    private readonly int[] _bounced = Of(columns, BouncedNames);
    private readonly int[] _paused = Of(columns, PausedNames);
    private readonly int[] _state = Of(columns, StateNames);

    /// <summary>
    /// What becomes of a row whose address is new to the site. A word for a state that nobody knows is taken for an
    /// end.
    /// </summary>
    public ListedKind KindOf(IReadOnlyList<string> row)
    {
        if (_left.Any(at => !Says(row, at, No)))
            return ListedKind.NewLeft;
        if (_bounced.Any(at => !Says(row, at, No)) || _state.Any(at => Says(row, at, BouncedWords)))
            return ListedKind.NewBounced;
        return _state.All(at => Says(row, at, ActiveWords) || IsPause(row, at)) ? ListedKind.New : ListedKind.NewLeft;
    }

    /// <summary>
    /// Whether a row says that its address wants no mail for a while, and until when, where it says that too.
    /// </summary>
    public (bool IsPaused, DateTimeOffset? Until) PauseOf(IReadOnlyList<string> row)
    {
        var told = _paused.Where(at => !Says(row, at, No)).Select(at => Word(row, at)).FirstOrDefault();
        var until = DateTimeOffset.TryParse(
            told,
            CultureInfo.InvariantCulture,
            DateTimeStyles.AssumeUniversal,
            out var date
        )
            ? date
            : (DateTimeOffset?)null;
        return (told is not null || _state.Any(at => IsPause(row, at)), until);
    }

    private static bool IsPause(IReadOnlyList<string> row, int at) =>
        Word(row, at) is "paused" or "pause" or "snoozed" or "on hold";

    private static bool Says(IReadOnlyList<string> row, int at, string[] words) => words.Contains(Word(row, at));

    private static string Word(IReadOnlyList<string> row, int at) => CsvCell.Read(row[at]).Trim().ToLowerInvariant();

    private static int[] Of(IReadOnlyList<string> columns, string[] names) =>
        [
            .. columns
                .Select((column, at) => (column, at))
                .Where(pair => names.Contains(ColumnName.Plain(pair.column)))
                .Select(pair => pair.at),
        ];
}
