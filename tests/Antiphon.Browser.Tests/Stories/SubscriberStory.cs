using Antiphon.Browser.Tests.Driving;

namespace Antiphon.Browser.Tests.Stories;

/// <summary>An owner brings a list of subscribers along.</summary>
[Collection("demo")]
public sealed class SubscriberStory(DemoInstallation demo)
{
    [Fact]
    public async Task A_list_says_what_it_brings_before_it_is_taken()
    {
        var list = Path.Combine(Path.GetTempPath(), $"{Guid.NewGuid():N}.csv");
        await File.WriteAllTextAsync(
            list,
            "Name,E-mail\nAda Furness,ada.furness@tarnmail.example\nAda Furness,ada.furness@tarnmail.example\nNobody,nowhere\nHal Brigg,hal.brigg@tarnmail.example\n"
        );
        try
        {
            var owner = demo.SignedIn();
            owner
                .Open(new Uri(demo.Workplace, "readers"))
                .Press("Import")
                .Attach("input[type=file]", list)
                .Sees("2 new subscribers")
                .Sees("Line 4: “nowhere”, no email address");
            owner.Press("Add 2 subscribers").Sees("how these people consented");
            owner
                .Fill("input[placeholder^='Signed the list']", "Open evening")
                .Press("Add 2 subscribers")
                .Sees("2 subscribers added");
            owner
                .Open(new Uri(demo.Workplace, "readers?search=tarnmail"))
                .Sees("hal.brigg@tarnmail.example")
                .Sees("import: Open evening");
        }
        finally
        {
            File.Delete(list);
        }
    }
}
