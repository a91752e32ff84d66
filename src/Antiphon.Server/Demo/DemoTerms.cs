using Antiphon.Core.Posts.Fields;
using Antiphon.Data;
using Antiphon.Data.Blogs;
using Antiphon.Data.Posts;
using Antiphon.Data.Sites;

namespace Antiphon.Server.Demo;

/// <summary>Categories in their tree, authors and the log's own fields.</summary>
internal sealed class DemoTerms(AntiphonContext database)
{
    private static readonly (string Name, string? Above, string? Description)[] Categories =
    [
        ("Observing", null, "Everything that happened under the sky."),
        ("Night Log", "Observing", "One page for every night, clear or not."),
        ("Measurements", "Observing", "Numbers from the book with the green cover."),
        ("The house", null, null),
        ("Workshop", "The house", "What broke, and what we did about it."),
        ("Events", "The house", "Open nights, drawing evenings, volunteers."),
        ("Schools", "The house", null),
        ("Questions", null, "What visitors ask us most."),
    ];

    private static readonly (string Name, string About)[] Authors =
    [
        ("Imogen Tarrant", "Keeps the observatory and the log. Prefers the hour before dawn."),
        ("Dov Achterberg", "Mends what turns, grinds what does not, and writes down both."),
        ("Priya Lindqvist", "Answers letters and questions, mostly about the moon."),
    ];

    private static readonly OwnField[] Fields =
    [
        new("instrument", "Instrument", OwnFieldKind.Text, [], null, false, true),
        new("seeing", "Seeing", OwnFieldKind.Choice, ["poor", "fair", "good", "splendid"], null, false, true),
        new("object", "Object observed", OwnFieldKind.Text, [], null, false, true),
    ];

    private static readonly (string Title, string Instrument, string Seeing, string Object)[] Values =
    [
        ("Leonids", "By eye", "good", "Leonids"),
        ("The moon behind", "Field glass, 8 × 40", "fair", "Moon"),
        ("Saturn before", "Six-inch refractor", "splendid", "Saturn"),
        ("Andromeda", "By eye", "good", "M 31"),
    ];

    /// <summary>Adds them to the context.</summary>
    public void Add(Site site, Blog log, IReadOnlyCollection<Post> posts)
    {
        database.Categories.AddRange(
            Categories.Select(pair => new Category
            {
                SiteId = site.Id,
                Name = pair.Name,
                Above = pair.Above,
                Description = pair.Description,
            })
        );
        database.Authors.AddRange(
            Authors.Select(pair => new Author
            {
                SiteId = site.Id,
                Name = pair.Name,
                About = pair.About,
            })
        );
        database.Authors.Add(
            new Author
            {
                SiteId = site.Id,
                Name = "Ida Marsh",
                About = "A guest from the county group, who counts meteors and draws them.",
                Link = "https://ida-marsh.example/",
            }
        );
        database.BlogFields.AddRange(
            Fields.Select(
                (field, position) =>
                    new BlogField
                    {
                        Blog = log,
                        Position = position,
                        Definition = field,
                    }
            )
        );
        foreach (var (title, instrument, seeing, seen) in Values)
        {
            var post = posts.First(row => row.Title.StartsWith(title, StringComparison.Ordinal));
            post.OwnValues = [new("instrument", instrument), new("seeing", seeing), new("object", seen)];
        }
    }
}
