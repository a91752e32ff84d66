using Antiphon.Browser.Tests.Driving;

namespace Antiphon.Browser.Tests.Stories;

/// <summary>The workplace in another language: chosen, kept, and nothing sticks out.</summary>
[Collection("another demo")]
public sealed class LanguageStory(DemoInstallation demo)
{
    // English at 1.4 times its length stands for languages nobody has translated to yet.
    private const string Longer = "en-x-longer";

    [Fact]
    public void A_language_is_chosen_in_the_menu_and_kept()
    {
        using var browser = demo.SignedIn();
        browser
            .Open(demo.Workplace)
            .Sees("Coverage")
            .Press("Imogen Tarrant: account")
            .Press("Deutsch")
            .Sees("Verbreitung")
            .Sees("Beitrag schreiben");
        Assert.Equal("de", browser.Run("return document.documentElement.lang"));
        browser.Open(new Uri(demo.Workplace, "comments/rules")).Sees("Moderationsregeln").Sees("Regel hinzufügen");
        Accessibility.Check(browser);
        browser.Press("Imogen Tarrant: Konto").Press("English").Sees("Moderation rules");
    }

    [Theory]
    [InlineData("de", 1280, 800)]
    [InlineData("de", 390, 844)]
    [InlineData(Longer, 1280, 800)]
    [InlineData(Longer, 390, 844)]
    public void Nothing_sticks_out_of_a_screen(string language, int width, int height)
    {
        using var browser = demo.SignedIn(width: width, height: height);
        browser.Open(demo.Workplace).Run($"localStorage.setItem('antiphon-language','{language}')");
        var faults = new List<string>();
        foreach (var screen in ScreensStory.Screens)
        {
            browser.Open(new Uri(demo.Workplace, (string)screen[0]));
            browser.Until($"{screen[0]} to be filled", _ =>
                browser.Run(
                    "return document.querySelector('h1') && !document.querySelector('.waiting') ? 'filled' : null"
                ) as string
            );
            var found = (string)
                browser.Run(
                    """
                    const all = [...document.querySelectorAll('.v-btn__content, .tag, .chip, h1, h2, th')];
                    const cut = all.filter((one) => one.checkVisibility() && one.scrollWidth > one.clientWidth + 1 && one.clientWidth > 0);
                    const wide = document.documentElement.scrollWidth > innerWidth ? [`${document.documentElement.scrollWidth} px wide`] : [];
                    return [...wide, ...cut.map((one) => `“${one.textContent.trim()}” is cut`)].join('; ');
                    """
                )!;
            if (found.Length > 0)
                faults.Add($"{screen[0]}: {found}");
        }

        browser.Run("localStorage.removeItem('antiphon-language')");
        Assert.Equal([], faults);
    }
}
