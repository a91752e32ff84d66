using Antiphon.Browser.Tests.Driving;

namespace Antiphon.Browser.Tests.Stories;

/// <summary>An empty installation.</summary>
public sealed class FirstStartStory : IAsyncLifetime
{
    private Installation _installation = null!;

    public async Task InitializeAsync() => _installation = await Installation.StartAsync(demo: false);

    public async Task DisposeAsync() => await _installation.DisposeAsync();

    [Fact]
    public void The_first_screen_creates_the_owner_and_leads_to_a_site_and_a_blog()
    {
        using var owner = new BrowserWindow();
        owner
            .Open(_installation.Address)
            .Sees("Create the owner account")
            .Fill("input[name=name]", "Imogen Tarrant")
            .Fill("input[name=mail]", "imogen@quillmoor.example")
            .Fill("input[name=key]", "guessed")
            .Fill("input[name=password]", "short")
            .Press("Create account")
            .Sees("Use at least ten characters")
            .Fill("input[name=password]", "the dome turns quietly")
            .Press("Create account")
            .Sees("not the set-up key")
            .Fill("input[name=key]", _installation.SetupKey)
            .Press("Create account")
            .Sees("Add your website");
        AddSiteAndBlog(owner);
    }

    [Theory]
    [InlineData(1280, 800)]
    [InlineData(390, 844)]
    public void Screens_with_nothing_on_them_say_so_clear_of_the_edge(int width, int height)
    {
        using var owner = new BrowserWindow(width, height);
        SignUp(owner).Sees("Add your website");
        AddSiteAndBlog(owner);
        var site = new Uri(owner.Address, "../1/");
        foreach (
            var path in new[]
            {
                "posts",
                "posts/pictures",
                "listings",
                "feeds?tab=followed",
                "feeds?tab=partners",
                "mentions",
                "comments",
                "comments/record",
                "comments/marks",
                "readers",
                "readers/segments",
                "readers/forms",
                "channels/mail",
                "channels/arrivals",
            }
        )
        {
            owner.Open(new Uri(site, path));
            var said = owner.Find(".empty :is(h2, p), p.empty");
            Assert.True(owner.Find(".empty").Text.Length > 10, $"{path} says nothing");
            Assert.InRange(said.Location.X, 16, width);
            Assert.InRange(said.Location.X + said.Size.Width, 0, width);
        }
    }

    [Fact]
    public void Bad_addresses_get_distinct_words_and_keep_what_was_typed()
    {
        using var owner = new BrowserWindow();
        SignUp(owner)
            .Sees("Add your website")
            .Fill("input[name=name]", "Quillmoor")
            .Fill("input[name=address]", _installation.World.Website.AbsoluteUri)
            .Press("Add site")
            .Sees("Blog, post or feed address");
        var world = _installation.World.World;
        foreach (
            var (address, words) in new[]
            {
                (new Uri(world, "village/").AbsoluteUri, "No feed found"),
                (new Uri(world, "nothing-here").AbsoluteUri, "error 404"),
                ("http://10.0.0.1/", "Private network"),
                ("ftp://bench.example", "Enter a web address such as"),
            }
        )
        {
            owner.Fill("input[name=address]", address).Press("Find feed").Sees(words);
            Assert.Equal(address, owner.Find("input[name=address]").GetDomProperty("value"));
        }
    }

    private BrowserWindow SignUp(BrowserWindow owner) =>
        owner
            .Open(new Uri(_installation.Address, $"setup?key={_installation.SetupKey}"))
            .Fill("input[name=name]", "Imogen")
            .Fill("input[name=mail]", "imogen@quillmoor.example")
            .Fill("input[name=password]", "the dome turns quietly")
            .Press("Create account");

    private void AddSiteAndBlog(BrowserWindow owner)
    {
        owner
            .Fill("input[name=name]", "Quillmoor Observatory")
            .Fill("input[name=address]", _installation.World.Website.AbsoluteUri)
            .Press("Add site");
        owner
            .Sees("Connect a blog")
            .Press("Start a new blog")
            .Fill("input[name=blog]", "The Night Log")
            .Press("Create blog")
            .Sees("is ready to be written");
    }
}
