using System.Text.RegularExpressions;
using Antiphon.Browser.Tests.Driving;
using Antiphon.Tests;
using OpenQA.Selenium;

namespace Antiphon.Browser.Tests.Stories;

/// <summary>Find anything: a screen, a post, or a setting, by its name or by another word for it.</summary>
[Collection("another demo")]
public sealed partial class FindStory(DemoInstallation demo)
{
    [Fact]
    public void A_setting_is_found_by_another_word_and_marked_where_it_stands()
    {
        using var browser = demo.SignedIn();
        browser.Open(demo.Workplace).Sees("Leonids");
        Find(browser, "emoji").Sees("Reactions").Type(Keys.Enter).Sees("Comment settings");
        browser.Until("the setting to be marked", _ => Marked(browser, "Reactions"));
        // The old words are chosen, so that new ones take their place; where one was last comes first.
        Find(browser, "calendar").Sees("screen").Type(Keys.Enter).Sees("Unscheduled");
        Find(browser, Keys.Delete).Sees("Recent").Type(Keys.Enter).Sees("Unscheduled");
    }

    [Fact]
    public void Every_setting_is_shown_where_it_is_said_to_be()
    {
        using var browser = demo.SignedIn();
        var doors = Read("frame/doors.ts");
        foreach (var (list, path) in new[] { ("ofComments", "comments/settings"), ("ofSite", "settings") })
        {
            var keys = Setting().Matches(Part(doors, list)).Select(match => match.Groups[1].Value).ToList();
            Assert.NotEmpty(keys);
            foreach (var name in keys.Select(NameOf))
            {
                browser.Open(new Uri(demo.Workplace, $"{path}?mark={Uri.EscapeDataString(name)}"));
                browser.Until($"“{name}” to be marked", _ => Marked(browser, name));
            }
        }
    }

    private static BrowserWindow Find(BrowserWindow browser, string words)
    {
        browser.Type(Keys.Control + "k").Find(".v-overlay input").SendKeys(words);
        return browser;
    }

    private static BrowserWindow? Marked(BrowserWindow browser, string name) =>
        browser.Run("return document.querySelector('[data-marked]')?.textContent ?? ''") is string words
        && words.Contains(name, StringComparison.Ordinal)
            ? browser
            : null;

    private static string Part(string doors, string list)
    {
        var start = doors.IndexOf($"const {list}", StringComparison.Ordinal);
        return doors[start..doors.IndexOf("\n]", start, StringComparison.Ordinal)];
    }

    private static string NameOf(string key) =>
        Regex.Match(Read("texts/common/en.ts"), $"^  {key}: '([^']*)'", RegexOptions.Multiline).Groups[1].Value;

    private static string Read(string file) =>
        File.ReadAllText(Path.Combine(Repository.Root, "src", "app", "src", file));

    [GeneratedRegex(@"\[t\('(\w+)'\)")]
    private static partial Regex Setting();
}
