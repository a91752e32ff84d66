using Antiphon.Core.Listings.Entries;
using CsCheck;

namespace Antiphon.Core.Tests.Listings;

public sealed class BlogPartTests
{
    private const string Page = "https://quillmoor.example/night-log?theme=old";
    private const string Odd = " &ü%+#?";
    private static readonly BlogPartKind[] Kinds =
    [
        BlogPartKind.Post,
        BlogPartKind.Category,
        BlogPartKind.Tag,
        BlogPartKind.Search,
    ];

    [Theory]
    [InlineData("index", BlogPartKind.Index, "")]
    [InlineData("post/k7fq2/geminids-over-the-moor", BlogPartKind.Post, "k7fq2")]
    [InlineData("category/Sky%20events", BlogPartKind.Category, "Sky events")]
    [InlineData("TAG/moon/quarter", BlogPartKind.Tag, "moon/quarter")]
    [InlineData("month/2026-11", BlogPartKind.Month, "2026-11")]
    [InlineData("search/", BlogPartKind.Search, "")]
    [InlineData("archive/anything", BlogPartKind.Archive, "")]
    public void AViewIsRead(string text, BlogPartKind kind, string subject) =>
        Assert.Equal(new BlogPart(kind, subject), BlogPart.Parse(text));

    [Theory]
    [InlineData(null)]
    [InlineData("")]
    [InlineData("1")]
    [InlineData("post")]
    [InlineData("category/")]
    [InlineData("month/November")]
    [InlineData("month/2026-13")]
    [InlineData("nonsense/x")]
    public void WhatIsNoViewIsNone(string? text) => Assert.Null(BlogPart.Parse(text));

    [Fact]
    public void ATooLongSubjectIsNone() => Assert.Null(BlogPart.Parse("tag/" + new string('x', 201)));

    [Fact]
    public void WhatIsWrittenIntoAnAddressIsReadFromIt() =>
        Gen.Select(
                Gen.Int[0, 3].Select(index => Kinds[index]),
                Gen.String[Gen.Char.AlphaNumeric, 1, 12],
                Gen.Int[0, Odd.Length - 1].Select(index => Odd[index])
            )
            .Sample(
                (kind, word, odd) =>
                {
                    var view = new BlogPart(kind, kind == BlogPartKind.Post ? word : word + odd + word);
                    Assert.Equal(view, BlogPart.OfAddress(view.In(Page, kind == BlogPartKind.Post ? "a-slug" : null)));
                }
            );

    [Fact]
    public void OtherParametersStayAndAnEarlierViewGoes() =>
        Assert.Equal(
            "https://quillmoor.example/night-log?theme=old&antiphon=post/k7/geminids",
            new BlogPart(BlogPartKind.Post, "k7").In(Page + "&antiphon=tag/moon&antiphon-page=3#top", "geminids")
        );

    [Fact]
    public void TheIndexIsThePageItself() => Assert.Equal(Page, BlogPart.Index.In(Page + "&antiphon=archive"));

    [Theory]
    [InlineData("https://a.example/?antiphon-page=3", 3)]
    [InlineData("https://a.example/?antiphon-page=0", 1)]
    [InlineData("https://a.example/?antiphon-page=x", 1)]
    [InlineData("nowhere", 1)]
    public void TheNumberOfThePageIsRead(string address, int number) =>
        Assert.Equal(number, BlogPart.PageOfAddress(address));

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
        Assert.Equal(taken, BlogPart.Parse(view)!.Takes(post, post.PublishedAt));
    }
}
