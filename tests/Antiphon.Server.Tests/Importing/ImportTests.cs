using System.IO.Compression;
using System.Net;
using System.Text;
using Antiphon.Server.Tests.Hosting;
using Antiphon.Server.Tests.Pictures;
using Antiphon.Tests;
using Microsoft.AspNetCore.Http;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Tests.Importing;

/// <summary>Bringing posts in over real HTTP, from the file to taking it back.</summary>
public sealed class ImportTests(PictureHost hosts) : IClassFixture<PictureHost>
{
    private readonly AntiphonHost _host = hosts.Host;

    [Fact]
    public async Task A_table_is_read_tried_brought_in_and_taken_back()
    {
        var blog = await BlogAsync();
        var import = await UploadAsync(
            blog,
            "log.csv",
            "Title;Text;Datum;Schlagworte\nFrost;\"<p>a</p><p></p>\";24.11.2025;cold|rime\n;no title;24.11.2025;\nFog;b;soon;\nThaw;c;1.12.2025;"
        );
        var plan = import.Root!["plan"]!;
        Assert.Equal(
            ["title", "body", "date", "tags"],
            import.Items("plan.columns").Select(item => item.Text("target"))
        );
        Assert.Equal(
            ("dayFirst", "|", "Frost"),
            (import.Text("plan.dateForm"), import.Text("plan.listSeparator"), import.Text("columns.0.samples.0"))
        );
        var path = $"{_host.Api}imports/{import.Number("summary.id")}";
        var trial = await _host.Owner.PostJsonAsync(path + "/trial", plan);
        Assert.Equal(
            (2, 0, 2, 1),
            (trial.Number("make"), trial.Number("skip"), trial.Number("refuse"), trial.Number("tidied"))
        );
        Assert.Equal(
            [(2L, "refuse"), (3L, "refuse"), (1L, "make")],
            trial.Items("rows").Take(3).Select(row => (row.Number("number"), row.Text("outcome")))
        );
        await _host.Owner.PostJsonAsync(path + "/start", new { plan });
        var done = await DoneAsync(path);
        Assert.Equal(
            (4, 2, 2),
            (done.Number("summary.done"), done.Number("summary.made"), done.Number("summary.refused"))
        );
        Assert.Contains(
            "“soon” is not a recognised date",
            done.Items("notes").Single(note => note.Number("row") == 3).Text("reason"),
            StringComparison.Ordinal
        );
        var posts = (await _host.Owner.GetJsonAsync($"{_host.Api}posts?blog={blog}&sort=oldest")).Items("posts");
        Assert.Equal(["Frost", "Thaw"], posts.Select(post => post.Text("title")));
        Assert.Equal(HttpStatusCode.OK, (await _host.Plain().GetAsync(posts[0].Text("address"))).StatusCode);
        Assert.Equal(0, await _host.InDatabaseAsync(database => database.Deliveries.CountAsync()));
        await _host.Owner.PutJsonAsync(
            $"{_host.Api}posts/{posts[1].Number("id")}",
            new
            {
                blogId = blog,
                title = "Thaw, at last",
                bodyHtml = "<p>c</p>",
                status = "published",
                revision = 1,
            }
        );
        var undone = await _host.Owner.PostJsonAsync(path + "/undo");
        Assert.Equal((1, 1), (undone.Number("posts"), undone.Number("kept")));
        Assert.Equal(
            ["Thaw, at last"],
            (await _host.Owner.GetJsonAsync($"{_host.Api}posts?blog={blog}"))
                .Items("posts")
                .Select(post => post.Text("title"))
        );
    }

    [Fact]
    public async Task The_same_table_brought_in_again_makes_nothing_twice()
    {
        var blog = await BlogAsync();
        const string Table = "id,title\n1,Frost\n2,Fog\n2,Fog again";
        var first = await BringInAsync(blog, "a.csv", Table);
        Assert.Equal((2, 1), (first.Number("summary.made"), first.Number("summary.skipped")));
        var second = await BringInAsync(blog, "b.csv", Table + "\n3,Thaw");
        Assert.Equal((1, 3), (second.Number("summary.made"), second.Number("summary.skipped")));
        var undone = await _host.Owner.PostJsonAsync($"{_host.Api}imports/{first.Number("summary.id")}/undo");
        Assert.Equal(2, undone.Number("posts"));
        Assert.Equal(2, (await BringInAsync(blog, "c.csv", Table)).Number("summary.made"));
    }

    [Fact]
    public async Task Two_thousand_rows_of_which_some_are_bad_come_in_with_a_word_for_each_bad_one()
    {
        var blog = await BlogAsync();
        var rows = Enumerable
            .Range(1, 2000)
            .Select(n => n % 33 == 0 ? $"{n},,2025-01-01" : $"{n},Night {n % 700},2025-01-01");
        var done = await BringInAsync(blog, "many.csv", string.Join('\n', ["id,title,date", .. rows]));
        Assert.Equal(
            (2000, 1940, 60),
            (done.Number("summary.done"), done.Number("summary.made"), done.Number("summary.refused"))
        );
        Assert.Equal(60, done.Items("notes").Count);
        Assert.Equal(
            1940,
            await _host.InDatabaseAsync(database =>
                database.Posts.Where(post => post.BlogId == blog).Select(post => post.Slug).Distinct().CountAsync()
            )
        );
    }

    [Theory]
    [InlineData("posts.json", "[{\"title\":\"Frost\",\"content\":\"x\"}]", "json")]
    [InlineData(
        "feed.xml",
        "<rss version=\"2.0\"><channel><title>t</title><item><title>Frost</title><description>x</description></item></channel></rss>",
        "feed"
    )]
    [InlineData("frost.md", "---\ntitle: Frost\n---\nx", "markdown")]
    [InlineData("frost.txt", "title\tdate\nFrost\t2025-01-01", "csv")]
    public async Task The_content_tells_what_a_file_is(string name, string content, string kind)
    {
        var import = await UploadAsync(await BlogAsync(), name, content);
        Assert.Equal((kind, 1), (import.Text("summary.kind"), import.Number("summary.rows")));
        Assert.Contains(
            "title",
            import.Items("plan.columns").Where(one => one.Has("target")).Select(one => one.Text("target"))
        );
    }

    [Fact]
    public async Task An_archive_of_markdown_files_is_brought_in()
    {
        using var memory = new MemoryStream();
        using (var archive = new ZipArchive(memory, ZipArchiveMode.Create, leaveOpen: true))
        {
            foreach (
                var (name, text) in new[]
                {
                    ("log/2025-01-02-frost.md", "---\ntitle: Frost\ntags: [cold]\n---\nIt *grows*."),
                    ("log/fog.md", "# Fog\n\nThick."),
                    ("readme.txt", "no"),
                }
            )
            {
                await using var entry = new StreamWriter(archive.CreateEntry(name).Open());
                await entry.WriteAsync(text);
            }
        }

        var blog = await BlogAsync();
        using var content = new ByteArrayContent(memory.ToArray());
        var import = await HttpTalk.GoodAsync(
            await _host.Owner.PostAsync($"{_host.Api}imports?blog={blog}&name=log.zip", content)
        );
        await StartAsync(import);
        var posts = (await _host.Owner.GetJsonAsync($"{_host.Api}posts?blog={blog}&sort=title")).Items("posts");
        Assert.Equal(["Fog", "Frost"], posts.Select(post => post.Text("title")));
        Assert.Equal(
            "<p>It <em>grows</em>.</p>",
            (await _host.Owner.GetJsonAsync($"{_host.Api}posts/{posts[1].Number("id")}")).Text("bodyHtml")
        );
    }

    [Fact]
    public async Task A_published_table_is_followed_like_a_feed()
    {
        var table = "id,title,text\n1,Frost,a\n2,Fog,b";
        hosts.Site.Answer = async http =>
        {
            http.Response.ContentType = "text/csv; charset=utf-8";
            await http.Response.WriteAsync(table);
        };
        var blog = await BlogAsync();
        var import = await _host.Owner.PostJsonAsync(
            $"{_host.Api}imports/from-address",
            new
            {
                kind = "csv",
                addresses = new[] { $"{hosts.Site.Address}log.csv" },
                blogId = blog,
            }
        );
        var path = $"{_host.Api}imports/{import.Number("summary.id")}";
        await _host.Owner.PostJsonAsync(path + "/start", new { plan = import.Root!["plan"], everyMinutes = 60 });
        await DoneAsync(path);
        table = "id,title,text\n1,Frost and rime,a\n3,Thaw,c";
        await _host.InDatabaseAsync(database =>
            database
                .Imports.Where(one => one.Id == import.Number("summary.id"))
                .ExecuteUpdateAsync(set => set.SetProperty(one => one.NextAt, DateTimeOffset.UtcNow.AddMinutes(-1)))
        );
        var again = await Eventually.IsAsync(
            "the second reading",
            () => _host.Owner.GetJsonAsync(path),
            one => one.Text("summary.state") == "done" && one.Number("summary.made") == 1
        );
        Assert.Equal(
            (1, 1),
            (again.Number("summary.changed"), again.Items("notes").Count(note => note.Text("outcome") == "vanished"))
        );
        Assert.Equal("Fog", again.Items("notes").Single(note => note.Text("outcome") == "vanished").Text("title"));
        Assert.Equal(
            ["Fog", "Frost and rime", "Thaw"],
            (await _host.Owner.GetJsonAsync($"{_host.Api}posts?blog={blog}&sort=title"))
                .Items("posts")
                .Select(post => post.Text("title"))
        );
        await _host.Owner.PostAsync(path + "/stop", null);
        Assert.False((await _host.Owner.GetJsonAsync(path)).Has("summary.everyMinutes"));
    }

    [Fact]
    public async Task Pages_are_read_and_their_pictures_fetched()
    {
        hosts.Site.Answer = async http =>
        {
            if (http.Request.Path == "/f.svg")
            {
                http.Response.ContentType = "image/svg+xml";
                await http.Response.WriteAsync(
                    "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 4 3\"><circle r=\"1\"/></svg>"
                );
                return;
            }

            http.Response.ContentType = "text/html";
            await http.Response.WriteAsync(
                "<title>Frost</title><article><h1>Frost</h1><p>It grows.</p><img src=\"/f.svg\" alt=\"F\"><img src=\"/gone.png\" alt=\"G\"></article>"
            );
        };
        var blog = await BlogAsync();
        var import = await _host.Owner.PostJsonAsync(
            $"{_host.Api}imports/from-address",
            new
            {
                kind = "pages",
                addresses = new[] { $"{hosts.Site.Address}frost" },
                blogId = blog,
            }
        );
        var done = await StartAsync(import);
        var post = (await _host.Owner.GetJsonAsync($"{_host.Api}posts?blog={blog}")).Items("posts").Single();
        var body = (await _host.Owner.GetJsonAsync($"{_host.Api}posts/{post.Number("id")}")).Text("bodyHtml");
        Assert.Contains("/pictures/", body, StringComparison.Ordinal);
        Assert.DoesNotContain("f.svg", body, StringComparison.Ordinal);
        Assert.Contains(done.Items("notes"), note =>
            note.Text("reason").Contains("stays where it is", StringComparison.Ordinal)
        );
    }

    [Theory]
    [InlineData("log.xlsx")]
    [InlineData("log.ods")]
    public async Task The_longest_sheet_is_taken_and_another_can_be_chosen(string name)
    {
        var blog = await BlogAsync();
        var sheets = name.EndsWith("ods", StringComparison.Ordinal) ? MadeSheets.OpenDocument() : MadeSheets.Excel();
        using var bytes = new ByteArrayContent(sheets);
        var import = await HttpTalk.GoodAsync(
            await _host.Owner.PostAsync($"{_host.Api}imports?blog={blog}&name={name}", bytes)
        );
        Assert.Equal(
            [("Moths", 1L), ("Night log", 2L)],
            import.Items("tables").Select(one => (one.Text("name"), one.Number("rows")))
        );
        Assert.Equal(("Night log", 2), (import.Text("plan.table"), import.Number("summary.rows")));
        Assert.Equal(["title", "body", "date"], import.Items("plan.columns").Select(item => item.Text("target")));
        var path = $"{_host.Api}imports/{import.Number("summary.id")}";
        var other = await _host.Owner.PostJsonAsync(path + "/table", new { name = "Moths" });
        Assert.Equal(
            ("Moths", 1, 1),
            (other.Text("plan.table"), other.Number("summary.rows"), other.Items("columns").Count)
        );
        Assert.Equal("Moths", (await _host.Owner.GetJsonAsync(path)).Text("plan.table"));
        await _host.Owner.RefusedAsync(path + "/table", new { name = "Owls" });
        await _host.Owner.PostJsonAsync(path + "/table", new { name = "Night log" });
        Assert.Equal(2, (await StartAsync(await _host.Owner.GetJsonAsync(path))).Number("summary.made"));
    }

    [Fact]
    public async Task The_table_of_a_page_is_followed_by_its_name()
    {
        hosts.Site.Say(
            "<table><caption>Moths</caption><tr><th>Title<th>Seen<tr><td>Hawk<td>1<tr><td>Owlet<td>2</table><table><caption>Log</caption><tr><th>Title<th>Link<tr><td><a href=\"/frost\">Frost</a><td>x</table>",
            "text/html"
        );
        var blog = await BlogAsync();
        var import = await _host.Owner.PostJsonAsync(
            $"{_host.Api}imports/from-address",
            new
            {
                kind = "csv",
                addresses = new[] { $"{hosts.Site.Address}tables" },
                blogId = blog,
            }
        );
        Assert.Equal("Moths", import.Text("plan.table"));
        var path = $"{_host.Api}imports/{import.Number("summary.id")}";
        var chosen = await _host.Owner.PostJsonAsync(path + "/table", new { name = "Log" });
        Assert.Contains("/frost", chosen.Text("columns.2.samples.0"), StringComparison.Ordinal);
        Assert.Equal(1, (await StartAsync(chosen)).Number("summary.made"));
    }

    [Theory]
    [InlineData("", "empty")]
    [InlineData("{\"a\":1}", "must contain a list of objects")]
    [InlineData("<html><body>x</body></html>", "no feed, and no page with a table")]
    [InlineData("title,text", "no rows")]
    [InlineData("PK\u0003\u0004broken", "damaged")]
    public async Task What_cannot_be_read_says_why(string content, string words)
    {
        using var bytes = new ByteArrayContent(Encoding.UTF8.GetBytes(content));
        var refusal = await (
            await _host.Owner.PostAsync($"{_host.Api}imports?blog={_host.Blog}&name=x", bytes)
        ).ProblemAsync(HttpStatusCode.BadRequest);
        Assert.Contains(words, refusal.Text("errors.file.0"), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData(StatusCodes.Status404NotFound, "404")]
    [InlineData(StatusCodes.Status403Forbidden, "403")]
    public async Task An_address_that_is_private_or_gone_is_told_plainly(int status, string words)
    {
        hosts.Site.Answer = http => Task.FromResult(http.Response.StatusCode = status);
        var refusal = await _host.Owner.RefusedAsync(
            $"{_host.Api}imports/from-address",
            new
            {
                kind = "csv",
                addresses = new[] { $"{hosts.Site.Address}gone.csv" },
                blogId = _host.Blog,
            }
        );
        Assert.Contains(words, refusal.Text("errors.addresses.0"), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_page_that_asks_to_sign_in_is_no_table()
    {
        hosts.Site.Say("<html><body>Sign in</body></html>", "text/html");
        var refusal = await _host.Owner.RefusedAsync(
            $"{_host.Api}imports/from-address",
            new
            {
                kind = "csv",
                addresses = new[] { $"{hosts.Site.Address}private" },
                blogId = _host.Blog,
            }
        );
        Assert.Contains("no table on this page", refusal.Text("errors.addresses.0"), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Without_a_column_of_titles_nothing_begins()
    {
        var import = await UploadAsync(await BlogAsync(), "x.csv", "a,b\n1,2");
        var plan = new
        {
            columns = new[] { new { column = "a", target = "body" } },
            dateForm = "standard",
            listSeparator = ",",
            asDrafts = false,
            fetchPictures = false,
            tidy = true,
        };
        Assert.Equal(
            ["columns"],
            (
                await _host.Owner.RefusedAsync($"{_host.Api}imports/{import.Number("summary.id")}/start", new { plan })
            ).Names("errors")
        );
    }

    [Fact]
    public async Task Names_come_in_a_table_of_their_own()
    {
        using var bytes = new ByteArrayContent(Encoding.UTF8.GetBytes("id;name\n12;Ida Marsh\n13;Wilf Ormerod"));
        Assert.Equal(
            "Ida Marsh",
            (await HttpTalk.GoodAsync(await _host.Owner.PostAsync($"{_host.Api}imports/names", bytes))).Text("12")
        );
    }

    private async Task<long> BlogAsync() =>
        (await _host.Owner.PostJsonAsync(_host.Api + "blogs", new { name = $"Imported {Guid.NewGuid():N}" })).Number(
            "id"
        );

    private async Task<Json> UploadAsync(long blog, string name, string content)
    {
        using var bytes = new ByteArrayContent(Encoding.UTF8.GetBytes(content));
        return await HttpTalk.GoodAsync(
            await _host.Owner.PostAsync($"{_host.Api}imports?blog={blog}&name={name}", bytes)
        );
    }

    private async Task<Json> BringInAsync(long blog, string name, string content) =>
        await StartAsync(await UploadAsync(blog, name, content));

    private async Task<Json> StartAsync(Json import)
    {
        var path = $"{_host.Api}imports/{import.Number("summary.id")}";
        await _host.Owner.PostJsonAsync(path + "/start", new { plan = import.Root!["plan"] });
        return await DoneAsync(path);
    }

    private Task<Json> DoneAsync(string path) =>
        Eventually.IsAsync(
            "the end of the import",
            () => _host.Owner.GetJsonAsync(path),
            one => one.Text("summary.state") == "done"
        );
}
