using System.Text;
using System.Text.Json.Nodes;
using Antiphon.Browser.Tests.Driving;
using Antiphon.Tests;

namespace Antiphon.Browser.Tests.Stories;

/// <summary>
/// Mail from both ends: a reader subscribes, receives and leaves; an owner makes a digest and watches it go out.
/// </summary>
[Collection("demo")]
public sealed class DigestStory(DemoInstallation demo)
{
    private const string Form = "document.querySelector('[data-antiphon-form]').shadowRoot";

    private OutsideWorld World => demo.Installation.World;

    [Fact]
    public async Task A_reader_subscribes_on_the_page_confirms_receives_and_leaves_in_one_click()
    {
        var mail = $"{Guid.NewGuid():N}@tarnmail.example";
        using var reader = new BrowserWindow();
        reader.Open(new Uri(World.Website, "visit"));
        reader.Until("the form of the page", _ =>
            reader.Run(
                $"return !!document.querySelector('[data-antiphon-form]')?.shadowRoot?.querySelector('input[type=email]')"
            )
                is true
                ? reader
                : null
        );
        reader.Run(
            $"const f={Form}; f.querySelector('input[name=mail]').value=arguments[0]; f.querySelector('input[name=name]').value='Ada Furness'; f.querySelector('input[name=category][value=Events]').click(); f.querySelector('input[name=consent]').click(); f.querySelector('button[part=button]').click()",
            mail
        );
        reader.Until("the answer", _ =>
            (reader.Run($"return {Form}.querySelector('.antiphon-said')?.textContent") as string)?.Contains(
                "confirmation email",
                StringComparison.Ordinal
            ) == true
                ? reader
                : null
        );
        reader
            .Open(new Uri(LinkIn(await MailAsync(mail, "Confirm your subscription"), "/subscribe/")))
            .Press("Yes, send me new posts")
            .Sees("You are subscribed");
        await demo.WriteAsync("The gate is mended", category: "Events");
        await demo.WriteAsync("A table of sky brightness", category: "Measurements");
        var received = await MailAsync(mail, "The gate is mended");
        // Only what was chosen comes.
        Assert.DoesNotContain(await World.MailsAsync(), one =>
            one.To == mail && one.Subject == "A table of sky brightness"
        );
        reader
            .Open(new Uri(LinkIn(received, "/preferences/")))
            .Sees("Your emails from Quillmoor Observatory")
            .Click("input[value='Workshop']")
            .Press("Save")
            .Sees("Saved.");
        Accessibility.Check(reader);
        var leave = MimeKit.MimeMessage.Load(new MemoryStream(Encoding.Latin1.GetBytes(received))).Headers[
            "List-Unsubscribe"
        ]!.Trim('<', '>', ' ');
        using var program = new HttpClient();
        (
            await program.PostAsync(new Uri(leave), new FormUrlEncodedContent([new("List-Unsubscribe", "One-Click")]))
        ).EnsureSuccessStatusCode();
        demo.SignedIn()
            .Open(new Uri(demo.Workplace, $"readers?search={mail}"))
            .Sees("Unsubscribed")
            .Sees("Below the visiting hours");
    }

    [Fact]
    public async Task A_form_works_without_script()
    {
        var mail = $"{Guid.NewGuid():N}@tarnmail.example";
        using var reader = new BrowserWindow(scripts: false);
        reader
            .Open(new Uri(World.Website, "visit"))
            .Fill("input[name=mail]", mail)
            .Click("input[name=consent]")
            .Press("Write to me")
            .Sees("Check your inbox");
        await MailAsync(mail, "Confirm your subscription");
    }

    [Fact]
    public async Task An_owner_makes_a_digest_sees_it_tries_it_and_pauses_its_sending()
    {
        var owner = demo.SignedIn();
        owner.Open(new Uri(demo.Workplace, "channels/mail/new")).Sees("No new posts yet").Sees("Checks before sending");
        var name = $"Letter {Guid.NewGuid().ToString("N")[..6]}";
        owner.Press("Create digest").Sees("Enter a name");
        owner
            .Fill(".questions input", name)
            .Fill("input[name=subject]", "Letter: {title}")
            .Press("Create digest")
            .Sees($"“{name}” created.")
            .Press("Plain text")
            .Sees("Unsubscribe: https://mail.invalid/leave");
        owner.Press("Send me a test").Sees("Test sent to imogen@quillmoor.example");
        Assert.Contains(await World.MailsAsync(), one => one.To == "imogen@quillmoor.example");
        var title = $"Cloud until ten {Guid.NewGuid().ToString("N")[..6]}";
        await demo.WriteAsync(title, category: "Events");
        await OutboxIsEmptyAsync();
        await World.MailAsync(delay: 400);
        try
        {
            owner.Open(owner.Address).Press("Send 1 post now").Sees("Sending.");
            owner
                .Open(new Uri(demo.Workplace, $"channels/mail?edition={await EditionAsync(name)}"))
                .Press("Pause the sending")
                .Sees("Resume sending");
        }
        finally
        {
            await World.MailAsync();
        }

        await Eventually.TrueAsync("what was begun", async () => await OpenAsync("sending") == 0);
        var before = (await World.MailsAsync()).Count(one => one.Subject == $"Letter: {title}");
        Assert.True(await OpenAsync("queued") > 0, "The pause came too late to hold anything.");
        owner.Press("Resume sending").NoLongerSees("Cancel unsent emails");
        await OutboxIsEmptyAsync();
        var after = (await World.MailsAsync())
            .Where(one => one.Subject == $"Letter: {title}")
            .Select(one => one.To)
            .ToList();
        Assert.True(after.Count > before);
        Assert.Equal(after.Count, after.Distinct().Count());
        Assert.Equal((await DeliveriesAsync(name)).Count, after.Count);
        owner.Open(new Uri(demo.Workplace, "channels/mail")).Sees(name);
        Accessibility.Check(owner);

        async Task<int> OpenAsync(string state) =>
            (await DeliveriesAsync(name)).Count(one => (string)one!["state"]! == state);
    }

    [Fact]
    public void Mail_reads_on_a_phone()
    {
        var owner = demo.SignedIn("imogen", 390, 844);
        owner
            .Open(new Uri(demo.Workplace, "channels/mail"))
            .Sees("Sent emails")
            .Click(".line")
            .Sees("Recipients")
            .Press("Close")
            .Sees("Sent emails");
        Accessibility.Check(owner);
    }

    private async Task<string> MailAsync(string to, string subject)
    {
        var mail = await Eventually.IsAsync(
            $"the mail “{subject}”",
            async () =>
                (await World.MailsAsync()).FirstOrDefault(one =>
                    one.To == to && one.Subject.Contains(subject, StringComparison.Ordinal)
                ),
            one => one is not null
        );
        return await World.SourceAsync(mail!);
    }

    private static string LinkIn(string source, string path)
    {
        var text = MimeKit.MimeMessage.Load(new MemoryStream(Encoding.Latin1.GetBytes(source))).TextBody!;
        return text.Split((char[]?)null, StringSplitOptions.RemoveEmptyEntries)
            .First(word => word.Contains(path, StringComparison.Ordinal));
    }

    private async Task<long> EditionAsync(string digest)
    {
        var found = await Eventually.IsAsync(
            "the edition",
            async () =>
                (await demo.AskAsync("api/sites/1/channels/editions"))["editions"]!
                    .AsArray()
                    .FirstOrDefault(one => (string)one!["digest"]! == digest),
            one => one is not null
        );
        return (long)found!["id"]!;
    }

    private async Task<JsonArray> DeliveriesAsync(string digest)
    {
        return (await demo.AskAsync($"api/sites/1/channels/editions/{await EditionAsync(digest)}/deliveries"))[
            "deliveries"
        ]!.AsArray();
    }

    private async Task OutboxIsEmptyAsync()
    {
        await Eventually.TrueAsync("the outbox to be empty", async () =>
            (int)(await demo.AskAsync("api/sites/1/channels/mail"))["open"]! == 0
            && (await demo.AskAsync("api/sites/1/channels/editions"))["editions"]!
                .AsArray()
                .All(one => (string)one!["state"]! is "sent" or "cancelled")
        );
    }
}
