using System.Text;
using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Feeds.Repair;
using Antiphon.Tests;

namespace Antiphon.Core.Tests.Feeds.Reading;

/// <summary>
/// A hundred thousand damaged feeds: whatever stands in them, reading, checking and repairing give an answer.
/// </summary>
public sealed class FuzzTests
{
    private const int Documents = 100_000;

    /// <summary>Every so many is repaired as well, which costs several checks.</summary>
    private const int RepairEvery = 20;

    // A hang is told as one rather than stopping the whole run.
    private static readonly TimeSpan HangsAfter = TimeSpan.FromMinutes(6);

    private static readonly string[] Pieces =
    [
        "<",
        ">",
        "&",
        "&amp;",
        "&#0;",
        "&#x41;",
        "&nbsp;",
        "]]>",
        "<![CDATA[",
        "<!--",
        "-->",
        "<?xml version=\"1.0\"?>",
        "<!DOCTYPE a [<!ENTITY b \"c\">]>",
        "</item>",
        "<item>",
        "<entry xmlns=\"http://www.w3.org/2005/Atom\">",
        "xml:base=\"http://[\"",
        "xmlns:x=\"\"",
        "x:y",
        "\"",
        "'",
        "{",
        "}",
        "[",
        "]",
        ",",
        ":",
        "null",
        "1e999",
        "\\u0000",
        "\\ud800",
        "\u0001",
        "\ufffe",
        "\ud800",
        "Tue, 31 Feb 2026 25:61:61 QXT",
        "99999-99-99T99:99:99Z",
        "http://",
        "javascript:",
        "%",
    ];

    [Fact]
    public async Task No_damage_makes_it_throw_or_hang()
    {
        var good = Good();
        Assert.True(good.Count > 50, $"only {good.Count} feeds to damage");
        var now = new DateTimeOffset(2026, 11, 24, 12, 0, 0, TimeSpan.Zero);
        var all = Parallel.ForEachAsync(Enumerable.Range(0, Documents), (seed, _) =>
        {
            var bytes = Damaged(good, new Random(seed));
            try
            {
                var options = new FeedCheckOptions(
                    now,
                    seed % 3 == 0 ? "application/xml" : null,
                    seed % 2 == 0 ? new Uri("https://moor.example/feed") : null
                );
                var result = FeedCheck.Run(bytes, options);
                if (seed % RepairEvery == 0)
                    FeedRepair.Run(bytes, options);
                foreach (var finding in result.Findings)
                    Assert.True(finding.Message.Length + finding.Fix.Length > 0 && finding.Line is null or > 0);
            }
            catch (Exception failure)
            {
                throw new InvalidOperationException(
                    $"Document {seed}: {failure.GetType().Name}: {failure.Message}\n{Encoding.Latin1.GetString(bytes[..Math.Min(bytes.Length, 1500)])}",
                    failure
                );
            }

            return ValueTask.CompletedTask;
        });
        await all.WaitAsync(HangsAfter);
    }

    private static List<byte[]> Good()
    {
        var cases = Directory
            .EnumerateFiles(Path.Combine(Repository.Root, "tests", "Antiphon.Core.Tests", "Cases", "FeedCheck"))
            .Where(file => !file.EndsWith(".expected.txt", StringComparison.Ordinal));
        var county = Directory.EnumerateFiles(
            Path.Combine(Repository.Root, "src", "Antiphon.StandIns", "World", "County")
        );
        return [.. cases.Concat(county).Order(StringComparer.Ordinal).Select(File.ReadAllBytes)];
    }

    private static byte[] Damaged(List<byte[]> good, Random random)
    {
        var bytes = good[random.Next(good.Count)].ToList();
        for (var blow = random.Next(1, 5); blow > 0 && bytes.Count > 0; blow--)
            Strike(bytes, good, random);
        return [.. bytes];
    }

    private static void Strike(List<byte> bytes, List<byte[]> good, Random random)
    {
        var at = random.Next(bytes.Count);
        var length = random.Next(1, Math.Min(bytes.Count - at, 1 << random.Next(1, 10)) + 1);
        switch (random.Next(7))
        {
            case 0:
                bytes[at] = (byte)random.Next(256);
                break;
            case 1:
                bytes.RemoveRange(at, length);
                break;
            case 2:
                bytes.InsertRange(at, bytes.GetRange(at, length));
                break;
            case 3:
                bytes.InsertRange(at, Encoding.UTF8.GetBytes(Pieces[random.Next(Pieces.Length)]));
                break;
            case 4:
                bytes.RemoveRange(at, bytes.Count - at);
                break;
            case 5:
                var other = good[random.Next(good.Count)];
                var from = random.Next(other.Length);
                bytes.InsertRange(at, other[from..Math.Min(other.Length, from + length)]);
                break;
            default:
                for (var i = 0; i < Math.Min(length, 8); i++)
                    bytes.Insert(at, (byte)random.Next(256));
                break;
        }
    }
}
