using Antiphon.Core.Listings.Views;
using CsCheck;

namespace Antiphon.Core.Tests.Listings.Views;

public sealed class BlogViewTests
{
    private const string Page = "https://quillmoor.example/night-log?theme=old";
    private const string Odd = " &ü%+#?";
    private static readonly BlogViewKind[] Kinds = [BlogViewKind.Post, BlogViewKind.Category, BlogViewKind.Tag, BlogViewKind.Search];

    [Theory]
    [InlineData("index", BlogViewKind.Index, "")]
    [InlineData("post/k7fq2/geminids-over-the-moor", BlogViewKind.Post, "k7fq2")]
    [InlineData("category/Sky%20events", BlogViewKind.Category, "Sky events")]
    [InlineData("TAG/moon/quarter", BlogViewKind.Tag, "moon/quarter")]
    [InlineData("month/2026-11", BlogViewKind.Month, "2026-11")]
    [InlineData("search/", BlogViewKind.Search, "")]
    [InlineData("archive/anything", BlogViewKind.Archive, "")]
    public void AViewIsRead(string text, BlogViewKind kind, string subject) => Assert.Equal(new BlogView(kind, subject), BlogView.Parse(text));

    [Theory]
    [InlineData(null)]
    [InlineData("")]
    [InlineData("1")]
    [InlineData("post")]
    [InlineData("category/")]
    [InlineData("month/November")]
    [InlineData("month/2026-13")]
    [InlineData("nonsense/x")]
    public void WhatIsNoViewIsNone(string? text) => Assert.Null(BlogView.Parse(text));

    [Fact]
    public void ATooLongSubjectIsNone() => Assert.Null(BlogView.Parse("tag/" + new string('x', 201)));

    [Fact]
    public void WhatIsWrittenIntoAnAddressIsReadFromIt() =>
        Gen.Select(Gen.Int[0, 3].Select(index => Kinds[index]), Gen.String[Gen.Char.AlphaNumeric, 1, 12], Gen.Int[0, Odd.Length - 1].Select(index => Odd[index])).Sample((kind, word, odd) =>
        {
            var view = new BlogView(kind, kind == BlogViewKind.Post ? word : word + odd + word);
            Assert.Equal(view, BlogView.OfAddress(view.In(Page, kind == BlogViewKind.Post ? "a-slug" : null)));
        });

    [Fact]
    public void OtherParametersStayAndAnEarlierViewGoes() => Assert.Equal(
        "https://quillmoor.example/night-log?theme=old&antiphon=post/k7/geminids",
        new BlogView(BlogViewKind.Post, "k7").In(Page + "&antiphon=tag/moon&antiphon-page=3#top", "geminids"));

    [Fact]
    public void TheIndexIsThePageItself() => Assert.Equal(Page, BlogView.Index.In(Page + "&antiphon=archive"));

    [Theory]
    [InlineData("https://a.example/?antiphon-page=3", 3)]
    [InlineData("https://a.example/?antiphon-page=0", 1)]
    [InlineData("https://a.example/?antiphon-page=x", 1)]
    [InlineData("nowhere", 1)]
    public void TheNumberOfThePageIsRead(string address, int number) => Assert.Equal(number, BlogView.PageOfAddress(address));

    [Theory]
    [InlineData("category/nights", true)]
    [InlineData("category/moon", false)]
    [InlineData("tag/Moon", true)]
    [InlineData("tag/nights", true)]
    [InlineData("month/2026-11", true)]
    [InlineData("month/2026-10", false)]
    [InlineData("archive", true)]
    public void AViewTakesItsPosts(string view, bool taken)
    {
        var post = Candidates.Post(1) with { Categories = ["Nights"], Tags = ["moon"] };
        Assert.Equal(taken, BlogView.Parse(view)!.Takes(post, post.PublishedAt));
    }
}
