using OpenQA.Selenium;
using OpenQA.Selenium.Chrome;
using OpenQA.Selenium.Support.UI;

namespace Antiphon.Browser.Tests.Driving;

/// <summary>
/// Headless Chromium with a fresh profile, and the few things a person does with it. Everything waits until it can be
/// done.
/// </summary>
internal sealed class BrowserWindow : IDisposable
{
    private static readonly TimeSpan Patience = TimeSpan.FromSeconds(60);
    private readonly ChromeDriver _driver;
    private string _hindrance = string.Empty;
    private bool _isKept;

    /// <summary>Opens a window.</summary>
    /// <param name="width">Width in CSS pixels.</param>
    /// <param name="height">Height in CSS pixels.</param>
    /// <param name="scripts">False for a reader who has scripts off.</param>
    /// <param name="motion">False for somebody whose system asks for less motion, which also leaves less to wait
    /// for.</param>
    public BrowserWindow(int width = 1280, int height = 800, bool scripts = true, bool motion = true)
    {
        var options = new ChromeOptions { BinaryLocation = "/usr/bin/chromium" };
        options.AddArguments(
            "--headless",
            "--no-sandbox",
            "--disable-gpu",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync",
            "--disable-dev-shm-usage",
            $"--window-size={width},{height}"
        );
        if (!scripts)
            options.AddUserProfilePreference("profile.managed_default_content_settings.javascript", 2);
        if (!motion)
            options.AddArgument("--force-prefers-reduced-motion");
        options.SetLoggingPreference(LogType.Browser, LogLevel.Severe);
        var service = ChromeDriverService.CreateDefaultService("/usr/bin", "chromedriver");
        service.SuppressInitialDiagnosticInformation = true;
        _driver = new ChromeDriver(service, options);
        _driver.ExecuteCdpCommand(
            "Emulation.setDeviceMetricsOverride",
            new Dictionary<string, object?>
            {
                ["width"] = width,
                ["height"] = height,
                ["deviceScaleFactor"] = 1,
                ["mobile"] = width < 500,
            }
        );
    }

    /// <summary>The address in the address bar.</summary>
    public Uri Address => new(_driver.Url);

    /// <summary>What the page shows as text.</summary>
    public string Words => _driver.FindElement(By.TagName("body")).Text;

    /// <summary>Opens an address.</summary>
    public BrowserWindow Open(Uri address)
    {
        _driver.Navigate().GoToUrl(address);
        return this;
    }

    /// <summary>Waits for an element that shows.</summary>
    public IWebElement Find(string css) =>
        Until($"{css} to show", driver =>
            driver.FindElements(By.CssSelector(css)).FirstOrDefault(element => element.Displayed)
        );

    /// <summary>How many elements are there at this moment.</summary>
    public int Count(string css) => _driver.FindElements(By.CssSelector(css)).Count;

    /// <summary>Waits until the page says something.</summary>
    public BrowserWindow Sees(string words)
    {
        Until($"the words “{words}”", driver =>
            driver.FindElement(By.TagName("body")).Text.Contains(words, StringComparison.Ordinal) ? driver : null
        );
        return this;
    }

    /// <summary>Waits until the page no longer says something.</summary>
    public BrowserWindow NoLongerSees(string words)
    {
        Until($"“{words}” to go", driver =>
            driver.FindElement(By.TagName("body")).Text.Contains(words, StringComparison.Ordinal) ? null : driver
        );
        return this;
    }

    /// <summary>Presses the button, link or menu entry with those words, or with that label.</summary>
    public BrowserWindow Press(string words)
    {
        var quoted = $"\"{words}\"";
        var path =
            $"//*[self::button or self::a or contains(@class, 'v-list-item--link')][starts-with(normalize-space(.), {quoted}) or starts-with(@aria-label, {quoted})]";
        Act($"“{words}” to press", By.XPath(path), element => element.Click());
        return this;
    }

    /// <summary>Cuts the page off from addresses of a form, such as <c>*/blogs</c>; none lets all through again.</summary>
    public BrowserWindow CutOff(params string[] addresses)
    {
        _driver.ExecuteCdpCommand("Network.enable", []);
        _driver.ExecuteCdpCommand("Network.setBlockedURLs", new() { ["urls"] = addresses });
        return this;
    }

    /// <summary>Clicks an element.</summary>
    public BrowserWindow Click(string css)
    {
        Act($"{css} to click", By.CssSelector(css), element => element.Click());
        return this;
    }

    /// <summary>Gives a file to a file field, also to one that is hidden behind a button.</summary>
    public BrowserWindow Attach(string css, string path)
    {
        Until($"{css} to be there", driver => driver.FindElements(By.CssSelector(css)).FirstOrDefault()).SendKeys(path);
        return this;
    }

    /// <summary>Chooses from a list that opens on a click.</summary>
    public BrowserWindow Choose(string css, string words)
    {
        Run(
            "arguments[0].closest('.v-field').dispatchEvent(new MouseEvent('mousedown', { bubbles: true }))",
            Until($"{css} to be there", driver => driver.FindElements(By.CssSelector(css)).FirstOrDefault())
        );
        // Long lists hold only what is in sight; looking on means scrolling on.
        Until($"“{words}” in the list", driver =>
            {
                var found = driver
                    .FindElements(By.CssSelector(".v-overlay .v-list-item"))
                    .FirstOrDefault(item => item.Text.Contains(words, StringComparison.Ordinal));
                if (found is null)
                    Run("document.querySelector('.v-overlay .v-list').scrollTop += 160");
                return found;
            })
            .Click();
        return this;
    }

    /// <summary>Types into a field, replacing what stands there.</summary>
    public BrowserWindow Fill(string css, string text)
    {
        Act($"{css} to fill", By.CssSelector(css), element =>
        {
            element.SendKeys(Keys.Control + "a");
            element.SendKeys(Keys.Delete);
            element.SendKeys(text);
        });
        return this;
    }

    /// <summary>Sends keys to whatever has the focus.</summary>
    public BrowserWindow Type(string keys)
    {
        _driver.SwitchTo().ActiveElement().SendKeys(keys);
        return this;
    }

    /// <summary>Puts the caret behind the first place where a text stands in a text area.</summary>
    public BrowserWindow CaretAfter(string css, string text)
    {
        _driver.ExecuteScript(
            "const a=arguments[0],at=a.value.indexOf(arguments[1]);a.focus();a.setSelectionRange(at+arguments[1].length,at+arguments[1].length)",
            Find(css),
            text
        );
        return this;
    }

    /// <summary>The result of a script, for looking where a person would look.</summary>
    public object? Run(string script, params object[] arguments) => _driver.ExecuteScript(script, arguments);

    /// <summary>The result of a script that answers later through its last argument.</summary>
    public object? RunLater(string script) => _driver.ExecuteAsyncScript(script);

    /// <summary>Everything the console complained of since the last look.</summary>
    public IReadOnlyList<string> Complaints() =>
        [.. _driver.Manage().Logs.GetLog(LogType.Browser).Select(entry => entry.Message)];

    /// <summary>
    /// Keeps the window open when a test is done with it, for the next one; whoever keeps it closes it.
    /// </summary>
    public BrowserWindow Kept()
    {
        _isKept = true;
        return this;
    }

    /// <summary>
    /// Forgets what a test left in the window, but not who is signed in. A page left open would go on asking for news
    /// and drawing it while others are looked at.
    /// </summary>
    public void Forget()
    {
        if (Address.Scheme is not ("http" or "https"))
            return;
        Run("localStorage.clear();sessionStorage.clear()");
        _driver.Navigate().GoToUrl("about:blank");
        Complaints();
    }

    /// <summary>Closes the window.</summary>
    public void Close() => _driver.Quit();

    /// <summary>Presses the browser's own way back.</summary>
    public BrowserWindow Back()
    {
        _driver.Navigate().Back();
        return this;
    }

    /// <inheritdoc/>
    public void Dispose()
    {
        if (_isKept)
            Forget();
        else
            Close();
    }

    /// <summary>Waits until a look at the page gives something.</summary>
    public T Until<T>(string what, Func<IWebDriver, T?> look)
        where T : class
    {
        var wait = new WebDriverWait(_driver, Patience) { PollingInterval = TimeSpan.FromMilliseconds(80) };
        wait.IgnoreExceptionTypes(typeof(StaleElementReferenceException), typeof(NoSuchElementException));
        try
        {
            return wait.Until(look)!;
        }
        catch (WebDriverTimeoutException)
        {
            throw new TimeoutException(
                $"Waited in vain for {what}{_hindrance} at {_driver.Url}. The page says:\n{Words}"
            );
        }
    }

    private void Act(string what, By by, Action<IWebElement> act) => Until(what, driver =>
        {
            var element = driver
                .FindElements(by)
                .FirstOrDefault(findElement => findElement.Displayed && findElement.Enabled);
            if (element is null)
                return null;
            try
            {
                act(element);
                return driver;
            }
            catch (Exception notYet)
                when (notYet is ElementClickInterceptedException or ElementNotInteractableException)
            {
                _hindrance = $" (last hindrance: {notYet.Message.Split('\n')[0]})";
                // What lies below the bar at the top counts as in sight; a person would move it out from there.
                if (notYet is ElementClickInterceptedException)
                    _driver.ExecuteScript("arguments[0].scrollIntoView({ block: 'center' })", element);
                return null;
            }
        });
}
