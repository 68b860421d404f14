namespace JollyBrook.Journeys;

/// <summary>One visit, then the server is gone: the page opens, treats, and is read on another device once the server is back.</summary>
public sealed class OfflineJourney : IDisposable
{
    private readonly AppServer _server = ServerPool.Take(demo: false);
    private readonly Browser _browser;

    public OfflineJourney() => _browser = _server.NewBrowser(390, 844, keepsProgram: true);

    public void Dispose()
    {
        _browser.Dispose();
        _server.Dispose();
    }

    [Fact]
    public void A_whole_batch_without_the_server_reaches_the_book_of_another_device()
    {
        _browser.Open("/treat");
        _browser.UntilHeadline("1 min at a rolling boil");
        _browser.UntilOfflineReady();
        _server.Stop();

        _browser.Reload();
        _browser.UntilHeadline("1 min at a rolling boil");
        _browser.UntilText("No server: everything still works and is kept on this device.");
        _browser.Way("Chlorine tablet, NaDCC 8.5 mg");
        _browser.Everything();
        _browser.Fill("Water in it", "2.5");
        _browser.UntilHeadline("3 tablets");
        _browser.Click("button", "Start");
        foreach (var step in new[] { "Strained", "Measured", "Added", "It is gone", "Rinsed and closed" })
        {
            _browser.Click("button", step);
        }

        _browser.UntilText("Do not drink yet: waiting");
        _browser.LetTimePass(TimeSpan.FromHours(2));
        _browser.Reload();
        _browser.Click("button", "Put by");
        _browser.UntilText("Finished");
        _browser.UntilText("7 to be sent.");
        _browser.UntilText("Last met");

        _server.Start();
        _browser.SignalIsBack();
        _browser.UntilText("All saved.");
        _server.Records("batch-event").Count.ShouldBe(6);

        // A fresh device, signed in by hand.
        using var laptop = new Browser(_server.Address);
        laptop.Open("/book");
        laptop.Fill("Name", ServerClient.OwnerName);
        laptop.Fill("Passphrase", ServerClient.Passphrase);
        laptop.Click("button", "Sign in");
        laptop.UntilText("3 tablets in Another container");
        laptop.UntilText("Finished");
    }

    [Fact]
    public void Every_room_opens_without_the_server()
    {
        using var demo = ServerPool.Take();
        using var browser = demo.NewBrowser(keepsProgram: true);
        browser.Open("/now");
        browser.UntilText("Camp bag");
        browser.UntilOfflineReady();
        demo.Stop();
        foreach (
            var (path, sign) in new[]
            {
                ("/now", "Camp bag"),
                ("/treat", "Drink at"),
                ("/kit", "Flocculant drops"),
                ("/book", "Litre bottle"),
                ("/day", "Drinking until morning"),
                ("/kit/check", "Two must be left"),
                ("/book/learn", "Take it over"),
                ("/book/look-back", "could fit"),
                ("/words", "Where practitioners disagree"),
                ("/route", "At each place"),
                ("/body", "Rules of thumb"),
                ("/settings", "Reading and typing"),
                ("/settings/party", "Torren"),
                ("/settings/backup", "Save the backup"),
                ("/choose", "Nothing to choose"),
                ("/settings/device", "The whole program is on this device"),
            }
        )
        {
            // Loaded anew, as from a link or a bookmark; one room of each address's shape, since all come the same way.
            if (path is "/now" or "/treat" or "/kit/check" or "/settings/device")
            {
                browser.Open(path);
            }
            else
            {
                browser.Go(path);
            }

            browser.UntilText(sign);
            // The face came along too.
            browser.Until(
                () => (bool)browser.Driver.ExecuteScript("return document.fonts.check('16px \"Atkinson Hyperlegible Next Variable\"')")!,
                $"the letters of {path}"
            );
        }

        browser.Go("/settings/party");
        browser.Click("button", "Invite a member");
        browser.UntilText("The server does not answer. This needs it");
    }
}
