namespace Antiphon.Core.Html.Trees;

/// <summary>
/// Leaves the parser when a limit is met; it has no other way out. Never leaves <see cref="HtmlReader"/>.
/// </summary>
internal sealed class HtmlExcessException(HtmlExcess excess) : Exception
{
    public HtmlExcess Excess { get; } = excess;
}
