using OpenQA.Selenium;

namespace JollyBrook.Journeys;

/// <summary>
/// A layered filter is built from its card, clears muddy water, counts its litres, runs cloudy and is washed; on a phone.
/// </summary>
public sealed class LayeredFilterJourney : IDisposable
{
    private readonly AppServer _server = ServerPool.Take(demo: false);
    private readonly Browser _phone;

    public LayeredFilterJourney() => _phone = _server.NewBrowser(390, 844);

    public void Dispose()
    {
        _phone.Dispose();
        _server.Dispose();
    }

    [Fact]
    public async Task Built_used_and_clouded()
    {
        await _server.Owner.KeepAsync("kit-item", Guid.CreateVersion7(), """{"kind":"container","name":"Bottle","volumeL":1}""");
        _phone.Open("/scarce/build");
        _phone.Click(By.XPath("//article[@aria-label='Layered filter']//button[contains(., 'It is built')]"));
        _phone.UntilText("It is in the kit");

        // Muddy water with clay in it: nothing else here clears it.
        _phone.Go("/treat");
        _phone.See("button", "Bottle empty");
        _phone.Way("Boil");
        _phone.Everything();
        _phone.Click("button", "Muddy");
        _phone.UntilText("Through gravel, sand and charcoal");
        _phone.Click("button", "Start");
        _phone.Click("button", "Collected");
        _phone.Click("button", "Run through");
        _phone.Click("link", "Now");
        // A litre for the bottle and the tenth that stays in the layers.
        _phone.UntilText("1.11 L through its layers");

        _phone.Click("button", "Layered filter: it runs cloudy");
        _phone.UntilText("not counted on until its layers are washed");
        _phone.Go("/book");
        _phone.UntilText("Layered filter: runs cloudy");
        _phone.Go("/now");
        _phone.Click("button", "Layered filter: layers washed");
        _phone.Until(
            () => !_phone.Text.Contains("not counted on until its layers", StringComparison.Ordinal),
            "the washed filter to be counted on again"
        );
    }
}
