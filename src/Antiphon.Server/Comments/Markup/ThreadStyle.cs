using Antiphon.Server.Pages;

namespace Antiphon.Server.Comments.Markup;

/// <summary>The one style sheet of threads.</summary>
internal static class ThreadStyle
{
    /// <summary>The sheet; it names only our own classes.</summary>
    public static readonly string Sheet = string.Concat(
        StyleSheet.Read("Comments/Markup/thread.css"),
        StyleSheet.Read("Comments/Markup/thread-acts.css"),
        StyleSheet.Read("Comments/Markup/thread-form.css")
    );
}
