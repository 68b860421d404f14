using OpenQA.Selenium;

namespace JollyBrook.Journeys;

/// <summary>A bladder in the pack shows nothing: the clock says when to drink from it, and a tap says that it was done.</summary>
public sealed class SipJourney : IDisposable
{
    private readonly AppServer _server = ServerPool.Take();
    private readonly Browser _phone;

    public SipJourney() => _phone = _server.NewBrowser(390, 844);

    public void Dispose()
    {
        _phone.Dispose();
        _server.Dispose();
    }

    [Fact]
    public void What_cannot_be_seen_is_drunk_by_the_clock()
    {
        _phone.Open("/now");
        _phone.UntilText("Its level can’t be seen");

        // After three hours even who rests has lost what is in it.
        _phone.LetTimePass(TimeSpan.FromHours(3));
        _phone.Open("/now");
        _phone.UntilText(" by now");
        _phone.UntilText(" tap how much ");

        _phone.Click(By.XPath("//*[@role='region']//button[contains(., ' drunk')]"));

        _phone.Until(() => !_phone.Text.Contains(" by now", StringComparison.Ordinal), "the reminder to be answered");
        _phone.Go("/book");
        _phone.UntilText("from Soft bladder with hose");
    }
}
