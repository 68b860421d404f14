using CsCheck;
using JollyBrook.Core.Body;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Route;

namespace JollyBrook.Core.Tests.Carry;

/// <summary>Who carries how much: by body mass, within their containers and a quarter of their mass.</summary>
public sealed class FairLoadTests
{
    private static Walker Of(string name, double kg, double pack) => new(name, kg, 170, PackKg: pack);

    private static double[] Litres(FairLoad load, double litres) => [.. load.Share(litres).Select(s => s.Litres)];

    /// <summary>60 and 90 kg: two fifths and three fifths.</summary>
    [Fact]
    public void By_body_mass() => Litres(new FairLoad([Of("A", 60, 5), Of("B", 90, 5)], []), 5).ShouldBe([2, 3], 1e-9);

    /// <summary>60 kg may carry 15: with 14 in the pack, 2 of them its usual water, 3 L are left. The other carries the rest.</summary>
    [Fact]
    public void Nobody_above_a_quarter_while_another_can_carry_it()
    {
        var load = new FairLoad([Of("A", 60, 14), Of("B", 90, 5)], []);
        Litres(load, 12).ShouldBe([3, 9], 1e-9);
        // 19.5 L are B's own most; beyond 22.5 L both are overladen, by body mass.
        Litres(load, 32.5).ShouldBe([3 + 4, 19.5 + 6], 1e-9);
        FairLoad.LoadShare(Of("A", 60, 14), 3).ShouldBe(0.25, 1e-9);
    }

    /// <summary>Each in their own; the shared bag with the least laden, which with this pack is B.</summary>
    [Fact]
    public void Containers_go_with_whose_they_are()
    {
        var load = new FairLoad(
            [Of("A", 60, 12), Of("B", 60, 8)],
            [new("Bottle", 1, Walker: "A"), new("Flask", 0.5, Walker: "B"), new("Bag", 4)]
        );
        var shares = load.Share(3);
        shares[0].Into.Select(c => c.Container).ShouldBe(["Bottle"]);
        shares[1].Into.Select(c => c.Container).ShouldBe(["Bag"]);
        Litres(load, 3).ShouldBe([1, 2], 1e-9);
        Litres(load, 5.5).ShouldBe([1, 4.5], 1e-9);
    }

    private static readonly Gen<Walker[]> Party = Gen.Select(Gen.Double[30, 150], Gen.Double[0, 30])
        .Select((kg, pack) => (kg, pack))
        .Array[1, 5]
        .Select(all => all.Select((w, i) => Of($"w{i}", w.kg, w.pack)).ToArray());

    /// <summary>
    /// All of it is carried where it fits, nobody more than their containers hold, and nobody overladen while another has room and is not.
    /// </summary>
    [Fact]
    public void All_is_carried_and_none_is_overladen_without_need() =>
        Gen.Select(Party, Gen.Select(Gen.Double[0.3, 6], Gen.Int[0, 5]).Array[1, 8], Gen.Double[0, 1])
            .Sample(
                (walkers, bags, share) =>
                {
                    CarriedContainer[] containers =
                    [
                        .. bags.Select(
                            (b, i) => new CarriedContainer($"c{i}", b.Item1, Walker: b.Item2 < walkers.Length ? $"w{b.Item2}" : null)
                        ),
                    ];
                    var litres = containers.Sum(c => c.VolumeL!.Value) * share;
                    var shares = new FairLoad(walkers, containers).Share(litres);
                    shares.Sum(s => s.Litres).ShouldBe(litres, 0.02);
                    for (var i = 0; i < walkers.Length; i++)
                    {
                        shares[i].Into.Sum(c => c.Litres).ShouldBe(shares[i].Litres, 0.02);
                        for (var j = 0; j < walkers.Length; j++)
                        {
                            if (
                                FairLoad.LoadShare(walkers[i], shares[i].Litres) > 0.25 + 1e-3
                                && shares[i].Litres > 0.02
                                && FairLoad.LoadShare(walkers[j], shares[j].Litres) < 0.25 - 1e-3
                            )
                            {
                                // The other has no room left: all of theirs is full.
                                shares[j]
                                    .Into.ShouldAllBe(c =>
                                        Math.Abs(c.Litres - containers.Single(x => x.Name == c.Container).VolumeL!.Value) < 0.02
                                    );
                            }
                        }
                    }
                }
            );
}
