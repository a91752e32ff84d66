using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Serialization;

namespace Antiphon.Core.Comments.Transfer;

/// <summary>
/// Comments as JSON: an object with a list "comments", or the list alone; the fields are those of
/// <see cref="PortableComment"/>.
/// </summary>
public static class CommentJson
{
    private static readonly JsonSerializerOptions Options = new(JsonSerializerDefaults.Web)
    {
        WriteIndented = true,
        Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
        DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull,
        Converters = { new JsonStringEnumConverter(JsonNamingPolicy.CamelCase) },
    };

    /// <summary>The document.</summary>
    public static string Write(IEnumerable<PortableComment> comments) =>
        JsonSerializer.Serialize(new { comments }, Options);

    /// <summary>What a document holds.</summary>
    public static TransferRead Read(string text)
    {
        try
        {
            using var document = JsonDocument.Parse(
                text,
                new JsonDocumentOptions { AllowTrailingCommas = true, CommentHandling = JsonCommentHandling.Skip }
            );
            var list = document.RootElement;
            if (list.ValueKind == JsonValueKind.Object && !list.TryGetProperty("comments", out list))
                return Failed("Put the comments into a list named “comments”.");
            return list.ValueKind == JsonValueKind.Array ? ReadList(list) : Failed("“comments” is not a list.");
        }
        catch (JsonException broken)
        {
            return Failed($"Not valid JSON from line {broken.LineNumber + 1} on.");
        }
    }

    private static TransferRead ReadList(JsonElement list)
    {
        var (comments, problems) = (new List<PortableComment>(), new List<TransferProblem>());
        foreach (var (element, at) in list.EnumerateArray().Select((element, at) => (element, at + 1)))
        {
            try
            {
                // Numbers are as good an id as words.
                var comment = element.ValueKind == JsonValueKind.Object ? ReadOne(element) : null;
                if (comment is null)
                    problems.Add(new TransferProblem(at, string.Empty, "This is not a comment."));
                else
                    comments.Add(comment);
            }
            catch (JsonException broken)
            {
                problems.Add(
                    new TransferProblem(
                        at,
                        broken.Path?.TrimStart('$', '.') ?? string.Empty,
                        "This value is of another kind than it should be."
                    )
                );
            }
        }

        return new TransferRead(comments, problems);
    }

    private static PortableComment ReadOne(JsonElement element)
    {
        var read = element.Deserialize<Lenient>(Options)!;
        return new PortableComment(
            Id(read.Id),
            read.Thread ?? read.Address ?? string.Empty,
            read.Address,
            read.Title,
            read.ParentId is { } parent ? Id(parent) : null,
            read.Author ?? string.Empty,
            read.Mail,
            read.Text ?? string.Empty,
            read.Published ?? default,
            read.Standing ?? CommentStanding.Public
        )
        {
            IsTeam = read.IsTeam,
            Up = Math.Max(0, read.Up),
            Down = Math.Max(0, read.Down),
            Rating = read.Rating,
        };
    }

    private static string Id(JsonElement id) =>
        id.ValueKind switch
        {
            JsonValueKind.String => id.GetString()!,
            JsonValueKind.Number => id.GetRawText(),
            _ => string.Empty,
        };

    private static TransferRead Failed(string remedy) => new([], [new TransferProblem(0, string.Empty, remedy)]);

    private sealed record Lenient
    {
        public JsonElement Id { get; init; }

        public string? Thread { get; init; }

        public string? Address { get; init; }

        public string? Title { get; init; }

        public JsonElement? ParentId { get; init; }

        public string? Author { get; init; }

        public string? Mail { get; init; }

        public string? Text { get; init; }

        public DateTimeOffset? Published { get; init; }

        public CommentStanding? Standing { get; init; }

        public bool IsTeam { get; init; }

        public int Up { get; init; }

        public int Down { get; init; }

        public int? Rating { get; init; }
    }
}
