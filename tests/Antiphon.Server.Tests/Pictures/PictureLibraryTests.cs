using System.Net;
using System.Text;
using Antiphon.Server.Tests.Hosting;
using Microsoft.AspNetCore.Http;
using SkiaSharp;

namespace Antiphon.Server.Tests.Pictures;

/// <summary>The library over real HTTP, with real pictures.</summary>
public sealed class PictureLibraryTests(PictureHost host) : IClassFixture<PictureHost>
{
    private readonly AntiphonHost _host = host.Host;
    private readonly ScriptedSite _site = host.Site;

    [Theory]
    [InlineData(SKEncodedImageFormat.Png, "png")]
    [InlineData(SKEncodedImageFormat.Jpeg, "jpeg")]
    [InlineData(SKEncodedImageFormat.Webp, "webp")]
    public async Task A_picture_is_served_in_the_widths_needed_and_never_larger_than_it_is(
        SKEncodedImageFormat format,
        string type
    )
    {
        var picture = await AddAsync(Picture(800, 600, format), "moon.dat");
        Assert.Equal((type, 800, 600), (picture.Text("type"), picture.Number("width"), picture.Number("height")));
        Assert.Equal((320, 240), await SizeAsync(picture, "w320.webp"));
        Assert.Equal((800, 600), await SizeAsync(picture, "w2560.webp"));
        Assert.Equal((800, 420), await SizeAsync(picture, "card-50-50.jpg"));
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await _host.Plain().GetAsync($"pictures/{picture.Text("key")}/w333.webp")).StatusCode
        );
    }

    [Fact]
    public async Task What_a_phone_wrote_into_a_file_is_left_behind_and_the_picture_stands_upright()
    {
        var sideways = WithExif(Picture(400, 200, SKEncodedImageFormat.Jpeg), orientation: 6);
        var picture = await AddAsync(sideways, "phone.jpg");
        Assert.Equal((200, 400), (picture.Number("width"), picture.Number("height")));
        var served = await _host.Plain().GetByteArrayAsync($"pictures/{picture.Text("key")}/w320.webp");
        Assert.DoesNotContain("54.97 N", Encoding.Latin1.GetString(served), StringComparison.Ordinal);
        using var upright = SKBitmap.Decode(served);
        // The left half is red, so that after a quarter turn clockwise the upper half is.
        Assert.True(upright.GetPixel(100, 60).Red > 200 && upright.GetPixel(100, 340).Red < 60, "not upright");
    }

    [Theory]
    [InlineData("text", "Unsupported format")]
    [InlineData("lie", "cannot be read")]
    [InlineData("large", "too large")]
    [InlineData("wide", "pixels")]
    [InlineData("svg", "cannot be made safe")]
    public async Task What_cannot_be_taken_is_refused_with_the_remedy(string kind, string words)
    {
        var bytes = kind switch
        {
            "text" => Encoding.UTF8.GetBytes("MZ this is a program called moon.png"),
            "lie" => [0x89, 0x50, 0x4E, 0x47, 0x0D, 0x0A, 0x1A, 0x0A, 1, 2, 3, 4],
            "large" => new byte[300_001],
            "wide" => Picture(2000, 1001, SKEncodedImageFormat.Png),
            _ => Encoding.UTF8.GetBytes("<svg xmlns=\"http://www.w3.org/2000/svg\"><broken"),
        };
        using var content = new ByteArrayContent(bytes);
        var refusal = await (await _host.Owner.PostAsync($"{_host.Api}pictures?name=moon.png", content)).ProblemAsync(
            HttpStatusCode.BadRequest
        );
        Assert.Contains(words, refusal.Text("errors.file.0"), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Not_every_form_of_a_picture_can_be_asked_for_at_once()
    {
        var picture = await AddAsync(Picture(800, 600, SKEncodedImageFormat.Png), "moon.png");
        string[] forms =
        [
            .. from x in Enumerable.Range(0, 21)
            from y in Enumerable.Range(0, 21)
            select $"pictures/{picture.Text("key")}/card-{x * 5}-{y * 5}.jpg",
        ];
        var answers = await Task.WhenAll(forms.Select(form => _host.Plain().GetAsync(form)));
        var refused = answers.Where(answer => answer.StatusCode == HttpStatusCode.TooManyRequests).ToList();
        Assert.NotEmpty(refused);
        Assert.All(refused, answer => Assert.NotNull(answer.Headers.RetryAfter));
        Assert.All(answers.Except(refused), answer => Assert.Equal(HttpStatusCode.OK, answer.StatusCode));
        Assert.Equal(
            HttpStatusCode.OK,
            (await _host.Plain().GetAsync(refused[0].RequestMessage!.RequestUri)).StatusCode
        );
    }

    [Fact]
    public async Task An_svg_is_cleaned_and_locked_in()
    {
        var picture = await AddAsync(
            Encoding.UTF8.GetBytes(
                "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 4 3\" onload=\"alert(1)\"><script>alert(1)</script><circle r=\"1\"/></svg>"
            ),
            "moon.svg"
        );
        var answer = await _host.Plain().GetAsync($"pictures/{picture.Text("key")}/w640.webp");
        Assert.Equal("image/svg+xml", answer.Content.Headers.ContentType?.MediaType);
        Assert.Contains(
            "sandbox",
            answer.Headers.GetValues("Content-Security-Policy").Single(),
            StringComparison.Ordinal
        );
        Assert.DoesNotContain("alert", await answer.Content.ReadAsStringAsync(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Turning_and_cutting_change_what_is_served_and_can_be_taken_back()
    {
        var picture = await AddAsync(Picture(800, 400, SKEncodedImageFormat.Png), "wide.png");
        var tag = (await _host.Plain().GetAsync($"pictures/{picture.Text("key")}/w320.webp")).Headers.ETag;
        await EditAsync(
            picture,
            new
            {
                quarterTurns = 1,
                left = 0,
                top = 0,
                width = 1000,
                height = 500,
            }
        );
        Assert.Equal((320, 320), await SizeAsync(picture, "w320.webp"));
        Assert.NotEqual(tag, (await _host.Plain().GetAsync($"pictures/{picture.Text("key")}/w320.webp")).Headers.ETag);
        await EditAsync(
            picture,
            new
            {
                quarterTurns = 0,
                left = 0,
                top = 0,
                width = 1000,
                height = 1000,
            }
        );
        Assert.Equal((320, 160), await SizeAsync(picture, "w320.webp"));
        using var wrong = System.Net.Http.Json.JsonContent.Create(
            new
            {
                edit = new
                {
                    quarterTurns = 0,
                    left = 900,
                    top = 0,
                    width = 500,
                    height = 1000,
                },
            }
        );
        Assert.Equal(
            ["edit"],
            (
                await (await _host.Owner.PutAsync($"{_host.Api}pictures/{picture.Number("id")}", wrong)).ProblemAsync(
                    HttpStatusCode.BadRequest
                )
            ).Names("errors")
        );
    }

    [Fact]
    public async Task A_picture_in_use_says_where_is_replaced_everywhere_and_not_removed()
    {
        var picture = await AddAsync(Picture(640, 480, SKEncodedImageFormat.Png), "old.png");
        var post = await _host.WriteAsync(
            "With a picture",
            body: $"<p>x</p><img src=\"{picture.Text("address")}\" width=\"640\" height=\"480\" alt=\"A\">"
        );
        var uses = (await _host.Owner.GetJsonAsync($"{_host.Api}pictures/{picture.Number("id")}/uses")).Items();
        Assert.Equal("With a picture", Assert.Single(uses).Text("title"));
        Assert.Equal(
            1,
            (await _host.Owner.GetJsonAsync($"{_host.Api}pictures?search=old.png")).Number("pictures.0.uses")
        );
        Assert.Empty(
            (await _host.Owner.GetJsonAsync($"{_host.Api}pictures?unused=true&search=old.png")).Items("pictures")
        );
        Assert.Contains(
            "With a picture",
            (
                await (await _host.Owner.DeleteAsync($"{_host.Api}pictures/{picture.Number("id")}")).ProblemAsync(
                    HttpStatusCode.BadRequest
                )
            ).Text("title"),
            StringComparison.Ordinal
        );
        using var other = new ByteArrayContent(Picture(200, 300, SKEncodedImageFormat.Jpeg));
        await HttpTalk.GoodAsync(
            await _host.Owner.PutAsync($"{_host.Api}pictures/{picture.Number("id")}/file?name=new.jpg", other)
        );
        Assert.Equal((200, 300), await SizeAsync(picture, "w1280.webp"));
        var page = await _host.Plain().GetStringAsync(post.Text("address"));
        Assert.Contains("srcset=", page, StringComparison.Ordinal);
        Assert.Contains("width=\"640\"", page, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_cut_for_one_use_leaves_the_picture_as_it_is_and_goes_along_when_it_is_replaced()
    {
        var picture = await AddAsync(Picture(800, 400, SKEncodedImageFormat.Png), "whole.png");
        var half = await CutAsync(picture, left: 0, width: 500);
        Assert.Equal((400, 400), (half.Number("width"), half.Number("height")));
        Assert.Equal(
            ((320, 160), (320, 320)),
            (await SizeAsync(picture, "w320.webp"), await SizeAsync(half, "w320.webp"))
        );
        Assert.Equal(half.Text("key"), (await CutAsync(half, left: 0, width: 500)).Text("key"));
        Assert.Equal(picture.Text("key"), (await CutAsync(half, left: 0, width: 1000)).Text("key"));
        Assert.Equal(
            picture.Number("id"),
            (
                await _host.Owner.GetJsonAsync(
                    $"{_host.Api}pictures/of?address={Uri.EscapeDataString(half.Text("address"))}"
                )
            ).Number("id")
        );
        Assert.Equal(1, (await _host.Owner.GetJsonAsync($"{_host.Api}pictures?search=whole.png")).Number("total"));

        await _host.Owner.PostJsonAsync(
            $"{_host.Api}posts",
            new
            {
                blogId = 1,
                title = "Cut for listings",
                bodyHtml = "<p>x</p>",
                pictureAddress = "https://pictures.example/x.png",
                status = "published",
                details = new { listingPicture = half.Text("address") },
            }
        );
        var blog = (await _host.Owner.GetJsonAsync($"{_host.Api}blogs")).Items()[0].Text("key");
        Assert.Contains(
            $"pictures/{half.Text("key")}/",
            await _host.Plain().GetStringAsync($"blogs/{blog}"),
            StringComparison.Ordinal
        );
        Assert.Equal(
            "Cut for listings",
            Assert
                .Single((await _host.Owner.GetJsonAsync($"{_host.Api}pictures/{picture.Number("id")}/uses")).Items())
                .Text("title")
        );
        using var other = new ByteArrayContent(Picture(200, 300, SKEncodedImageFormat.Png));
        await HttpTalk.GoodAsync(
            await _host.Owner.PutAsync($"{_host.Api}pictures/{picture.Number("id")}/file?name=whole.png", other)
        );
        Assert.Equal((100, 300), await SizeAsync(half, "w320.webp"));
    }

    [Fact]
    public async Task A_cut_lies_within_the_picture_and_a_drawing_has_none()
    {
        var picture = await AddAsync(Picture(80, 40, SKEncodedImageFormat.Png), "small.png");
        var drawing = await AddAsync(
            Encoding.UTF8.GetBytes(
                "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 4 3\"><circle r=\"1\"/></svg>"
            ),
            "ring.svg"
        );
        Assert.Equal(
            ["edit"],
            (
                await _host.Owner.RefusedAsync(
                    $"{_host.Api}pictures/{picture.Number("id")}/cuts",
                    new
                    {
                        quarterTurns = 0,
                        left = 900,
                        top = 0,
                        width = 500,
                        height = 1000,
                    }
                )
            ).Names("errors")
        );
        Assert.Equal(
            ["edit"],
            (
                await _host.Owner.RefusedAsync(
                    $"{_host.Api}pictures/{drawing.Number("id")}/cuts",
                    new
                    {
                        quarterTurns = 0,
                        left = 0,
                        top = 0,
                        width = 500,
                        height = 1000,
                    }
                )
            ).Names("errors")
        );
        var cut = await CutAsync(picture, left: 0, width: 500);
        Assert.Equal((40, 40), await SizeAsync(cut, "w320.webp"));
        Assert.Equal(
            HttpStatusCode.NoContent,
            (await _host.Owner.DeleteAsync($"{_host.Api}pictures/{picture.Number("id")}")).StatusCode
        );
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await _host.Plain().GetAsync($"pictures/{cut.Text("key")}/w320.webp")).StatusCode
        );
    }

    [Fact]
    public async Task A_picture_nobody_uses_can_be_removed()
    {
        var picture = await AddAsync(Picture(40, 30, SKEncodedImageFormat.Png), "alone.png");
        Assert.Equal(
            HttpStatusCode.NoContent,
            (await _host.Owner.DeleteAsync($"{_host.Api}pictures/{picture.Number("id")}")).StatusCode
        );
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await _host.Plain().GetAsync($"pictures/{picture.Text("key")}/w320.webp")).StatusCode
        );
    }

    [Fact]
    public async Task A_picture_elsewhere_is_fetched_once()
    {
        var asked = 0;
        _site.Answer = async http =>
        {
            asked++;
            http.Response.ContentType = "image/png";
            await http.Response.Body.WriteAsync(Picture(64, 48, SKEncodedImageFormat.Png));
        };
        var first = await _host.Owner.PostJsonAsync(
            $"{_host.Api}pictures/fetch",
            new { address = $"{_site.Address}moon%20rise.png" }
        );
        var second = await _host.Owner.PostJsonAsync(
            $"{_host.Api}pictures/fetch",
            new { address = $"{_site.Address}moon%20rise.png" }
        );
        Assert.Equal((first.Number("id"), 1, "moon rise.png"), (second.Number("id"), asked, first.Text("name")));
        _site.Answer = http => Task.FromResult(http.Response.StatusCode = StatusCodes.Status404NotFound);
        Assert.Contains(
            "404",
            (
                await _host.Owner.RefusedAsync(
                    $"{_host.Api}pictures/fetch",
                    new { address = $"{_site.Address}gone.png" }
                )
            ).Text("errors.address.0"),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public async Task A_picture_is_drawn_from_a_title_and_the_same_each_time()
    {
        var one = await _host.Owner.PostJsonAsync(
            $"{_host.Api}pictures/draw",
            new
            {
                title = "Rime on the finder",
                ground = "#22345e",
                mark = "#e0b252",
            }
        );
        var two = await _host.Owner.PostJsonAsync(
            $"{_host.Api}pictures/draw",
            new
            {
                title = "Rime on the finder",
                ground = "#22345e",
                mark = "#e0b252",
            }
        );
        Assert.Equal(await BytesAsync(one), await BytesAsync(two));
        Assert.Equal(
            ["ground"],
            (await _host.Owner.RefusedAsync($"{_host.Api}pictures/draw", new { title = "x", ground = "blue" })).Names(
                "errors"
            )
        );
    }

    [Fact]
    public async Task The_library_is_searched_and_tells_what_lacks_words()
    {
        var picture = await AddAsync(Picture(40, 30, SKEncodedImageFormat.Png), "IMG_0042.png");
        await AddAsync(Picture(40, 30, SKEncodedImageFormat.Png), "other.png");
        await _host.Owner.PutJsonAsync(
            $"{_host.Api}pictures/{picture.Number("id")}",
            new
            {
                alt = "Frost on the finder",
                caption = "Six degrees below",
                credit = "Priya",
                focusX = 10,
                focusY = 90,
            }
        );
        var found = await _host.Owner.GetJsonAsync(
            $"{_host.Api}pictures?search=frost%20on%20the%20finder&withoutAlt=false"
        );
        Assert.Equal((1, 10), (found.Number("total"), found.Number("pictures.0.focusX")));
        var wordless = await _host.Owner.GetJsonAsync($"{_host.Api}pictures?withoutAlt=true");
        Assert.Equal(wordless.Number("total"), wordless.Number("withoutAlt"));
        Assert.Contains("other.png", wordless.Items("pictures").Select(item => item.Text("name")));
        Assert.DoesNotContain("IMG_0042.png", wordless.Items("pictures").Select(one => one.Text("name")));
    }

    private static byte[] Picture(int width, int height, SKEncodedImageFormat format)
    {
        using var bitmap = new SKBitmap(width, height);
        using var canvas = new SKCanvas(bitmap);
        canvas.Clear(SKColors.Black);
        using var red = new SKPaint { Color = SKColors.Red };
        canvas.DrawRect(0, 0, width / 2f, height, red);
        using var data = bitmap.Encode(format, 90);
        return data.ToArray();
    }

    // APP1 with the orientation and, as a description, the place (Exif 2.32, 4.6).
    private static byte[] WithExif(byte[] jpeg, byte orientation)
    {
        byte[] place = [.. Encoding.ASCII.GetBytes("54.97 N 2.10 W"), 0];
        byte[] tiff =
        [
            .. "MM"u8,
            0,
            42,
            0,
            0,
            0,
            8,
            0,
            2,
            0x01,
            0x0E,
            0,
            2,
            0,
            0,
            0,
            (byte)place.Length,
            0,
            0,
            0,
            38,
            0x01,
            0x12,
            0,
            3,
            0,
            0,
            0,
            1,
            0,
            orientation,
            0,
            0,
            0,
            0,
            0,
            0,
            .. place,
        ];
        byte[] body = [.. "Exif"u8, 0, 0, .. tiff];
        var length = body.Length + 2;
        return [0xFF, 0xD8, 0xFF, 0xE1, (byte)(length >> 8), (byte)length, .. body, .. jpeg[2..]];
    }

    private async Task<Json> AddAsync(byte[] bytes, string name)
    {
        using var content = new ByteArrayContent(bytes);
        return await HttpTalk.GoodAsync(await _host.Owner.PostAsync($"{_host.Api}pictures?name={name}", content));
    }

    private Task<Json> CutAsync(Json picture, int left, int width) =>
        _host.Owner.PostJsonAsync(
            $"{_host.Api}pictures/{picture.Number("id")}/cuts",
            new
            {
                quarterTurns = 0,
                left,
                top = 0,
                width,
                height = 1000,
            }
        );

    private Task<Json> EditAsync(Json picture, object edit) =>
        _host.Owner.PutJsonAsync(
            $"{_host.Api}pictures/{picture.Number("id")}",
            new
            {
                alt = "A",
                edit,
                focusX = 50,
                focusY = 50,
            }
        );

    private Task<byte[]> BytesAsync(Json picture) =>
        _host.Plain().GetByteArrayAsync($"pictures/{picture.Text("key")}/w640.webp");

    private async Task<(int Width, int Height)> SizeAsync(Json picture, string form)
    {
        using var bitmap = SKBitmap.Decode(
            await _host.Plain().GetByteArrayAsync($"pictures/{picture.Text("key")}/{form}")
        );
        return (bitmap.Width, bitmap.Height);
    }
}
