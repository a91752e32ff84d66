using System.Text;
using Antiphon.Server.Tests.Hosting;

namespace Antiphon.Server.Tests.Subscribers;

/// <summary>Lists of subscribers, out and in.</summary>
public sealed class SubscriberListTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    [Fact]
    public async Task A_list_is_tried_first_then_taken_and_never_brings_back_who_left()
    {
        await host.FreshSiteAsync();
        await host.Owner.PostJsonAsync(
            $"{host.Api}subscribers",
            new { mail = "ida@fellside.example", reason = "Asked at the gate" }
        );
        await host.Owner.PostJsonAsync($"{host.Api}subscribers", new { mail = "wilf@fellside.example" });
        var wilf = (await ListedAsync()).Single(one => one.Text("mail").StartsWith("wilf", StringComparison.Ordinal));
        (
            await host.Owner.PostAsync($"{host.Api}subscribers/{wilf.Number("id")}/leave", null)
        ).EnsureSuccessStatusCode();
        const string List =
            "Mail;Name\nida@fellside.example;Ida\nWILF@fellside.example;Wilf\njoan@fellside.example;Joan\njoan@fellside.example;Joan again\nnobody;Nobody\n";
        var trial = await SendAsync(Encoding.UTF8.GetBytes(List), "trial=true");
        Assert.Equal(
            (1, 1, 1, 1, 1),
            (
                trial.Number("new"),
                trial.Number("known"),
                trial.Number("left"),
                trial.Number("twice"),
                trial.Number("noAddress")
            )
        );
        Assert.Equal(2, (await ListedAsync()).Count);
        var taken = await SendAsync(Encoding.UTF8.GetBytes(List), "reason=Open%20evening");
        Assert.Equal(1, taken.Number("new"));
        var joan = (await ListedAsync()).Single(one => one.Text("mail") == "joan@fellside.example");
        Assert.Equal(("Joan", "list", "Open evening"), (joan.Text("name"), joan.Text("origin"), joan.Text("reason")));
        Assert.Equal(0, (await SendAsync(Encoding.UTF8.GetBytes(List), "reason=again")).Number("new"));
        var csv = await host.Owner.GetStringAsync($"{host.Api}subscribers/list.csv");
        Assert.Contains("ida@fellside.example,,", csv, StringComparison.Ordinal);
        Assert.Contains("hand,Asked at the gate", csv, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("mail\n", "reason=x", "file")]
    [InlineData("a,b\n1,2\n", "reason=x", "mail")]
    [InlineData("mail\na@x.example\n", "", "reason")]
    public async Task What_is_missing_is_named(string csv, string query, string field)
    {
        await host.FreshSiteAsync();
        using var body = new ByteArrayContent(Encoding.UTF8.GetBytes(csv));
        var problem = await (await host.Owner.PostAsync($"{host.Api}subscribers/list?{query}", body)).ProblemAsync(
            System.Net.HttpStatusCode.BadRequest
        );
        Assert.Equal([field], problem.Names("errors"));
    }

    [Fact]
    public async Task A_long_list_in_another_encoding_is_taken_whole()
    {
        await host.FreshSiteAsync();
        var list = new StringBuilder("Adresse;Nom\r\n");
        for (var at = 0; at < 20_000; at++)
            list.Append(System.Globalization.CultureInfo.InvariantCulture, $"reader{at}@fellside.example;Zoé {at}\r\n");
        Assert.Equal(
            20_000,
            (await SendAsync(Encoding.Latin1.GetBytes(list.ToString()), "reason=Brought%20along")).Number("new")
        );
        Assert.Equal(20_000, (await host.Owner.GetJsonAsync($"{host.Api}subscribers")).Number("active"));
        Assert.Equal("Zoé 19999", (await ListedAsync())[0].Text("name"));
    }

    private async Task<IReadOnlyList<Json>> ListedAsync() =>
        (await host.Owner.GetJsonAsync($"{host.Api}subscribers")).Items("subscribers");

    private async Task<Json> SendAsync(byte[] list, string query)
    {
        using var body = new ByteArrayContent(list);
        return await HttpTalk.GoodAsync(await host.Owner.PostAsync($"{host.Api}subscribers/list?{query}", body));
    }
}
