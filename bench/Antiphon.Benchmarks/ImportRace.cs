using System.Diagnostics;
using System.Globalization;
using System.Text;
using Antiphon.Tests;
using Microsoft.Data.Sqlite;
using SkiaSharp;

namespace Antiphon.Benchmarks;

/// <summary>Bringing rows in against writing the same rows bare, and making a picture's forms against the library's own decoding and encoding.</summary>
internal static class ImportRace
{
    private const int Rows = 20_000;

    /// <summary>Starts the server and prints the ratios.</summary>
    public static async Task RunAsync()
    {
        await using var world = await OutsideWorld.StartAsync();
        await using var server = await DemoServer.StartAsync(world);
        await ImportAsync(server);
        await PicturesAsync(server);
    }

    private static async Task ImportAsync(DemoServer server)
    {
        var site = (long)
            (
                await server.PostAsync(
                    "api/sites",
                    new
                    {
                        name = "Import",
                        address = "https://import.example/",
                        timeZone = "Europe/London",
                        language = "en-GB",
                    }
                )
            )!["id"]!;
        var blog = (long)(await server.PostAsync($"api/sites/{site}/blogs", new { name = "Log" }))!["id"]!;
        var table = new StringBuilder("title,text,date,category,tags\n");
        for (var n = 0; n < Rows; n++)
            table.Append(
                CultureInfo.InvariantCulture,
                $"\"Night {n}\",\"<p>Clear from nine, with a wind from the moor, object {n % 997}.</p>\",{DateTime.UnixEpoch.AddDays(n % 9000):yyyy-MM-dd},Night Log,\"dark, moor\"\n"
            );
        using var file = new ByteArrayContent(Encoding.UTF8.GetBytes(table.ToString()));
        using var answer = await server.Owner.PostAsync($"api/sites/{site}/imports?blog={blog}&name=log.csv", file);
        var import = System.Text.Json.Nodes.JsonNode.Parse(
            await answer.EnsureSuccessStatusCode().Content.ReadAsStringAsync()
        )!;
        var path = $"api/sites/{site}/imports/{(long)import["summary"]!["id"]!}";
        var start = Stopwatch.GetTimestamp();
        await server.PostAsync(path + "/start", new { plan = import["plan"] });
        while ((string)(await server.GetAsync(path))["summary"]!["state"]! != "done")
            await Task.Delay(200);
        var imported = Stopwatch.GetElapsedTime(start).TotalSeconds;
        var bare = await BareAsync();
        Console.WriteLine(
            $"bringing in {Rows:N0} rows against writing them bare into an indexed table\n  {imported / bare:0.0}   ({Rows / imported:0} rows a second on this machine)"
        );
    }

    private static async Task<double> BareAsync()
    {
        using var folder = new TemporaryFolder();
        await using var connection = new SqliteConnection($"Data Source={Path.Combine(folder.Path, "bare.db")}");
        await connection.OpenAsync();
        var command = connection.CreateCommand();
        command.CommandText =
            "PRAGMA journal_mode=WAL; CREATE TABLE P(Id INTEGER PRIMARY KEY, Title TEXT, Body TEXT, Day INTEGER); CREATE INDEX D ON P(Day)";
        await command.ExecuteNonQueryAsync();
        var start = Stopwatch.GetTimestamp();
        for (var batch = 0; batch < Rows; batch += 200)
        {
            await using var transaction = await connection.BeginTransactionAsync();
            for (var n = batch; n < batch + 200; n++)
            {
                var insert = connection.CreateCommand();
                insert.CommandText = "INSERT INTO P(Title, Body, Day) VALUES ($t, $b, $d)";
                insert.Parameters.AddWithValue("$t", $"Night {n}");
                insert.Parameters.AddWithValue("$b", "<p>Clear from nine, with a wind from the moor.</p>");
                insert.Parameters.AddWithValue("$d", n);
                await insert.ExecuteNonQueryAsync();
            }

            await transaction.CommitAsync();
        }

        return Stopwatch.GetElapsedTime(start).TotalSeconds;
    }

    private static async Task PicturesAsync(DemoServer server)
    {
        var jpeg = Photograph();
        var (made, reference) = (double.MaxValue, double.MaxValue);
        for (var round = 0; round < 4; round++)
        {
            using var content = new ByteArrayContent(jpeg.Append((byte)round).ToArray());
            var start = Stopwatch.GetTimestamp();
            using var answer = await server.Owner.PostAsync($"api/sites/1/pictures?name=night-{round}.jpg", content);
            var key = (string)
                System.Text.Json.Nodes.JsonNode.Parse(
                    await answer.EnsureSuccessStatusCode().Content.ReadAsStringAsync()
                )!["key"]!;
            await server.Owner.GetByteArrayAsync($"pictures/{key}/w640.webp");
            made = Math.Min(made, Stopwatch.GetElapsedTime(start).TotalMilliseconds);
            start = Stopwatch.GetTimestamp();
            using var whole = SKBitmap.Decode(jpeg);
            using var smaller = whole.Resize(
                new SKImageInfo(640, 480),
                new SKSamplingOptions(SKFilterMode.Linear, SKMipmapMode.Linear)
            );
            using var bytes = smaller.Encode(SKEncodedImageFormat.Webp, 80);
            reference = Math.Min(reference, Stopwatch.GetElapsedTime(start).TotalMilliseconds);
        }

        Console.WriteLine(
            $"taking a photograph of twelve megapixels in and serving it at 640 pixels, against decoding, shrinking and encoding it once\n  {made / reference:0.0}"
        );
    }

    private static byte[] Photograph()
    {
        using var bitmap = new SKBitmap(4000, 3000);
        var random = new Random(7);
        using (var canvas = new SKCanvas(bitmap))
        {
            canvas.Clear(SKColors.MidnightBlue);
            using var paint = new SKPaint { Color = SKColors.White };
            for (var star = 0; star < 20_000; star++)
                canvas.DrawCircle(random.Next(4000), random.Next(3000), random.Next(1, 4), paint);
        }

        using var data = bitmap.Encode(SKEncodedImageFormat.Jpeg, 90);
        return data.ToArray();
    }
}
