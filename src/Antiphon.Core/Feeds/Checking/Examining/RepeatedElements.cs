using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Feeds.Checking.Examining;

/// <summary>Finds elements that stand more often than once.</summary>
internal static class RepeatedElements
{
    /// <summary>
    /// Calls <paramref name="report"/> for the second child of each name, in the parent's own namespace or none.
    /// </summary>
    public static void Report(SourceElement parent, string[] names, Action<SourceElement> report)
    {
        foreach (var name in names)
        {
            if (
                parent
                    .Children.Where(child => child.LocalName == name && child.Namespace == parent.Namespace)
                    .Skip(1)
                    .FirstOrDefault() is
                { } again
            )
                report(again);
        }
    }
}
