namespace JollyBrook.Core.Tests.Safe;

/// <summary>The short form of what `./bench safe` sweeps.</summary>
public class SafeSweepTests
{
    [Fact]
    public void No_rule_breaks() =>
        SafeSweep
            .Run(10_000)
            .Where(r => r.Violations > 0)
            .Select(r => $"{r.Name}: {r.Violations} of {r.Cases}, {r.First}")
            .ToList()
            .ShouldBeEmpty();
}
