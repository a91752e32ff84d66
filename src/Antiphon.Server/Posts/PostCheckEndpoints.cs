using AngleSharp.Html.Parser;
using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Html;
using Antiphon.Core.Posts.Checking;
using Antiphon.Core.Sites;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Server.Outgoing;
using Antiphon.Server.Sites;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Posts;

/// <summary>/api/sites/{site}/posts/check: a post looked over before it is published, stored or not.</summary>
internal static class PostCheckEndpoints
{
    private const int MostLinks = 20;
    private const int MostTitles = 5000;
    private const int LongestAddress = 60;

    /// <summary>Maps both checks.</summary>
    public static void MapPostCheck(this RouteGroupBuilder site)
    {
        var posts = site.MapGroup("/posts").WithTags("Posts");
        posts.MapPost("/check", Check).Needs(SiteRole.Contributor).WithName("checkPost").WithSummary("What is worth another look before publishing.");
        posts.MapPost("/check-links", CheckLinks).Needs(SiteRole.Contributor).WithName("checkPostLinks").WithSummary("Opens every link of a post, and tells which fail.");
    }

    private static async Task<Ok<List<PostFindingView>>> Check(long site, long? post, PostRequest request, AntiphonContext database, CancellationToken cancellation)
    {
        var titles = await database.Posts.Where(one => one.SiteId == site && one.BlogId == request.BlogId && one.Id != post).OrderByDescending(one => one.Id).Select(one => one.Title).Take(MostTitles).ToListAsync(cancellation);
        var draft = new PostDraft(
            request.Title ?? string.Empty, request.Slug ?? string.Empty, HtmlCleaner.ForPosts.Clean(request.BodyHtml), Said.OrNull(request.Excerpt), Said.OrNull(request.PictureAddress), Said.OrNull(request.PictureAlt), Said.OrNull(request.Category),
            request.Tags ?? [], titles);
        return TypedResults.Ok(PostCheck.Run(draft).Select(ViewOf).ToList());
    }

    private static async Task<Ok<List<PostFindingView>>> CheckLinks(long site, PostRequest request, GuardedClient client, CancellationToken cancellation)
    {
        var body = new HtmlParser().ParseDocument(HtmlCleaner.ForPosts.Clean(request.BodyHtml)).Body!;
        var addresses = body.QuerySelectorAll("a[href], img[src]").Select(element => element.GetAttribute("href") ?? element.GetAttribute("src"))
            .Append(request.PictureAddress).Append(request.AboutAddress).Where(LinkResolver.IsWeb).Distinct().Take(MostLinks).ToList();
        var answers = await Task.WhenAll(addresses.Select(async address => (Address: address!, Answer: await client.GetAsync(new Uri(address!), cancellation: cancellation))));
        // A page larger than what is read here is there all the same.
        var broken = answers.Where(one => one.Answer.Problem is not null and not FetchProblem.TooLarge);
        return TypedResults.Ok(broken.Select(one => ViewOf(new PostFinding(
            PostRules.LinkBroken, "bodyHtml", [Shortened.ToLength(one.Address, LongestAddress), FetchWords.For(one.Answer.Problem!.Value, one.Answer.Detail)]))).ToList());
    }

    private static PostFindingView ViewOf(PostFinding finding) => new(finding.Rule.Id, finding.Rule.Severity, finding.Field, finding.Message, finding.Rule.Fix);
}

/// <summary>A finding about a post, in words.</summary>
/// <param name="Rule">Id of the rule.</param>
/// <param name="Severity">How much it matters; only an error keeps from publishing.</param>
/// <param name="Field">The field it is about.</param>
/// <param name="Message">What is wrong.</param>
/// <param name="Fix">What to do.</param>
internal sealed record PostFindingView(string Rule, Severity Severity, string Field, string Message, string Fix);
