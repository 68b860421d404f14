namespace JollyBrook.Journeys;

/// <summary>One server with the demo data and one browser, for tests that leave the server as it is.</summary>
public sealed class DemoPage : IDisposable
{
    public DemoPage() => Browser = Server.NewBrowser();

    public AppServer Server { get; } = ServerPool.Take();

    public Browser Browser { get; }

    public void Dispose()
    {
        Browser.Dispose();
        Server.Dispose();
    }
}
