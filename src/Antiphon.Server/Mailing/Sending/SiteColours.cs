using Antiphon.Core.Mailing.Digests;
using Antiphon.Data;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Mailing.Sending;

/// <summary>
/// The look of a site's digests: what a digest says itself, then the pages of its first blog, then the look its
/// listings share, then ours.
/// </summary>
internal sealed class SiteColours(AntiphonContext database)
{
    /// <summary>The look with nothing left open.</summary>
    public async Task<DigestColours> OfAsync(long site, DigestColours own, CancellationToken cancellation)
    {
        var page = await database
            .Blogs.AsNoTracking()
            .Where(blog => blog.SiteId == site && blog.Following == null)
            .OrderBy(blog => blog.Id)
            .Select(blog => blog.PageLook)
            .FirstOrDefaultAsync(cancellation);
        var shared = await database
            .Looks.AsNoTracking()
            .Where(look => look.SiteId == site)
            .OrderBy(look => look.Id)
            .Select(look => look.Definition)
            .FirstOrDefaultAsync(cancellation);
        var colours = own.Understood();
        if (page is not null)
            colours = colours.Or(
                new DigestColours(
                    page.Colours.Background,
                    page.Colours.Text,
                    page.Colours.Accent ?? page.Colours.Link,
                    page.HeadingType.Family,
                    page.TextType.Family
                ).Understood()
            );
        if (shared is not null)
            colours = colours.Or(
                new DigestColours(
                    shared.Colours.Background,
                    shared.Colours.Text,
                    shared.Colours.Accent ?? shared.Colours.Link,
                    shared.TitleType.Family,
                    shared.ExcerptType.Family
                ).Understood()
            );
        return colours.Or(DigestColours.Usual);
    }
}
