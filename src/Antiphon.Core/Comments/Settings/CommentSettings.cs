using Antiphon.Core.Comments.Deciding;
using Antiphon.Core.Comments.Order;

namespace Antiphon.Core.Comments.Settings;

/// <summary>How comments are taken in one layer: a site, a blog, or a post. What is null is as the layer outside says.</summary>
/// <param name="IsOn">Whether readers can comment.</param>
/// <param name="Approval">What waits for a person.</param>
/// <param name="PublishBelow">Where approval goes by score: hundredths below which a comment is published.</param>
/// <param name="SpamFrom">Hundredths of a score from which a comment is put aside; 100 for never, as no score reaches it.</param>
/// <param name="NeedsMail">Whether writers must give a mail.</param>
/// <param name="Votes">How readers may vote.</param>
/// <param name="Order">Order readers see first.</param>
/// <param name="Depth">Levels of answers drawn as indents, 0 to 3.</param>
/// <param name="ReportsToWait">Reports that send a public comment back to Waiting; 0 for never.</param>
/// <param name="CloseAfterDays">Days after which a post takes no more comments; 0 for never.</param>
/// <param name="Message">What stands above the form; empty for nothing.</param>
public sealed record CommentSettings(
    bool? IsOn = null, Approval? Approval = null, int? PublishBelow = null, int? SpamFrom = null, bool? NeedsMail = null, VoteMode? Votes = null, CommentOrder? Order = null, int? Depth = null,
    int? ReportsToWait = null, int? CloseAfterDays = null, string? Message = null)
{
    /// <summary>A layer that says nothing.</summary>
    public static CommentSettings None { get; } = new();

    /// <summary>What holds where no layer says anything.</summary>
    public static CommentSettings Usual { get; } = new(true, Deciding.Approval.All, 10, 98, false, VoteMode.Up, CommentOrder.Oldest, ThreadTree.MaxDepth, 3, 0, string.Empty);

    /// <summary>This layer laid over one outside it.</summary>
    public CommentSettings Over(CommentSettings outer) => new(
        IsOn ?? outer.IsOn, Approval ?? outer.Approval, PublishBelow ?? outer.PublishBelow, SpamFrom ?? outer.SpamFrom, NeedsMail ?? outer.NeedsMail, Votes ?? outer.Votes, Order ?? outer.Order,
        Depth ?? outer.Depth, ReportsToWait ?? outer.ReportsToWait, CloseAfterDays ?? outer.CloseAfterDays, Message ?? outer.Message);

    /// <summary>Whether every value lies where it may.</summary>
    public bool IsValid =>
        PublishBelow is null or (>= 0 and <= 100) && SpamFrom is null or (>= 1 and <= 100) && Depth is null or (>= 0 and <= ThreadTree.MaxDepth) && ReportsToWait is null or (>= 0 and <= 1000)
        && CloseAfterDays is null or (>= 0 and <= 3650) && (Message?.Length ?? 0) <= 2000;
}
