using System.Globalization;
using Antiphon.Core.Comments.Deciding;
using Antiphon.Core.Comments.Order;
using Antiphon.Core.Posts;
using Antiphon.Core.Sites;

namespace Antiphon.Core.Comments.Settings;

/// <summary>What holds for a thread once the layers are laid over each other.</summary>
public sealed record EffectiveSettings(
    bool IsOn, Approval Approval, int PublishBelow, int SpamFrom, bool NeedsMail, VoteMode Votes, CommentOrder Order, int Depth, int ReportsToWait, int CloseAfterDays, string Message)
{
    /// <summary>Lays layers over each other.</summary>
    /// <param name="layers">From the outermost, the site, to the innermost, the post.</param>
    public static EffectiveSettings Of(params ReadOnlySpan<CommentSettings> layers)
    {
        var all = CommentSettings.Usual;
        foreach (var layer in layers) all = layer.Over(all);
        return new EffectiveSettings(
            all.IsOn!.Value, all.Approval!.Value, all.PublishBelow!.Value, all.SpamFrom!.Value, all.NeedsMail!.Value, all.Votes!.Value, all.Order!.Value, all.Depth!.Value, all.ReportsToWait!.Value,
            all.CloseAfterDays!.Value, all.Message!);
    }

    /// <summary>Whether comments are taken at a moment.</summary>
    /// <param name="post">Post the thread is about, or null for another page.</param>
    /// <param name="published">When the post was published.</param>
    /// <param name="timeZone">IANA zone of the site.</param>
    /// <param name="now">The moment.</param>
    public bool IsOpen(PostDetails? post, DateTimeOffset? published, string timeZone, DateTimeOffset now) =>
        IsOn && !(post?.CommentsCloseAt <= now) && !(published is { } then && ClosesAt(then, timeZone) <= now);

    /// <summary>When a post that was published then takes no more comments, or null for never. Days are days of the site's clocks: on the last of them it is open until the hour it was published.</summary>
    public DateTimeOffset? ClosesAt(DateTimeOffset published, string timeZone)
    {
        if (CloseAfterDays == 0 || !TimeZoneInfo.TryFindSystemTimeZoneById(timeZone, out var zone)) return null;
        var local = TimeZoneInfo.ConvertTime(published, zone).DateTime.AddDays(CloseAfterDays);
        return WallTime.Read(local.ToString(WallTime.Format, CultureInfo.InvariantCulture), timeZone)!.Instant;
    }
}
