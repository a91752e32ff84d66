using Antiphon.Core.Listings.Choosing;
using Antiphon.Core.Listings.Entries;
using CsCheck;
using static Antiphon.Core.Tests.Listings.Candidates;

namespace Antiphon.Core.Tests.Listings.Choosing;

public sealed class TagWeightTests
{
    [Fact]
    public void Sizes_grow_with_the_logarithm_of_use()
    {
        var posts = new[] { (1, "comet"), (3, "fog"), (10, "moon"), (30, "dome"), (100, "stars") }.SelectMany(tag =>
            Enumerable.Range(0, tag.Item1).Select(n => Post((tag.Item1 * 1000) + n) with { Tags = [tag.Item2] })
        );
        Assert.Equal(
            [("comet", 1, 1), ("dome", 30, 4), ("fog", 3, 2), ("moon", 10, 3), ("stars", 100, 5)],
            TagWeights.Of(posts)
        );
    }

    [Fact]
    public void More_use_is_never_smaller() =>
        Any.Sample(posts =>
        {
            var cloud = TagWeights.Of(posts).OrderBy(one => one.Posts).Select(one => one.Step).ToList();
            Assert.Equal(cloud.Order(), cloud);
            Assert.All(cloud, step => Assert.InRange(step, 1, TagWeights.Steps));
        });

    [Fact]
    public void Tags_used_alike_are_of_middle_size() =>
        Assert.Equal([3, 3], TagWeights.Of([Post(1) with { Tags = ["a", "b"] }]).Select(one => one.Step));

    [Fact]
    public void No_tags_make_no_cloud() => Assert.Empty(TagWeights.Of([Post(1)]));

    [Fact]
    public void A_drawn_picture_is_the_titles_own_and_plain_svg()
    {
        Assert.Equal(DrawnPicture.Svg("Fog"), DrawnPicture.Svg("Fog"));
        Assert.NotEqual(DrawnPicture.Svg("Fog"), DrawnPicture.Svg("Frost"));
        Gen.String.Sample(title => System.Xml.Linq.XElement.Parse(DrawnPicture.Svg(title)));
    }
}
