using OpenQA.Selenium;

namespace Antiphon.Browser.Tests.Driving;

/// <summary>
/// The thread on a page of somebody else, as a reader uses it. It stands in a shadow root, where selectors of the page
/// do not reach.
/// </summary>
internal sealed class PageThread(BrowserWindow reader)
{
    private const string Root = "document.querySelector('[data-antiphon-comments],[data-antiphon-thread]')?.shadowRoot";

    /// <summary>What stands in it.</summary>
    public string Words => reader.Run($"return {Root}?.textContent ?? ''") as string ?? string.Empty;

    /// <summary>Waits until words stand in it.</summary>
    public PageThread Sees(string words)
    {
        reader.Until($"“{words}” in the thread", _ => Words.Contains(words, StringComparison.Ordinal) ? this : null);
        return this;
    }

    /// <summary>Writes a comment and sends it.</summary>
    public PageThread Write(string name, string text)
    {
        // What is asked beside the text shows once somebody begins to write.
        Part(".antiphon-form textarea").Click();
        // The device keeps the name that was given last.
        Part(".antiphon-form input[name=name]").Clear();
        Part(".antiphon-form input[name=name]").SendKeys(name);
        Part(".antiphon-form textarea").SendKeys(text);
        Press(".antiphon-send");
        return this;
    }

    /// <summary>What stands in the field of the comment.</summary>
    public string Typed =>
        reader.Run($"return {Root}?.querySelector('.antiphon-form textarea')?.value ?? ''") as string ?? string.Empty;

    /// <summary>Types into the field of the comment.</summary>
    public PageThread Type(string text)
    {
        Part(".antiphon-form textarea").SendKeys(text);
        return this;
    }

    /// <summary>Clicks a part of it.</summary>
    public PageThread Press(string selector)
    {
        Part(selector);
        reader.Run($"{Root}.querySelector('{selector}').click()");
        return this;
    }

    /// <summary>The words of a part of it.</summary>
    public string WordsOf(string selector) =>
        reader.Run($"return {Root}?.querySelector('{selector}')?.textContent ?? ''") as string ?? string.Empty;

    private IWebElement Part(string selector) =>
        reader.Until($"{selector} in the thread", _ =>
            reader.Run($"return {Root}?.querySelector('{selector}')") as IWebElement
        )!;
}
