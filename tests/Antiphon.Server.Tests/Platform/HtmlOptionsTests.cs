using Antiphon.Core.Html.Trees;
using Antiphon.Server.Platform.Limits;
using Microsoft.Extensions.Configuration;

namespace Antiphon.Server.Tests.Platform;

/// <summary>How much HTML is taken in can be set, within what the machine bears.</summary>
public sealed class HtmlOptionsTests
{
    [Fact]
    public void What_is_set_holds_and_the_rest_stays()
    {
        var set = new ConfigurationBuilder()
            .AddInMemoryCollection(
                new Dictionary<string, string?>
                {
                    ["Html:Page:Nodes"] = "1234",
                    ["Html:Page:Depth"] = "9000",
                    ["Html:Page:Children"] = "-4",
                }
            )
            .Build()
            .GetSection("Html")
            .Get<HtmlOptions>()!;
        var page = set.Page.Over(HtmlLimits.Page);
        Assert.Equal(HtmlLimits.Page with { Nodes = 1234, Depth = HtmlLimits.DeepestAllowed, Children = 1 }, page);
        Assert.Equal(HtmlLimits.Text, set.Text.Over(HtmlLimits.Text));
    }
}
