using Antiphon.Data;
using Antiphon.Data.Sites;
using Antiphon.Server.Demo.Scenario;
using Antiphon.Server.Pictures;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Demo;

/// <summary>The library of the scenario, and the posts that use it.</summary>
internal sealed class DemoPictures(AntiphonContext database, PictureLibrary library)
{
    // The last two stand for what is still to do: nobody has said yet what they show.
    private static readonly (string Kind, string Name, string Alt, string? Post)[] Pictures =
    [
        ("stars", "double-cluster.jpg", "A field of stars above three dark hills", "Open dome evening"),
        (
            "meteors",
            "leonids-car-park.jpg",
            "Eleven meteor trails over the moor, all from the same side",
            "Leonids: three hours"
        ),
        ("moon", "moon-and-ash.jpg", "A nearly full moon above the hills", "The moon behind the ash tree"),
        ("dome", "dome-at-dusk.jpg", "The white dome, its slit open, under the first stars", "A dome that turns"),
        ("trails", "pole-two-hours.jpg", "Star trails circling the pole", "The night the power failed"),
        ("moon", "harvest-moon.jpg", "A large moon low over the quarry", "Harvest moon"),
        ("stars", "winter-sky.jpg", "", null),
        ("dome", "dome-winter.jpg", "", null),
    ];

    /// <summary>Adds the pictures and puts them into their posts.</summary>
    public async Task AddAsync(Site site)
    {
        var number = 0;
        foreach (var (kind, name, alt, title) in Pictures)
        {
            var (picture, _) = await library.AddAsync(
                site.Id,
                name,
                NightPicture.Draw(kind, number++),
                alt,
                null,
                CancellationToken.None
            );
            if (title is null)
                continue;
            var post = await database.Posts.FirstAsync(row => row.SiteId == site.Id && row.Title.StartsWith(title));
            (post.PictureAddress, post.PictureAlt) = (library.AddressOf(picture!), alt);
        }

        await database.SaveChangesAsync();
    }
}
