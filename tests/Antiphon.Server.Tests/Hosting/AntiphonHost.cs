using System.Net.Http.Headers;
using Antiphon.Data;
using Antiphon.Tests;
using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Mvc.Testing;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;

namespace Antiphon.Server.Tests.Hosting;

/// <summary>
/// The real server on a free port with a database file of its own. The owner, a site and a blog written here are there
/// already.
/// </summary>
public sealed class AntiphonHost : WebApplicationFactory<Program>, IAsyncLifetime
{
    /// <summary>Password of everybody in the tests.</summary>
    public const string Password = "clear nights";

    private readonly TemporaryFolder _data = new();
    private readonly int _port = FreePorts.Take(1)[0];
    private readonly Dictionary<string, string> _settings = [];
    private string? _database;

    /// <summary>Where it listens.</summary>
    public Uri Address => new($"http://127.0.0.1:{_port}/");

    /// <summary>The owner's client, signed in by token.</summary>
    public HttpClient Owner { get; private set; } = null!;

    /// <summary>The site's id.</summary>
    public long Site { get; private set; }

    /// <summary>A blog written here.</summary>
    public long Blog { get; private set; }

    /// <summary>Folder of its data.</summary>
    public string Data => _data.Path;

    /// <summary>Path of the site's API, with trailing slash.</summary>
    public string Api => $"api/sites/{Site}/";

    /// <summary>Sets a configuration value before the start.</summary>
    public AntiphonHost With(string name, string value)
    {
        _settings[name] = value;
        return this;
    }

    /// <summary>Begins with a copy of this database of the demo instead of an empty one.</summary>
    public AntiphonHost From(string database)
    {
        _database = database;
        return this;
    }

    /// <summary>Starts the server and makes owner, site and blog.</summary>
    public async Task InitializeAsync()
    {
        if (_database is null)
            await EmptyDatabase.PlaceAsync(_data.Path);
        else
            File.Copy(_database, Path.Combine(_data.Path, "antiphon.db"));
        UseKestrel(_port);
        StartServer();
        if (_database is null)
            await SetUpAsync();
        else
            Owner = WithToken("demo-token");
    }

    private async Task SetUpAsync()
    {
        using var first = new Visitor(Address);
        await first.PostAsync(
            "api/setup",
            new
            {
                name = "Imogen Tarrant",
                mail = "imogen@quillmoor.example",
                password = Password,
                key = await File.ReadAllTextAsync(Path.Combine(_data.Path, "setup-key")),
            }
        );
        var token = await first.PostAsync("api/tokens", new { name = "tests" });
        Owner = WithToken(token.Text("token"));
        await FreshSiteAsync();
    }

    /// <summary>
    /// Makes another site with a blog, which the host's own properties then mean; what earlier tests made stays where
    /// it is.
    /// </summary>
    public async Task FreshSiteAsync()
    {
        Site = (
            await Owner.PostJsonAsync(
                "api/sites",
                new
                {
                    name = "Quillmoor Observatory",
                    address = "https://quillmoor.example/",
                    timeZone = "Europe/London",
                    language = "en-GB",
                }
            )
        ).Number("id");
        Blog = (await Owner.PostJsonAsync(Api + "blogs", new { name = "The Night Log" })).Number("id");
    }

    /// <summary>Removes every site with all that belongs to it, and makes another.</summary>
    public async Task StartAnewAsync()
    {
        await InDatabaseAsync(database => database.Sites.ExecuteDeleteAsync());
        await FreshSiteAsync();
    }

    /// <summary>A client that sends a token and follows no redirects.</summary>
    public HttpClient WithToken(string token)
    {
        var client = Plain();
        client.DefaultRequestHeaders.Authorization = new AuthenticationHeaderValue("Bearer", token);
        return client;
    }

    /// <summary>A client that is nobody.</summary>
    public HttpClient Plain() =>
        new(new SocketsHttpHandler { AllowAutoRedirect = false, UseCookies = false }) { BaseAddress = Address };

    /// <summary>Looks into the database.</summary>
    public async Task<T> InDatabaseAsync<T>(Func<AntiphonContext, Task<T>> look)
    {
        await using var context = await Services
            .GetRequiredService<IDbContextFactory<AntiphonContext>>()
            .CreateDbContextAsync();
        return await look(context);
    }

    /// <summary>Does something with a service of the server, in a scope of its own.</summary>
    public async Task WithServiceAsync<T>(Func<T, Task> act)
        where T : notnull
    {
        await using var scope = Services.CreateAsyncScope();
        await act(scope.ServiceProvider.GetRequiredService<T>());
    }

    /// <summary>Writes a post and gives its view.</summary>
    public Task<Json> WriteAsync(string title, string status = "published", string body = "<p>Clear from nine.</p>") =>
        Owner.PostJsonAsync(
            Api + "posts",
            new
            {
                blogId = Blog,
                title,
                bodyHtml = body,
                status,
                revision = 0,
            }
        );

    /// <summary>Builds a listing of the blog and gives its view.</summary>
    public Task<Json> ListAsync(int count = 3, string? page = null) =>
        Owner.PostJsonAsync(
            Api + "listings",
            new
            {
                name = "Latest nights",
                definition = Definition(count),
                pageAddress = page,
            }
        );

    /// <summary>A definition showing the blog.</summary>
    public object Definition(int count = 3) =>
        new
        {
            blogs = new[] { Blog },
            count,
            order = "newest",
            layout = "lines",
            heading = "Latest nights",
            details = new
            {
                picture = true,
                excerpt = true,
                date = true,
                author = true,
                category = true,
            },
        };

    async Task IAsyncLifetime.DisposeAsync()
    {
        Owner?.Dispose();
        await DisposeAsync();
        _data.Dispose();
    }

    /// <inheritdoc/>
    protected override void ConfigureWebHost(IWebHostBuilder builder)
    {
        builder.UseEnvironment("Production");
        builder.UseSetting("Antiphon:DataDirectory", _data.Path);
        builder.UseSetting("Antiphon:PublicAddress", Address.AbsoluteUri);
        builder.UseSetting("Delivery:LookEverySeconds", "1");
        builder.UseSetting("Logging:LogLevel:Default", "Warning");
        foreach (var (name, value) in _settings)
            builder.UseSetting(name, value);
    }
}
