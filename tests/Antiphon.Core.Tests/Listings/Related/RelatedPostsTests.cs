using Antiphon.Core.Listings.Choosing;
using Antiphon.Core.Listings.Definition;
using Antiphon.Core.Listings.Entries;
using Antiphon.Core.Listings.Filters;
using Antiphon.Core.Listings.Related;
using CsCheck;
using static Antiphon.Core.Tests.Listings.Candidates;

namespace Antiphon.Core.Tests.Listings.Related;

public sealed class RelatedPostsTests
{
    private static readonly RelatedText Current = Text(
        1,
        "Geminids over the moor",
        "The radiant rose behind the quarry and the trails were long.",
        "Meteors",
        "geminids",
        "quarry"
    );

    [Fact]
    public void ASharedRareTagOutweighsACategoryThatEverythingHas()
    {
        var rare = Text(2, "Something else", "Nothing alike.", "House", "geminids");
        var common = Text(3, "Another thing", "Nothing near.", "Meteors");
        var pool = new[] { rare, common }
            .Concat(Enumerable.Range(10, 20).Select(id => Text(id, $"Filler {id}", "Plain.", "Meteors")))
            .ToList();
        var found = RelatedPosts.To(Current, pool);
        Assert.True(found[2].Score > found[3].Score);
        Assert.Equal(["geminids"], found[2].Terms);
    }

    [Fact]
    public void LikenessOfWordsAloneRelates()
    {
        var alike = Text(2, "Counting trails", "From the radiant, behind the quarry, long trails.", "House");
        var other = Text(3, "The tea urn", "It boils slowly and sings.", "House");
        var found = RelatedPosts.To(Current, [alike, other]);
        Assert.Contains("radiant", found[2].Words);
        Assert.DoesNotContain(3L, found.Keys);
    }

    [Fact]
    public void APostIsNotRelatedToItself() => Assert.Empty(RelatedPosts.To(Current, [Current]));

    [Fact]
    public void CapitalsMakeNoDifferenceToTerms() =>
        Assert.Equal(["GEMINIDS"], RelatedPosts.To(Current, [Text(2, "x", "y", "House", "GEMINIDS")])[2].Terms);

    [Fact]
    public void WordsSayMoreWhenFewTextsUseThem()
    {
        var pool = Enumerable
            .Range(10, 30)
            .Select(id => Text(id, "Night", "The telescope stood ready.", "House"))
            .Append(Text(2, "Quarry", "The telescope stood at the quarry.", "House"))
            .ToList();
        var found = RelatedPosts.To(Text(1, "Quarry", "The telescope and the quarry.", "Sky"), pool);
        Assert.Equal("quarry", found[2].Words[0]);
    }

    [Theory]
    [InlineData("The Geminids' trails; trails!", "geminid:1 trail:2")]
    [InlineData("with from this 2026 dew x", "")]
    [InlineData("Glass glass class", "class:1 glass:2")]
    [InlineData("Über den Nebel, ÜBER die Nebel", "nebel:2")]
    public void TellingWordsAreCounted(string text, string counts) =>
        Assert.Equal(
            counts,
            string.Join(
                ' ',
                DistinctiveWords
                    .Of(text)
                    .OrderBy(word => word.Key, StringComparer.Ordinal)
                    .Select(word => $"{word.Key}:{word.Value}")
            )
        );

    [Fact]
    public void AListingOfRelatedPostsHoldsWhatIsRelatedAndTheMostAlikeFirst() =>
        Any.Sample(posts =>
        {
            var relations = posts
                .Where(post => post.Id % 2 == 0)
                .ToDictionary(post => post.Id, post => new Relation(post.Id, ["x"], []));
            var listing = Listing(0, ListingOrder.Related);
            var selection = ListingSelection.Choose(listing, posts, Now, new CurrentPost(2, relations));
            Assert.All(selection.Fitting, post => Assert.True(post.Id % 2 == 0 && post.Id != 2));
            Assert.Equal(
                selection.Fitting.OrderByDescending(post => post.Id).Select(post => post.Id),
                selection.Fitting.Select(post => post.Id)
            );
            foreach (
                var post in posts.Where(post =>
                    post.Id % 2 == 1 && selection.Explain(post).Reason == PlacementReason.NotRelated
                )
            )
                Assert.Null(selection.RelationOf(post.Id));
            Assert.All(selection.Fitting, post => Assert.NotNull(selection.RelationOf(post.Id)));
        });

    [Fact]
    public void WithoutAPostAroundItTheNewestStand() =>
        Assert.Equal(
            [2L, 1L],
            ListingSelection
                .Choose(Listing(0, ListingOrder.Related), [Post(1, daysAgo: 5), Post(2, daysAgo: 1)], Now)
                .Fitting.Select(post => post.Id)
        );

    private static RelatedText Text(long id, string title, string text, string category, params string[] tags) =>
        new(id, [category], tags, title, text);
}
