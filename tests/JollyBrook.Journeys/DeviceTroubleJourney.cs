namespace JollyBrook.Journeys;

/// <summary>
/// A full disk, a flat battery, a changed clock: nothing acknowledged is lost, and nothing is taken for kept that is not.
/// </summary>
public sealed class DeviceTroubleJourney : IDisposable
{
    private readonly AppServer _server = ServerPool.Take(demo: false);
    private readonly string _profile = Directory.CreateTempSubdirectory("jolly-brook-device-").FullName;

    public void Dispose()
    {
        _server.Dispose();
        Directory.Delete(_profile, recursive: true);
    }

    [Fact]
    public void A_browser_killed_between_keeping_and_sending_loses_nothing()
    {
        using (var browser = _server.NewBrowser(profile: _profile, keepsProgram: true))
        {
            browser.Open("/treat");
            browser.UntilHeadline("1 min at a rolling boil");
            browser.UntilOfflineReady();
            _server.Stop();
            browser.Way("Chlorine tablet, NaDCC 8.5 mg");
            browser.UntilHeadline("1 tablet");
            browser.Click("button", "Start");
            browser.Click("button", "Strained");
            browser.UntilText("done "); // the tap is acknowledged
            browser.Kill();
        }

        // The cookie may not have been on the disk yet; what was kept is.
        using var again = _server.NewBrowser(profile: _profile, keepsProgram: true);
        again.Open("/now");
        again.UntilText("Another container");
        again.UntilText("2 to be sent.");
        again.UntilText("done ");
        _server.Start();
        again.SignalIsBack();
        again.UntilText("All saved.");
        _server.Records("batch").ShouldHaveSingleItem();
        _server.Records("batch-event").ShouldHaveSingleItem();
    }

    [Fact]
    public void On_a_full_disk_the_step_stays_open_and_the_screen_says_why()
    {
        using var browser = _server.NewBrowser();
        browser.Open("/treat");
        browser.UntilHeadline("1 min at a rolling boil");
        browser.Way("Chlorine tablet, NaDCC 8.5 mg");
        browser.UntilHeadline("1 tablet");
        browser.Click("button", "Start");
        browser.Click("button", "Strained");
        browser.UntilText("done ");
        browser.Driver.ExecuteScript(
            """
            const add = IDBObjectStore.prototype.put;
            window.roomAgain = () => { IDBObjectStore.prototype.put = add; };
            IDBObjectStore.prototype.put = function () { throw new DOMException('The disk is full.', 'QuotaExceededError'); };
            """
        );
        browser.Click("button", "Measured");
        browser.UntilText("Not kept: this device has no room left.");
        browser.Has("button", "Measured").ShouldBeTrue();

        browser.Driver.ExecuteScript("window.roomAgain()");
        browser.Click("button", "Close");
        browser.Click("button", "Measured");
        browser.See("button", "Added");
        browser.Until(() => _server.Records("batch-event").Count == 2, "both taps on the server");
    }

    [Fact]
    public void A_clock_set_forward_or_back_is_said()
    {
        using var browser = _server.NewBrowser();
        browser.Open("/now");
        browser.UntilText("Nothing is running");
        browser.UntilText("All saved.");

        browser.LetTimePass(TimeSpan.FromMinutes(40));
        browser.Reload();
        browser.UntilText("This device's clock was set forward by 40 min.");

        browser.LetTimePass(TimeSpan.FromMinutes(-90)); // from 40 min ahead to 50 min behind
        browser.Reload();
        browser.UntilText("This device's clock was set back by 50 min.");
        browser.Click("button", "I have seen to it");
        browser.UntilText("This device's clock is 50 min behind the server's.");
    }

    /// <summary>Whatever stands where the page keeps its choices, it starts, and says what it put aside.</summary>
    [Theory]
    [InlineData("'{cut sho'")]
    [InlineData("'null'")]
    [InlineData("'7'")]
    [InlineData("'{}'")]
    [InlineData("value.slice(0, -9)")]
    [InlineData("value.replace(/:(\"[^\"]*\"|[0-9.]+|true|false)/g, ':null')")]
    [InlineData("value.replace(/:(\\[[^\\[\\]]*\\]|\\{[^{}]*\\})/g, ':7')")]
    public void A_damaged_setting_does_not_keep_the_page_from_starting(string damaged)
    {
        using var browser = _server.NewBrowser();
        browser.Open("/treat");
        browser.UntilHeadline("1 min at a rolling boil");
        browser.Way("Chlorine tablet, NaDCC 8.5 mg");
        browser.UntilHeadline("1 tablet");
        browser.Driver.ExecuteScript($"for (const [key, value] of Object.entries(localStorage)) localStorage.setItem(key, {damaged});");
        browser.Reload();
        browser.See("radio", "Boil");
        browser.AnswerText.ShouldNotBeEmpty();
        browser.UntilText("was damaged and has been put aside");
    }
}
