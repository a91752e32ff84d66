using Antiphon.Core.Channels;

namespace Antiphon.Core.Tests.Channels;

public sealed class ChannelChoiceTests
{
    private static readonly ChannelPost Post = new(1, true, ["Nights", "Comets"], ["frost"], "Ida Marsh", false);

    public static TheoryData<ChannelChoice, ChannelRefusal?> Cases =>
        new()
        {
            { ChannelChoice.Everything, null },
            { ChannelChoice.Everything with { Blogs = [2] }, ChannelRefusal.Blog },
            { ChannelChoice.Everything with { Blogs = [2, 1] }, null },
            { ChannelChoice.Everything with { Categories = ["comets"] }, null },
            { ChannelChoice.Everything with { Categories = ["Planets"] }, ChannelRefusal.Category },
            { ChannelChoice.Everything with { Tags = ["FROST", "ice"] }, null },
            { ChannelChoice.Everything with { Tags = ["ice"] }, ChannelRefusal.Tag },
            { ChannelChoice.Everything with { Authors = ["Wilf Ormerod"] }, ChannelRefusal.Author },
            { ChannelChoice.Everything with { FeaturedOnly = true }, ChannelRefusal.NotFeatured },
            { new ChannelChoice([1], ["Nights"], ["frost"], ["Ida Marsh"]), null },
            { new ChannelChoice([1], ["Nights"], ["ice"], ["Ida Marsh"]), ChannelRefusal.Tag },
        };

    [Theory]
    [MemberData(nameof(Cases))]
    public void Every_list_that_says_something_must_name_the_post(ChannelChoice choice, ChannelRefusal? refusal) =>
        Assert.Equal(refusal, choice.Refusal(Post));

    [Fact]
    public void What_is_followed_goes_only_where_its_blog_is_named()
    {
        var followed = Post with { IsWrittenHere = false };
        Assert.Equal(ChannelRefusal.Blog, ChannelChoice.Everything.Refusal(followed));
        Assert.Null((ChannelChoice.Everything with { Blogs = [1] }).Refusal(followed));
    }
}
