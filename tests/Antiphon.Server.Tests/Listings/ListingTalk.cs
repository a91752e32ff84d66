using System.Text.Json;
using System.Text.Json.Nodes;
using Antiphon.Server.Tests.Hosting;

namespace Antiphon.Server.Tests.Listings;

/// <summary>Shorthand for building listings and reading what they show.</summary>
/// <param name="host">The server.</param>
internal sealed class ListingTalk(AntiphonHost host)
{
    /// <summary>A condition on tags.</summary>
    public static JsonObject Filter(params string[] tagsAny) =>
        new()
        {
            ["categories"] = new JsonObject
            {
                ["any"] = new JsonArray(),
                ["all"] = new JsonArray(),
                ["none"] = new JsonArray(),
            },
            ["tags"] = new JsonObject
            {
                ["any"] = new JsonArray([.. tagsAny.Select(tag => (JsonNode)tag)]),
                ["all"] = new JsonArray(),
                ["none"] = new JsonArray(),
            },
            ["authors"] = new JsonArray(),
            ["featuredOnly"] = false,
            ["withPictureOnly"] = false,
        };

    /// <summary>The form of entries as it usually is, changed.</summary>
    public static JsonObject Form(Action<JsonObject>? change = null)
    {
        var form = JsonNode
            .Parse(
                """{"columns":3,"pictureSide":"start","ratio":"fourToThree","titleLength":null,"excerptWords":30,"separator":" · ","bylineAbove":false,"readMore":null,"tags":false,"source":false,"readingTime":false,"comments":false,"datePattern":null,"standInPicture":false}"""
            )!
            .AsObject();
        change?.Invoke(form);
        return form;
    }

    /// <summary>A definition of the host's blog to change.</summary>
    public JsonObject Definition() => (JsonObject)JsonSerializer.SerializeToNode(host.Definition(50))!;

    /// <summary>Builds a listing.</summary>
    public Task<Json> BuildAsync(Action<JsonObject> change, string? page = null, long? look = null)
    {
        var definition = Definition();
        change(definition);
        return host.Owner.PostJsonAsync(
            host.Api + "listings",
            new
            {
                name = "Built",
                definition,
                pageAddress = page,
                lookId = look,
            }
        );
    }

    /// <summary>Publishes a post.</summary>
    public Task<Json> WriteAsync(
        string title,
        string[]? tags = null,
        string? category = null,
        string body = "<p>Clear from nine until the clouds came.</p>"
    ) =>
        host.Owner.PostJsonAsync(
            host.Api + "posts",
            new
            {
                blogId = host.Blog,
                title,
                bodyHtml = body,
                status = "published",
                revision = 0,
                tags,
                category,
            }
        );

    /// <summary>The fragment of a listing.</summary>
    /// <param name="listing">Its view.</param>
    /// <param name="query">What follows the address, with its question mark.</param>
    public Task<string> HtmlAsync(Json listing, string query = "") =>
        host.Plain().GetStringAsync($"embed/listings/{listing.Text("key")}.html{query}");
}
