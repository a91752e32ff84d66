using System.Text;
using Antiphon.Core.Pictures;

namespace Antiphon.Core.Tests.Pictures;

/// <summary>What a picture is, which part of it is shown, and at which addresses.</summary>
public sealed class PictureTests
{
    [Theory]
    [InlineData("89504E470D0A1A0A0000", PictureType.Png)]
    [InlineData("FFD8FFE000104A464946", PictureType.Jpeg)]
    [InlineData("524946460000000057454250565038", PictureType.Webp)]
    [InlineData("474946383961", PictureType.Gif)]
    [InlineData("EFBBBF3C737667", PictureType.Svg)]
    [InlineData("4D5A9000", null)]
    [InlineData("25504446", null)]
    [InlineData("", null)]
    public void The_content_tells_the_type(string hex, PictureType? type) =>
        Assert.Equal(type, PictureSignature.TypeOf(Convert.FromHexString(hex)));

    [Theory]
    [InlineData("<?xml version=\"1.0\"?>\n<!-- moon -->\n<svg xmlns=\"http://www.w3.org/2000/svg\"/>", PictureType.Svg)]
    [InlineData("<html><body>No picture</body></html>", null)]
    [InlineData("the word <svg alone", null)]
    public void Text_is_looked_into(string text, PictureType? type) =>
        Assert.Equal(type, PictureSignature.TypeOf(Encoding.UTF8.GetBytes(text)));

    [Theory]
    [InlineData(1600, 900, 4, 3, 50, 50, "200 0 1200 900")]
    [InlineData(1600, 900, 4, 3, 0, 50, "0 0 1200 900")]
    [InlineData(1600, 900, 4, 3, 100, 50, "400 0 1200 900")]
    [InlineData(900, 1600, 1, 1, 50, 10, "0 0 900 900")]
    [InlineData(900, 1600, 1, 1, 50, 90, "0 700 900 900")]
    [InlineData(1200, 630, 1200, 630, 20, 80, "0 0 1200 630")]
    [InlineData(1, 5000, 16, 9, 50, 50, "0 2500 1 1")]
    public void A_crop_keeps_its_point_as_near_as_the_edges_allow(
        int width,
        int height,
        int across,
        int down,
        int x,
        int y,
        string box
    )
    {
        var crop = CropBox.Around(width, height, across, down, x, y);
        Assert.Equal(box, $"{crop.Left} {crop.Top} {crop.Width} {crop.Height}");
    }

    [Fact]
    public void A_crop_never_leaves_the_picture()
    {
        foreach (var width in new[] { 1, 3, 640, 4001 })
        foreach (var height in new[] { 1, 7, 480, 3999 })
        foreach (var focus in new[] { 0, 33, 50, 100 })
        {
            var crop = CropBox.Around(width, height, 1200, 630, focus, 100 - focus);
            Assert.True(
                crop is { Left: >= 0, Top: >= 0, Width: > 0, Height: > 0 }
                    && crop.Left + crop.Width <= width
                    && crop.Top + crop.Height <= height,
                $"{width} by {height} at {focus}: {crop}"
            );
        }
    }

    [Theory]
    [InlineData(0, 0, 0, 1000, 1000, "0 0 800 600")]
    [InlineData(1, 0, 0, 1000, 1000, "0 0 600 800")]
    [InlineData(0, 250, 500, 500, 500, "200 300 400 300")]
    [InlineData(3, 0, 500, 1000, 500, "0 400 600 400")]
    public void What_is_cut_is_measured_after_the_turn(int turns, int left, int top, int width, int height, string part)
    {
        var edit = new PictureEdit(turns, left, top, width, height);
        var box = edit.Part(800, 600);
        Assert.True(edit.IsValid);
        Assert.Equal(part, $"{box.Left} {box.Top} {box.Width} {box.Height}");
    }

    [Theory]
    [InlineData(4, 0, 0, 1000, 1000)]
    [InlineData(0, 600, 0, 500, 1000)]
    [InlineData(0, -1, 0, 500, 1000)]
    [InlineData(0, 0, 0, 0, 1000)]
    public void A_part_outside_the_picture_is_none(int turns, int left, int top, int width, int height) =>
        Assert.False(new PictureEdit(turns, left, top, width, height).IsValid);

    [Theory]
    [InlineData("w640.webp", true)]
    [InlineData("card-50-35.jpg", true)]
    [InlineData("w641.webp", false)]
    [InlineData("w0640.webp", true)]
    [InlineData("card-51-35.jpg", false)]
    [InlineData("card-50.jpg", false)]
    [InlineData("card-105-50.jpg", false)]
    [InlineData("../secret", false)]
    [InlineData("", false)]
    public void Only_some_forms_are_served(string name, bool isServed) =>
        Assert.Equal(isServed, PictureVariant.Parse(name) is not null);

    [Fact]
    public void Every_form_is_read_back_as_it_is_written() =>
        Assert.All(
            PictureVariant
                .Widths.Select(width => new PictureVariant(width))
                .Concat([PictureVariant.Card(0, 0), PictureVariant.Card(52, 98), PictureVariant.Card(100, 3)]),
            form => Assert.Equal(form, PictureVariant.Parse(form.ToString()))
        );

    [Theory]
    [InlineData("https://blog.example/pictures/k7fq2m9x/w1280.webp", "k7fq2m9x")]
    [InlineData("http://127.0.0.1:5080/pictures/abc/card-50-50.jpg", "abc")]
    [InlineData("https://elsewhere.example/pictures/moon-3.svg", null)]
    [InlineData("https://elsewhere.example/pictures/a/b/w640.webp", null)]
    [InlineData("w640.webp", null)]
    [InlineData(null, null)]
    public void Pictures_of_a_library_are_known_by_their_address(string? address, string? key) =>
        Assert.Equal(key, PictureAddress.Parse(address)?.Key);

    [Fact]
    public void The_browser_is_offered_what_there_is_and_no_more()
    {
        var address = PictureAddress.Parse("https://blog.example/pictures/abc/w1280.webp")!;
        Assert.Equal(
            "https://blog.example/pictures/abc/w160.webp 160w, https://blog.example/pictures/abc/w320.webp 320w, https://blog.example/pictures/abc/w640.webp 500w",
            address.SourceSet(500)
        );
        Assert.EndsWith("w2560.webp 2560w", address.SourceSet(), StringComparison.Ordinal);
        Assert.Equal("https://blog.example/pictures/abc/w160.webp 100w", address.SourceSet(100));
    }

    [Fact]
    public void Text_gets_sizes_for_pictures_of_the_library_alone()
    {
        const string Other = "<p>Text</p><img src=\"https://a.example/a.png\" alt=\"A\">";
        Assert.Same(Other, PicturesInText.WithSizes(Other));
        var mixed = PicturesInText.WithSizes(
            Other + "<img src=\"https://b.example/pictures/abc/w1280.webp\" width=\"400\" alt=\"B\">"
        );
        Assert.StartsWith(Other, mixed, StringComparison.Ordinal);
        Assert.Contains(
            "srcset=\"https://b.example/pictures/abc/w160.webp 160w, https://b.example/pictures/abc/w320.webp 320w, https://b.example/pictures/abc/w640.webp 400w\"",
            mixed,
            StringComparison.Ordinal
        );
        Assert.Equal(["abc"], PicturesInText.KeysIn(mixed));
    }
}
