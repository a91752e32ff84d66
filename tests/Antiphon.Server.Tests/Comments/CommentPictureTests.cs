using System.Net;
using Antiphon.Server.Tests.Hosting;
using SkiaSharp;

namespace Antiphon.Server.Tests.Comments;

/// <summary>Pictures that come with comments.</summary>
public sealed class CommentPictureTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    [Fact]
    public async Task A_picture_waits_with_its_comment_and_is_public_with_it()
    {
        var thread = await AllowedAsync(true);
        Assert.Equal(HttpStatusCode.Accepted, (await SendAsync(thread, Pixels(900, 600))).StatusCode);
        var waiting = Assert.Single(await thread.QueueAsync("waiting"));
        Assert.Equal("picture", waiting.Text("trace.step"));
        var seen = await host.Owner.GetAsync($"{host.Api}comments/{waiting.Number("id")}/picture");
        using var shown = SKBitmap.Decode(await seen.Content.ReadAsByteArrayAsync());
        Assert.Equal((900, 600), (shown.Width, shown.Height));
        var key = await KeyAsync();
        Assert.Equal(HttpStatusCode.NotFound, (await host.Plain().GetAsync($"pictures/{key}/w640.webp")).StatusCode);
        await thread.DecideAllAsync("public");
        var html = await thread.HtmlAsync();
        Assert.Contains(
            $"pictures/{key}/w640.webp\" width=\"640\" height=\"426\" alt=\"The tarn\"",
            html,
            StringComparison.Ordinal
        );
        Assert.Equal(HttpStatusCode.OK, (await host.Plain().GetAsync($"pictures/{key}/w640.webp")).StatusCode);
        Assert.Empty((await host.Owner.GetJsonAsync($"{host.Api}pictures")).Items("pictures"));
        await host.Owner.PostJsonAsync($"{host.Api}comments/{waiting.Number("id")}/erasure", new { });
        Assert.Equal(HttpStatusCode.NotFound, (await host.Plain().GetAsync($"pictures/{key}/w640.webp")).StatusCode);
        Assert.False(
            await host.InDatabaseAsync(database => Task.FromResult(database.Pictures.Any(one => one.IsFromReader)))
        );
    }

    [Theory]
    [InlineData("<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 4 3\"><circle r=\"1\"/></svg>")]
    [InlineData("GIF89a and nothing else")]
    [InlineData("no picture at all")]
    public async Task What_is_no_picture_is_refused_by_name_and_nothing_is_kept(string file)
    {
        var thread = await AllowedAsync(true);
        var problem = await (await SendAsync(thread, System.Text.Encoding.UTF8.GetBytes(file))).ProblemAsync(
            HttpStatusCode.BadRequest
        );
        Assert.Equal(["picture"], problem.Names("errors"));
        Assert.Empty(await thread.QueueAsync("waiting"));
    }

    [Fact]
    public async Task A_file_above_the_bound_is_refused()
    {
        var thread = await AllowedAsync(true);
        var large = Pixels(10, 10);
        Array.Resize(ref large, 8_000_001);
        Assert.Equal(
            ["picture"],
            (await (await SendAsync(thread, large)).ProblemAsync(HttpStatusCode.BadRequest)).Names("errors")
        );
    }

    [Fact]
    public async Task Where_pictures_are_off_the_form_has_no_field_and_a_file_is_left_behind()
    {
        var thread = await AllowedAsync(false);
        Assert.DoesNotContain("type=\"file\"", await thread.HtmlAsync(), StringComparison.Ordinal);
        await SendAsync(thread, Pixels(90, 60));
        Assert.Equal("approval", Assert.Single(await thread.QueueAsync("waiting")).Text("trace.step"));
    }

    private async Task<ThreadTalk> AllowedAsync(bool allowsPictures)
    {
        await host.FreshSiteAsync();
        await host.Owner.PutJsonAsync($"{host.Api}comments/settings", new { settings = new { allowsPictures } });
        return await ThreadTalk.NewAsync(host, "https://quillmoor.example/pictures");
    }

    private Task<string> KeyAsync() =>
        host.InDatabaseAsync(database =>
            Task.FromResult(
                database.Pictures.Where(one => one.IsFromReader).OrderByDescending(one => one.Id).First().Key
            )
        );

    private async Task<HttpResponseMessage> SendAsync(ThreadTalk thread, byte[] file)
    {
        using var form = new MultipartFormDataContent();
        foreach (
            var (name, value) in new[]
            {
                ("id", thread.Identifier),
                ("url", "https://quillmoor.example/pictures"),
                ("title", "Pictures"),
                ("name", "Ida Marsh"),
                ("mail", ""),
                ("text", "From the bank."),
                ("pictureAlt", "The tarn"),
            }
        )
            form.Add(new StringContent(value), name);
        form.Add(new ByteArrayContent(file), "picture", "tarn.jpg");
        using var request = new HttpRequestMessage(HttpMethod.Post, $"embed/threads/{thread.SiteKey}")
        {
            Content = form,
        };
        request.Headers.Add("Accept", "application/json");
        return await host.Plain().SendAsync(request);
    }

    private static byte[] Pixels(int width, int height)
    {
        using var bitmap = new SKBitmap(width, height);
        bitmap.Erase(SKColors.DarkSlateBlue);
        using var data = bitmap.Encode(SKEncodedImageFormat.Jpeg, 80);
        return data.ToArray();
    }
}
