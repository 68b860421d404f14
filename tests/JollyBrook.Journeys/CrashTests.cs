namespace JollyBrook.Journeys;

public class CrashTests(ITestOutputHelper output)
{
    /// <summary>The short form; <c>./bench</c> runs the long one.</summary>
    [Fact]
    public async Task Killed_under_writes_the_server_keeps_every_acknowledged_one_whole()
    {
        var report = await CrashDrill.RunAsync(rounds: 4, seed: Environment.TickCount);
        output.WriteLine(report.ToString());
        report.Acknowledged.ShouldBeGreaterThan(10);
        report.Clean.ShouldBeTrue(report.ToString());
    }
}
