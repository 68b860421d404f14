using JollyBrook.Core.Barriers;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Filters;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Treatment;

/// <summary>What one barrier of a chain leaves for the next to do, and in which order they may stand.</summary>
public class ChainWaitsTests
{
    private static readonly KitEntry ClO2 = Kits.Entry(
        new ProductSpec("clo2-tablet", new DateOnly(2027, 5, 31)),
        "clo2",
        name: "Chlorine dioxide tablets"
    );
    private static readonly KitEntry Carbon = Kits.Entry(Kits.Squeeze with { Element = FilterElement.Carbon }, "carbon", "Carbon");

    private static TreatResponse Ways(
        string method,
        WaterInput? water = null,
        ContainerInput? container = null,
        DateTimeOffset? start = null,
        params KitEntry[] kit
    ) =>
        Treat.Compute(
            new TreatRequest(
                UnitSystem.Metric,
                water ?? Ask.Water(1),
                method,
                StartAt: start ?? Kits.Now,
                Kit: [.. kit, Kits.Entry(Kits.Squeeze), ClO2, Kits.Burner(), Kits.Entry(Kits.Tablets)],
                Boil: new BoilOptions(Pot: new(1.3, 0.19, PotMaterial.Aluminium)),
                Container: container ?? new ContainerInput(Opaque: true),
                Sky: new SkyInput(10, 46.2, -28.6, 0, false, new DateOnly(2026, 8, 10))
            )
        );

    /// <summary>
    /// The label of the tablet: 240 min for Cryptosporidium, 30 for the rest. The filter took Cryptosporidium and Giardia.
    /// </summary>
    [Fact]
    public void Behind_a_filter_chlorine_dioxide_waits_for_bacteria_and_viruses_alone()
    {
        Ways("clo2").Contact!.WaitMinutes.ShouldBeGreaterThanOrEqualTo(240);
        var chain = Ways("filter+clo2");
        chain.Contact!.WaitMinutes.ShouldBeLessThanOrEqualTo(30);
        chain.Outcome.ShouldBe(TreatOutcome.Meets);
    }

    [Fact]
    public void Its_half_hour_is_offered_beside_the_four_and_is_short_of_cryptosporidium_alone()
    {
        var shorter = Ways("clo2").Contact!.Shorter!;
        shorter.WaitMinutes.ShouldBeLessThan(240);
        var taken = Treat.Compute(
            new TreatRequest(
                UnitSystem.Metric,
                Ask.Water(1),
                "clo2-tablet",
                Chemical: Ask.InDateInShade with
                {
                    WithoutCryptosporidium = true,
                }
            )
        );
        taken.Contact!.WaitMinutes.ShouldBe(shorter.WaitMinutes);
        taken.ShortOf.ShouldBe([OrganismClass.Cryptosporidium]);
        taken.Ledger.Single(r => r.Organism == OrganismClass.Cryptosporidium).TotalLogs.ShouldBeLessThan(1); // what half an hour of contact takes
    }

    /// <summary>
    /// Ice-cold, cloudy, unknown pH: what would need more than a day is not credited, and the wait does not fall to nothing for it.
    /// </summary>
    [Fact]
    public void What_needs_more_than_a_day_is_short_and_is_waited_for_no_less()
    {
        var warm = Ask.Chemical("iodine-tablet", Ask.Water(1, temperatureC: 20));
        var cold = Ask.Chemical("iodine-tablet", Ask.Water(1, Clarity.Cloudy, 0.5, WaterColour.Tea));
        cold.Contact?.WaitMinutes.ShouldBeGreaterThanOrEqualTo(warm.Contact!.WaitMinutes);
        cold.ShortOf.Count.ShouldBeGreaterThanOrEqualTo(warm.ShortOf.Count);
        cold.Contact?.WaitMinutes.ShouldBeLessThanOrEqualTo(24 * 60);
    }

    /// <summary>
    /// From 21:00 no sun reaches a clear bottle until morning: it waits as an opaque one does, so long as it is done by sunrise.
    /// </summary>
    [Fact]
    public void A_clear_bottle_at_night_waits_as_in_the_dark()
    {
        var night = new DateTimeOffset(2026, 8, 10, 21, 0, 0, TimeSpan.FromHours(-2));
        var clear = Ways("tablets", container: new ContainerInput(Opaque: false, CapacityL: 1), start: night).Contact!.WaitMinutes;
        var opaque = Ways("tablets", container: new ContainerInput(Opaque: true, CapacityL: 1), start: night).Contact!.WaitMinutes;
        clear.ShouldBe(opaque);
        Ways("tablets", container: new ContainerInput(Opaque: false, CapacityL: 1), start: night.AddHours(-9))
            .Contact!.WaitMinutes.ShouldBeGreaterThanOrEqualTo(clear);
    }

    [Fact]
    public void Carbon_may_follow_the_contact_and_takes_the_taste()
    {
        var plain = Ways("tablets", kit: Carbon);
        var chain = Ways("tablets+carbon", kit: Carbon);
        chain.Outcome.ShouldBe(plain.Outcome);
        chain.Ledger.Select(r => r.TotalLogs).ShouldBe(plain.Ledger.Select(r => r.TotalLogs)); // it takes no organism
        chain.DrinkableMinutes!.Value.ShouldBeGreaterThanOrEqualTo(plain.DrinkableMinutes!.Value);
        Should.Throw<Core.Contract.BadInputException>(() => Ways("carbon+tablets+filter", kit: Carbon));
    }

    [Theory]
    [InlineData("filter+burner")]
    [InlineData("burner+filter")]
    public void A_double_barrier_stands_in_either_order(string method) => Ways(method).Outcome.ShouldBe(TreatOutcome.Meets);
}
