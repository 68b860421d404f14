using CsCheck;
using JollyBrook.Core.Scarcity;

namespace JollyBrook.Core.Tests.Scarcity;

/// <summary>The chance of running short, against counting it out on many walks.</summary>
public class WayOutPropertiesTests
{
    private const double Deviation = 0.37;

    private static readonly Gen<(double NeedL, double Chance)[]> Legs = Gen.Select(Gen.Double[0.1, 1.5], Gen.Double[0, 1])
        .Array[1, 4]
        .Select(steps =>
        {
            var sum = 0.0;
            return steps.Select(s => (sum += s.Item1, s.Item2)).ToArray();
        });

    [Fact]
    public void The_closed_form_is_what_many_walks_count() =>
        Gen.Select(Legs, Gen.Double[0.2, 5])
            .Sample(
                (legs, inHand) =>
                {
                    const int walks = 20_000;
                    var random = new Random(20260821);
                    var shortOf = 0;
                    for (var i = 0; i < walks; i++)
                    {
                        var (u, v) = (1 - random.NextDouble(), random.NextDouble());
                        var factor = Math.Exp(Deviation * Math.Sqrt(-2 * Math.Log(u)) * Math.Cos(2 * Math.PI * v));
                        var found = legs.Any(l => random.NextDouble() < l.Chance && l.NeedL * factor <= inHand);
                        shortOf += found ? 0 : 1;
                    }

                    WayOut.ChanceShort(legs, inHand, Deviation).ShouldBe((double)shortOf / walks, 0.015);
                },
                iter: 40
            );

    [Fact]
    public void Another_source_on_the_way_never_runs_short_more_often() =>
        Gen.Select(Legs, Gen.Double[0.2, 5], Gen.Double[0.05, 6], Gen.Double[0, 1])
            .Sample(
                (legs, inHand, need, chance) =>
                {
                    var with = legs.Append((NeedL: need, Chance: chance)).OrderBy(l => l.NeedL).ToArray();
                    WayOut
                        .ChanceShort(with, inHand, Deviation)
                        .ShouldBeLessThanOrEqualTo(WayOut.ChanceShort(legs, inHand, Deviation) + 1e-12);
                },
                iter: 1000
            );

    [Theory]
    [InlineData(1, 1, 0.5)]
    [InlineData(0, 1, 0)]
    [InlineData(1, 0, 1)]
    [InlineData(1.4477, 1, 0.8413)] // e^0.37: one deviation to spare
    [InlineData(1, 2.0959, 0.0228)] // e^0.74: two short
    public void Reach_is_the_normal_table(double inHand, double need, double chance) =>
        WayOut.Reach(inHand, need, Deviation).ShouldBe(chance, 0.0002);
}
