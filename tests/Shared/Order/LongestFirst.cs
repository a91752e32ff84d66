using Xunit.Abstractions;

namespace Antiphon.Tests;

/// <summary>
/// Begins with the collections that have a name: they hold several classes, or one that takes as long as many, and
/// begun last they would leave the other cores idle at the end.
/// </summary>
internal sealed class LongestFirst : ITestCollectionOrderer
{
    // How xUnit calls the collection of a class that names none.
    private const string Unnamed = "Test collection for ";

    /// <inheritdoc/>
    public IEnumerable<ITestCollection> OrderTestCollections(IEnumerable<ITestCollection> testCollections) =>
        testCollections.OrderBy(collection => collection.DisplayName.StartsWith(Unnamed, StringComparison.Ordinal));
}
