using Antiphon.Core.Text;

namespace Antiphon.Core.Tests.Text;

public sealed class SearchWordsTests
{
    [Theory]
    [InlineData("leonid trails", "\"leonid\" \"trails\"*")]
    [InlineData("  café-lamp ", "\"café\" \"lamp\"*")]
    [InlineData("\" OR * NEAR(", "\"OR\" \"NEAR\"*")]
    [InlineData("M31", "\"M31\"*")]
    [InlineData("...", null)]
    [InlineData(null, null)]
    public void EveryWordMustBeThereAndTheLastMayBeUnfinished(string? typed, string? query) =>
        Assert.Equal(query, SearchWords.AllOf(SearchWords.Of(typed)));

    [Fact]
    public void OneOfManyIsEnough() => Assert.Equal("\"moon\" OR \"fog\"", SearchWords.AnyOf(["moon", "fog"]));

    [Fact]
    public void NoMoreThanTwelveWordsAreLookedFor() =>
        Assert.Equal(
            12,
            SearchWords.Of(string.Join(' ', Enumerable.Range(0, 40).Select(number => $"w{number}"))).Count
        );
}
