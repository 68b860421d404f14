using System.Globalization;
using OpenQA.Selenium;
using OpenQA.Selenium.Chrome;
using OpenQA.Selenium.Interactions;

namespace JollyBrook.Journeys;

/// <summary>A fresh headless Chromium that finds things as a person does: by what they are and what they are called.</summary>
public sealed class Browser : IDisposable
{
    private static readonly TimeSpan Patience = TimeSpan.FromSeconds(90);
    private readonly string _profile;
    private readonly bool _keepProfile;
    private readonly string _address;

    /// <param name="address">The server's address.</param>
    /// <param name="width">Width of the window.</param>
    /// <param name="height">Height of the window.</param>
    /// <param name="profile">A folder that outlives this browser, as a device's own would; a fresh one when left out.</param>
    public Browser(string address, int width = 1280, int height = 800, string? profile = null)
    {
        _address = address;
        _keepProfile = profile is not null;
        _profile = profile ?? Directory.CreateTempSubdirectory("jolly-brook-browser-").FullName;
        var options = new ChromeOptions { BinaryLocation = "/usr/bin/chromium" };
        options.AddArguments(
            "--headless=new",
            "--no-sandbox",
            "--disable-gpu",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync",
            "--disable-dev-shm-usage",
            $"--user-data-dir={_profile}",
            $"--window-size={width},{height}"
        );
        options.AddUserProfilePreference("download.default_directory", Downloads);
        var service = ChromeDriverService.CreateDefaultService("/usr/bin", "chromedriver");
        // The first start after a boot reads the whole browser from the disk.
        service.InitializationTimeout = TimeSpan.FromMinutes(2);
        Driver = new ChromeDriver(service, options, TimeSpan.FromMinutes(2));
        Driver.Manage().Timeouts().AsynchronousJavaScript = TimeSpan.FromMinutes(2);
    }

    public ChromeDriver Driver { get; }

    /// <summary>What is done with it, once it has forgotten everything, instead of ending it; null where it is its maker's own.</summary>
    public Action? GiveBack { get; set; }

    /// <summary>Where files saved by the page come to lie.</summary>
    public string Downloads => Path.Combine(_profile, "downloads");

    public string Headline => TextOf("[data-testid=headline]");

    /// <summary>What the answer's own sheet says.</summary>
    public string AnswerText => TextOf("section[aria-label=Answer]");

    /// <summary>Everything a person can read on the page.</summary>
    public string Text => TextOf("body");

    public void Open(string path) => Driver.Navigate().GoToUrl(_address + path);

    /// <summary>Goes to a room as a link in the page does, without loading it anew.</summary>
    public void Go(string path) =>
        Driver.ExecuteScript(
            "history.pushState(null, '', arguments[0]); window.dispatchEvent(new PopStateEvent('popstate', { state: null }));",
            path
        );

    public void Reload() => Driver.Navigate().Refresh();

    /// <summary>The device itself is out of reach of any server.</summary>
    public void NoSignal() => Network(offline: true);

    /// <summary>The device itself is in reach again, and knows it.</summary>
    public void Signal()
    {
        Network(offline: false);
        SignalIsBack();
    }

    private void Network(bool offline) =>
        Driver.ExecuteCdpCommand(
            "Network.emulateNetworkConditions",
            new Dictionary<string, object?>
            {
                ["offline"] = offline,
                ["latency"] = 0,
                ["downloadThroughput"] = -1,
                ["uploadThroughput"] = -1,
            }
        );

    /// <summary>The device hears that it has signal again, and need not wait for the next try.</summary>
    public void SignalIsBack() => Driver.ExecuteScript("window.dispatchEvent(new Event('online'))");

    /// <summary>From the next load on the device's clock shows that much more.</summary>
    public void LetTimePass(TimeSpan time) =>
        BeforeEachPage(
            $$"""
            (() => {
              const Real = Date, shift = {{(long)time.TotalMilliseconds}};
              window.Date = class extends Real {
                constructor(...given) { given.length === 0 ? super(Real.now() + shift) : super(...given); }
                static now() { return Real.now() + shift; }
              };
            })();
            """
        );

    /// <summary>From the next load on this is run before anything of the page.</summary>
    public void BeforeEachPage(string script) =>
        Driver.ExecuteCdpCommand("Page.addScriptToEvaluateOnNewDocument", new Dictionary<string, object?> { ["source"] = script });

    /// <summary>Makes it a device that has never met the page, but for its cookies.</summary>
    public void Forget()
    {
        // A page of the same place on which nothing of the program runs.
        Open("/icon-192.png");
        Driver.ExecuteAsyncScript(
            """
            const done = arguments[0];
            localStorage.clear();
            sessionStorage.clear();
            (async () => {
              for (const { name } of await indexedDB.databases()) {
                await new Promise((ok, no) => { const r = indexedDB.deleteDatabase(name); r.onsuccess = ok; r.onerror = no; r.onblocked = ok; });
              }
            })().then(() => done(), done);
            """
        );
    }

    /// <summary>From here on what matches is not fetched.</summary>
    public void Block(string address)
    {
        Driver.ExecuteCdpCommand("Network.enable", []);
        Driver.ExecuteCdpCommand("Network.setBlockedURLs", new Dictionary<string, object?> { ["urls"] = new[] { address } });
    }

    /// <summary>Waits until the whole program is on the device, so that the server may go.</summary>
    public void UntilOfflineReady() =>
        Until(
            () =>
                (bool)
                    Driver.ExecuteAsyncScript(
                        "const done = arguments[0]; navigator.serviceWorker.getRegistration().then(r => done(!!r?.active && !!navigator.serviceWorker.controller))"
                    )!,
            "the program to be on the device"
        );

    /// <summary>Ends every process of the browser at once, as a flat battery would.</summary>
    public void Kill()
    {
        foreach (var folder in Directory.GetDirectories("/proc").Where(d => int.TryParse(Path.GetFileName(d), out _)))
        {
            try
            {
                if (File.ReadAllText(Path.Combine(folder, "cmdline")).Contains(_profile, StringComparison.Ordinal))
                {
                    System
                        .Diagnostics.Process.GetProcessById(
                            int.Parse(Path.GetFileName(folder), System.Globalization.CultureInfo.InvariantCulture)
                        )
                        .Kill();
                }
            }
            catch (Exception gone)
                when (gone
                        is IOException
                            or UnauthorizedAccessException
                            or ArgumentException
                            or InvalidOperationException
                            or System.ComponentModel.Win32Exception
                )
            {
                // Ended by itself meanwhile.
            }
        }
    }

    /// <summary>The newest file the page saved whose name ends so.</summary>
    public string SavedFile(string ending)
    {
        string? found = null;
        Until(
            () =>
                (
                    found = Directory.Exists(Downloads)
                        ? Directory
                            .GetFiles(Downloads, "*" + ending)
                            .Where(f => new FileInfo(f).Length > 0)
                            .OrderByDescending(File.GetLastWriteTimeUtc)
                            .FirstOrDefault()
                        : null
                )
                    is not null,
            $"a saved {ending} file"
        );
        return File.ReadAllText(found!);
    }

    public void Click(string role, string name)
    {
        Until(
            () =>
            {
                if (Named(role, name) is not { } element)
                {
                    return false;
                }

                // The mark of a radio button or box is drawn by its label, which is what a finger meets.
                var target = role is "radio" or "checkbox" or "switch" ? element.FindElement(By.XPath("ancestor::label")) : element;
                return Tapped(target);
            },
            $"{role} “{name}” to be clickable"
        );
    }

    /// <summary>Taps the button that says so within what is found by its role and name.</summary>
    public void ClickIn(string role, string name, string button) =>
        Click(
            () => Named(role, name)?.FindElements(By.TagName("button")).FirstOrDefault(b => b.Text == button),
            $"{button} of {role} “{name}”"
        );

    // A tap on what is still being moved by an answer that arrives would land beside it and be lost without a word: it is only tried on
    // what stands still for two frames, and what is tapped tells whether it was met.
    private bool StandsStill(IWebElement target) =>
        (bool)
            Driver.ExecuteAsyncScript(
                """
                const [target, done] = arguments;
                target.scrollIntoView({ block: 'center' });
                const before = target.getBoundingClientRect();
                requestAnimationFrame(() => requestAnimationFrame(() => {
                  const after = target.getBoundingClientRect();
                  window.tapMet = false;
                  // A list unfolds as the finger comes down, and covers itself.
                  const sign = target.role === 'combobox' ? 'mousedown' : 'click';
                  target.addEventListener(sign, () => { window.tapMet = true; }, { capture: true, once: true });
                  done(before.x === after.x && before.y === after.y);
                }));
                """,
                target
            )!;

    /// <summary>Whether what was tapped was met by it, given the time of two frames; on another page than before it was.</summary>
    private bool WasMet() =>
        (bool)
            Driver.ExecuteAsyncScript(
                """
                const [done] = arguments;
                const tell = () => done(window.tapMet !== false);
                if (window.tapMet !== false || document.hidden) tell();
                else requestAnimationFrame(() => requestAnimationFrame(tell));
                """
            )!;

    /// <summary>Opens every field that the Water place counts with.</summary>
    public void Everything() =>
        Until(
            () =>
            {
                var open = Named("button", "Everything that is counted");
                return open is not null
                    && (open.GetAttribute("aria-expanded") == "true" || (Tapped(open) && open.GetAttribute("aria-expanded") == "true"));
            },
            "every field to open"
        );

    /// <summary>
    /// Takes a way to treat the water, where need be out of the list of all: an answer that arrives may take it from the first ones.
    /// </summary>
    public void Way(string name) =>
        Until(
            () =>
            {
                if (Named("radio", name) is { } way)
                {
                    return Tapped(way.FindElement(By.XPath("ancestor::label")));
                }

                if (Driver.FindElements(AllWays).FirstOrDefault() is { } all)
                {
                    Tapped(all);
                }

                return false;
            },
            $"the way “{name}” to be clickable"
        );

    private static readonly By AllWays = By.XPath("//button[starts-with(normalize-space(.), 'All ') and contains(., ' ways')]");

    /// <summary>Taps the first thing found so, looked for anew when an answer that arrives draws it again.</summary>
    public void Click(By by) => Click(() => Driver.FindElements(by).FirstOrDefault(), by.ToString());

    /// <summary>Taps what is found so, looked for anew as long as it is not there or moves.</summary>
    public void Click(Func<IWebElement?> find, string what) =>
        Until(() => find() is { } element && Tapped(element), $"{what} to be clickable");

    private bool Tapped(IWebElement element)
    {
        if (!StandsStill(element))
        {
            return false;
        }

        element.Click();
        try
        {
            return WasMet();
        }
        catch (WebDriverException)
        {
            // It led to another page, which was just being loaded.
            return true;
        }
    }

    /// <summary>Types into a field found by its label.</summary>
    public void Fill(string label, string text) =>
        // Drawn anew between two keys, it is typed into from the beginning.
        Of("textbox", label, field =>
        {
            field.SendKeys(Keys.Control + "a");
            field.SendKeys(text.Length == 0 ? Keys.Delete : text);
            return true;
        });

    /// <summary>Presses keys on the first thing found so, looked for anew when an answer that arrives draws it again.</summary>
    public void Press(By by, string keys) => Of(by, element =>
        {
            element.SendKeys(keys);
            return true;
        });

    /// <summary>Types a day into a field for one, found by its label: its parts follow one another.</summary>
    public void FillDate(string label, DateTime day) => FillParts(label, day.ToString("ddMMyyyy", CultureInfo.InvariantCulture));

    /// <summary>Types a day and an hour into a field for both, found by its label.</summary>
    public void FillInstant(string label, DateTime at) => FillParts(label, at.ToString("ddMMyyyyHHmm", CultureInfo.InvariantCulture));

    /// <summary>What the fields of that label for a day or an hour show: "31 Oct 2027 06:00".</summary>
    public IReadOnlyList<string> DatesShown(string label) =>
        AsOne<IReadOnlyList<string>>(
            () => [.. Elements("group", label).Select(field => field.FindElement(By.TagName("input")).GetAttribute("value") ?? "")],
            $"what “{label}” shows"
        );

    private void FillParts(string label, string digits) => Of("group", label, field =>
        {
            field.FindElement(By.CssSelector("[role=spinbutton]")).SendKeys(digits);
            return true;
        });

    public void Select(string label, string option)
    {
        var before = Shown(label);
        Choose(label, option);
        // A list that is still unfolding may slide away from under a tap, which then closes it: seen at once, and tapped again.
        if (Shown(label) is var after && after == before && !after.Text.Contains(option, StringComparison.Ordinal))
        {
            Choose(label, option);
        }
    }

    private void Choose(string label, string option)
    {
        Click("combobox", label);
        Click("option", option);
        Until(() => !Has("listbox", label), $"the list “{label}” to close");
    }

    /// <summary>What a list shows as chosen, and where one is: choosing changes either.</summary>
    private (string Text, string Url) Shown(string label) =>
        AsOne(() => (Elements("combobox", label).FirstOrDefault()?.Text ?? "", Driver.Url), $"combobox “{label}”");

    public bool Has(string role, string name) => AsOne(() => Elements(role, name).Count > 0, $"{role} “{name}”, if it is there");

    /// <summary>Waits until something of that role and name is to be seen.</summary>
    public void See(string role, string name) => Of(role, name, _ => true);

    /// <summary>Waits until something is found so.</summary>
    public void See(By by) => Of(by, _ => true);

    /// <summary>
    /// What is asked of something found by its role and name: found and asked as one act, however often the page draws it anew meanwhile.
    /// No journey gets hold of an element, which may be gone by its next line.
    /// </summary>
    public T Of<T>(string role, string name, Func<IWebElement, T> ask) => AskedAsOne(() => Named(role, name), ask, $"{role} “{name}”");

    /// <summary>What is asked of the first thing found so, as one act.</summary>
    public T Of<T>(By by, Func<IWebElement, T> ask) => AskedAsOne(() => Driver.FindElements(by).FirstOrDefault(), ask, by.ToString());

    /// <summary>What is asked of everything that is found so now, as one act.</summary>
    public IReadOnlyList<T> Each<T>(By by, Func<IWebElement, T> ask) =>
        AsOne<IReadOnlyList<T>>(() => [.. Driver.FindElements(by).Select(ask)], by.ToString());

    /// <summary>Gives a file to the field that takes it, found by its label.</summary>
    public void GiveFile(string label, string path) => Press(By.CssSelector($"input[type=file][aria-label='{label}']"), path);

    /// <summary>Reads the page as one act: anew from the start when it is drawn again meanwhile.</summary>
    private T AsOne<T>(Func<T> read, string what)
    {
        T? seen = default;
        Until(
            () =>
            {
                seen = read();
                return true;
            },
            what
        );
        return seen!;
    }

    private T AskedAsOne<T>(Func<IWebElement?> find, Func<IWebElement, T> ask, string what)
    {
        T? asked = default;
        Until(
            () =>
            {
                if (find() is not { } element)
                {
                    return false;
                }

                asked = ask(element);
                return true;
            },
            what
        );
        return asked!;
    }

    private IWebElement? Named(string role, string name) =>
        Elements(role, name).FirstOrDefault(e => role is "radio" or "checkbox" or "switch" || e.Displayed);

    /// <summary>Goes on by the tab key until something of that name has the focus.</summary>
    public void TabTo(string name) => PressUntil(Keys.Tab, name, 200);

    /// <summary>Goes down a list until something of that name has the focus.</summary>
    public void DownTo(string name) => PressUntil(Keys.ArrowDown, name, 40);

    private void PressUntil(string key, string name, int most)
    {
        List<string> passed = [];
        while (passed.Count < most)
        {
            Press(key);
            passed.Add(Focused());
            if (passed[^1] == name)
            {
                return;
            }
        }

        throw new TimeoutException($"{most} presses did not reach “{name}”, only: {string.Join(" | ", passed)}");
    }

    /// <summary>What has the focus is called: found and read as one act, for it may be drawn anew meanwhile.</summary>
    private string Focused() => AsOne(() => PlaceOf(Driver.SwitchTo().ActiveElement()), "what has the focus");

    /// <summary>What an element is called; a part of a date with its field before it: "Good to: Day".</summary>
    private string PlaceOf(IWebElement element)
    {
        var field = Driver.ExecuteScript(
            "return arguments[0].matches('[role=spinbutton]') ? arguments[0].closest('[role=group]') : null",
            element
        );
        return field is IWebElement group ? $"{NameOf(group)}: {NameOf(element)}" : NameOf(element);
    }

    /// <summary>Presses Escape until what it closes is gone; what is still unfolding does not hear it.</summary>
    public void Escape() =>
        Until(
            () =>
            {
                var isOpen = Driver.FindElements(By.CssSelector("[role=dialog]")).Count > 0;
                if (isOpen)
                {
                    Press(Keys.Escape);
                }

                return !isOpen;
            },
            "the dialog to close"
        );

    public void Press(string keys) => new Actions(Driver).SendKeys(keys).Perform();

    public void SelectAll() => new Actions(Driver).KeyDown(Keys.Control).SendKeys("a").KeyUp(Keys.Control).Perform();

    /// <summary>Every record has been exchanged, and the whole program fetched: from here on the server may go.</summary>
    public void UntilAllIsHere() =>
        Until(
            () =>
                Text is var said
                && said.Contains("All saved.", StringComparison.Ordinal)
                && !said.Contains("on its way", StringComparison.Ordinal),
            "records and program to be here"
        );

    public void UntilText(string part) => Until(() => Text.Contains(part, StringComparison.Ordinal), $"“{part}”");

    public void UntilHeadline(string headline) => Until(() => Headline == headline, $"the answer “{headline}”");

    public void Until(Func<bool> isSo, string what)
    {
        var deadline = DateTime.UtcNow + Patience;
        while (true)
        {
            try
            {
                if (isSo())
                {
                    return;
                }
            }
            catch (WebDriverException) when (DateTime.UtcNow < deadline)
            {
                // Redrawn while being looked at, or covered for the moment: look again.
            }

            if (DateTime.UtcNow >= deadline)
            {
                throw new TimeoutException($"Waited in vain for {what}. The page says:\n{Text}");
            }

            Thread.Sleep(50);
        }
    }

    /// <summary>What an element says: found and read as one act, however often the page draws it anew meanwhile.</summary>
    public string TextOf(string css)
    {
        string? text = null;
        Until(() => (text = (string?)Driver.ExecuteScript(Said, css)) is not null, css);
        return text!;
    }

    // The browser's own reading of a page: a driver's walks every node, and asked again and again it would take a core from the page.
    private const string Said = """
        const said = document.querySelector(arguments[0])?.innerText;
        return said?.replaceAll('\u200b', '').split('\n').map(line => line.replaceAll('\t', ' ').trim()).filter(line => line !== '').join('\n') ?? null;
        """;

    public void Dispose()
    {
        if (GiveBack is not null && Renew())
        {
            GiveBack();
        }
        else
        {
            End();
        }
    }

    /// <summary>
    /// Makes it a device that has never met the page, in a tab of its own: what a journey set its clock, place, network or language to ends
    /// with the tab it was set in.
    /// </summary>
    /// <returns>False where it does not answer any more.</returns>
    private bool Renew()
    {
        try
        {
            var old = Driver.WindowHandles;
            Driver.SwitchTo().NewWindow(WindowType.Tab);
            var renewed = Driver.CurrentWindowHandle;
            foreach (var tab in old)
            {
                Driver.SwitchTo().Window(tab).Close();
            }

            Driver.SwitchTo().Window(renewed);
            Driver.ExecuteCdpCommand(
                "Storage.clearDataForOrigin",
                new Dictionary<string, object?> { ["origin"] = _address, ["storageTypes"] = "all" }
            );
            Driver.ExecuteCdpCommand("Network.clearBrowserCookies", []);
            if (Directory.Exists(Downloads))
            {
                Directory.Delete(Downloads, recursive: true);
            }

            return true;
        }
        catch (WebDriverException)
        {
            return false;
        }
    }

    /// <summary>Ends it for good.</summary>
    public void End()
    {
        try
        {
            Driver.Quit();
            Driver.Dispose();
        }
        catch (WebDriverException)
        {
            // It was killed.
        }

        if (!_keepProfile)
        {
            Directory.Delete(_profile, recursive: true);
        }
    }

    /// <summary>Elements with a role and an accessible name, as Chromium itself computes them.</summary>
    private List<IWebElement> Elements(string role, string name)
    {
        var css = role switch
        {
            "button" => "button, [role=button]",
            "link" => "a[href]",
            "textbox" => "input:not([type=radio]):not([type=checkbox]):not([type=file]), textarea",
            "switch" => "input[role=switch], input[type=checkbox]",
            "radio" => "input[type=radio]",
            "checkbox" => "input[type=checkbox]",
            "heading" => "h1, h2, h3",
            _ => $"[role={role}]",
        };
        // Asking for a name is slow: only what holds the words somewhere is asked.
        var near =
            (IReadOnlyCollection<object>)
                Driver.ExecuteScript(
                    """
                    const [css, name] = arguments;
                    const words = e => [
                      e.getAttribute('aria-label'), e.textContent, ...[...(e.labels ?? [])].map(l => l.textContent),
                      ...(e.getAttribute('aria-labelledby') ?? '').split(' ').map(id => document.getElementById(id)?.textContent),
                    ].join(' ').replaceAll('\u200b', '');
                    return [...document.querySelectorAll(css)].filter(e => words(e).includes(name));
                    """,
                    css,
                    name
                )!;
        return [.. near.Cast<IWebElement>().Where(e => NameOf(e).Equals(name, StringComparison.Ordinal))];
    }

    /// <summary>What an element is called, without invisible spaces and without the mark of a default.</summary>
    public static string NameOf(IWebElement element)
    {
        var name = (((WebElement)element).ComputedAccessibleLabel ?? "").Replace("\u200b", "", StringComparison.Ordinal).Trim();
        return name.EndsWith("assumed", StringComparison.Ordinal) ? name[..^"assumed".Length].Trim() : name;
    }
}
