using OpenQA.Selenium;

namespace JollyBrook.Journeys;

/// <summary>From the first start to a shared trip: an owner, recovery codes, a link, a follower, and out again.</summary>
public sealed class AccountJourney : IDisposable
{
    private readonly AppServer _server = new(demo: false, makeOwner: false);

    public void Dispose() => _server.Dispose();

    [Fact]
    public void An_owner_shares_a_trip_by_link()
    {
        using var owner = new Browser(_server.Address);
        owner.BeforeEachPage(
            """
            window.saidSignedOut = false;
            new MutationObserver(() => { window.saidSignedOut ||= document.body?.textContent.includes('Signed out') ?? false; })
              .observe(document, { childList: true, subtree: true, characterData: true });
            """
        );
        owner.Open("/");
        owner.UntilText("Nobody has an account here yet.");
        owner.Fill("Name", "Ilva");
        owner.Fill("A new passphrase", "short");
        owner.Click("button", "Make my account");
        owner.UntilText("The passphrase must have 15 to 128 characters; this has 5.");
        owner.Fill("A new passphrase", ServerClient.Passphrase);
        owner.Click("button", "Make my account");
        owner.UntilText("Your recovery codes");
        var code = owner.Of(By.CssSelector("ul[aria-label='Recovery codes'] li"), e => e.Text);
        owner.Click("button", "I have written them down");
        owner.UntilHeadline("1 min at a rolling boil");
        owner.UntilText("All saved.");
        owner.Driver.ExecuteScript("return window.saidSignedOut").ShouldBe(false, "signed in, and told it is signed out");

        owner.Open("/settings/party");
        owner.UntilText("You share no trip yet.");
        owner.Fill("Name of the trip", "Over the ridge");
        owner.Click("button", "Make the trip");
        owner.Click("button", "Invite a follower");
        var link = owner.Of("textbox", "Link for a follower, shown only now", e => e.GetAttribute("value"))!;
        owner.Click("button", "Over the ridge"); // what is logged from here on goes there
        owner.UntilText("everyone in the party sees them");
        owner.Click("link", "Water");
        owner.UntilHeadline("1 min at a rolling boil");
        owner.Way("Chlorine tablet, NaDCC 8.5 mg");
        owner.UntilHeadline("1 tablet");
        owner.Click("button", "Start");
        owner.UntilText("Over the ridge");

        using var follower = new Browser(_server.Address, 390, 844);
        follower.Open(new Uri(link).PathAndQuery + new Uri(link).Fragment);
        follower.UntilText("You are invited to Over the ridge to follow it");
        follower.Fill("Name", "Maud");
        follower.Fill("A new passphrase", "tea and oats in the morning");
        follower.Click("button", "Join with a new account");
        follower.Click("button", "I have written them down");
        follower.Open("/now");
        follower.UntilText("Ilva, Over the ridge");
        follower.Click(By.CssSelector("ul[aria-label='Running batches'] button"));
        follower.UntilText("You follow this trip: its members tap the steps.");
        follower.Has("button", "Strained").ShouldBeFalse();

        owner.Open("/settings/party");
        owner.Click("button", "Remove Maud");
        owner.Until(() => !owner.Has("button", "Remove Maud"), "Maud to be gone");
        follower.Open("/now");
        follower.UntilText("Nothing is running");

        // Signed out, everything is off the device; a code on paper lets back in.
        owner.Open("/settings/account");
        owner.UntilText("All saved.");
        owner.Click("button", "Sign out here");
        owner.UntilText("I have lost my passphrase");
        owner.Click("button", "I have lost my passphrase");
        owner.Fill("Recovery code", code);
        owner.Fill("Name", "Ilva");
        owner.Fill("A new passphrase", "snow on the far ridge at dusk");
        owner.Click("button", "Set it and sign in");
        owner.UntilText("Sign out here");
        owner.Open("/now");
        owner.UntilText("Another container");
    }

    [Fact]
    public async Task Signed_out_elsewhere_the_page_works_on_and_sends_after_signing_in()
    {
        await _server.Owner.SignInAsync();
        using var browser = _server.NewBrowser();
        browser.Open("/treat");
        browser.UntilHeadline("1 min at a rolling boil");
        browser.UntilText("All saved.");
        (await _server.Owner.PostAsync("/api/account/sign-out-everywhere", "{}")).EnsureSuccessStatusCode();

        browser.Way("Chlorine tablet, NaDCC 8.5 mg");
        browser.UntilHeadline("1 tablet");
        browser.Click("button", "Start");
        browser.UntilText("Signed out: everything is kept on this device. 1 to be sent.");
        browser.Click("link", "Sign in");
        browser.Fill("Name", ServerClient.OwnerName);
        browser.Fill("Passphrase", ServerClient.Passphrase);
        browser.Click("button", "Sign in");
        browser.UntilText("All saved.");
        await _server.Owner.SignInAsync();
        _server.Records("batch").ShouldHaveSingleItem();
    }
}
