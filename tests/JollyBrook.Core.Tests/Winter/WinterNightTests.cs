using CsCheck;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Water;
using JollyBrook.Core.Winter;

namespace JollyBrook.Core.Tests.Winter;

/// <summary>Winter camp, handbook rooms 30 and 80: worked by hand from the tables there.</summary>
public class WinterNightTests
{
    private static readonly DateTimeOffset Four = new(2026, 1, 17, 16, 0, 0, TimeSpan.FromHours(1));

    private static readonly KitEntry Stove = Kits.Burner(fuelG: 460, id: "stove");
    private static readonly KitEntry Pot = new("pot", Kits.Pot);
    private static readonly KitEntry SmallPot = new("mug", new CookingPot(0.75, PotMaterial.Titanium) { Name = "Mug", MassKg = 0.1 });
    private static readonly KitEntry Bottle = new("bottle", new Container(1) { Name = "Bottle" });
    private static readonly KitEntry Tablets = Kits.Entry(
        new Core.Chemistry.ProductSpec("clo2-tablet", new DateOnly(2028, 1, 1)),
        "clo2",
        60,
        "Dioxide tablets"
    );

    private static WinterNightResponse Night(WinterNight night, params KitEntry[] kit) =>
        WinterNights.Compute(new WinterNightRequest(null, night, Kit: kit, Now: Four));

    /// <summary>−12 °C for three, settled snow, sea level, a 1.3 L pot of 190 g aluminium on a sheltered canister stove.</summary>
    private static readonly WinterNight ThreeAtMinus12 = new(3, -12, 0, Four, Snow: new SnowInput(SnowKind.Settled, -12));

    /// <summary>
    /// Meals 3·1.6 = 4.8 L, drinking 3·2.5 = 7.5 L. Melting: (2090·12 + 333 550) J/kg over 22 800 J/g = 15.729 g/L, the pot 0.09 g each
    /// time:
    /// 75.59 and 118.06 g. Boiling, lid on, a minute's hold of 18 kJ: 5 loads of 0.96 L at 436 956 J, 7 of 1.071 L at 483 593 J: 95.82 and
    /// 148.47 g.
    /// Loads of snow: 19.2 L and 30 L over 1.04 L: 19 and 29.
    /// </summary>
    [Fact]
    public void An_evening_at_minus_12_for_three()
    {
        var night = Night(ThreeAtMinus12, Stove, Pot, Bottle);
        night.WaterL.ShouldBe(12.3, 1e-9);
        night.Uses.Select(u => Math.Round(u.Litres, 9)).ShouldBe([4.8, 7.5]);
        night.Uses[0].FuelG.ShouldBe(75.59 + 95.82, 0.05);
        night.Uses[1].FuelG.ShouldBe(118.06 + 148.47, 0.05);
        night.FuelG.ShouldBe(437.9, 0.1);
        night.FuelLeftG.ShouldBe(460);
        night.IsFuelEnough.ShouldBeTrue();
        var taken = night.Ways.Single(w => w.IsTaken);
        taken.Loads.ShouldBe(19 + 29);
        // 1.3 h and 57 min of melting, 12 pots brought to the boil: 145.6 min and 101 at least.
        taken.Minutes.ShouldBeInRange(247, 300);
        taken.DoneAt.ShouldBe(Four.AddMinutes(taken.Minutes));
        night.Night.BedAt.ShouldBe(Four.AddHours(5));
        night.Night.LeaveAt.ShouldBe(Four.AddHours(16));
        taken.InTime.ShouldBeTrue();
        night.Headline.ShouldStartWith("4 h ");
    }

    /// <summary>Open water needs no melting: 95.82 + 148.47 g, and the snow's fuel is what is saved.</summary>
    [Fact]
    public void Open_water_under_the_ice_stands_beside_the_snow()
    {
        var night = Night(ThreeAtMinus12, Stove, Pot);
        var open = night.Ways.Single(w => w.Water == WinterWater.OpenWater);
        open.FuelG.ShouldBe(244.29, 0.1);
        open.Loads.ShouldBe(0);
        open.IsTaken.ShouldBeFalse();
        Night(ThreeAtMinus12 with { Water = WinterWater.OpenWater }, Stove, Pot).FuelG.ShouldBe(open.FuelG, 1e-9);
    }

    [Fact]
    public void The_smallest_pot_that_does_it_in_the_evening_is_taken_and_where_none_does_the_quickest()
    {
        var alone = ThreeAtMinus12 with { People = 1 };
        Night(alone, Stove, Pot, SmallPot).Ways.Single(w => w.IsTaken).PotId.ShouldBe("mug");
        var late = Night(ThreeAtMinus12 with { BedAt = Four.AddHours(1) }, Stove, SmallPot, Pot);
        late.Ways.ShouldAllBe(w => !w.InTime);
        late.Ways.Single(w => w.IsTaken).PotId.ShouldBe("pot");
    }

    [Fact]
    public void Too_little_fuel_and_fuel_nobody_counted_are_not_enough()
    {
        var few = Night(ThreeAtMinus12, Kits.Burner(fuelG: 430, id: "stove"), Pot);
        few.IsFuelEnough.ShouldBeFalse();
        few.Cautions.Single(c => c.Code == "fuel")
            .ShouldSatisfyAllConditions(c => c.Severity.ShouldBe(Severity.Danger), c => c.Message.ShouldContain("7.9 g short"));
        Night(ThreeAtMinus12, Kits.Burner(fuelG: null, id: "stove"), Pot).IsFuelEnough.ShouldBeFalse();
        var fire = Night(ThreeAtMinus12, Kits.Burner(Burners.OpenFireId, null, "fire", "Fire"), Pot);
        (fire.IsFuelEnough, fire.FuelLeftG).ShouldBe((true, null));
    }

    [Fact]
    public void What_is_not_boiled_is_treated_by_what_does_not_freeze()
    {
        var night = Night(ThreeAtMinus12 with { BoilAll = false }, Stove, Pot, Tablets, Kits.Entry(Kits.Squeeze));
        var drinking = night.Uses.Single(u => u.Use == WinterUse.Drinking);
        drinking.Way.ShouldStartWith("Dioxide tablets");
        drinking.FuelG.ShouldBe(118.06, 0.05);
        night.Cautions.ShouldContain(c => c.Code == "filter-in-use");
        night.Jobs.Select(j => j.Title).ShouldContain("Squeeze filter: put it away warm");
        night.Jobs.Single(j => j.Title == "Squeeze filter: did it stay warm?").At.ShouldBe(night.Night.LeaveAt!.Value.AddHours(-1.5));
    }

    [Fact]
    public void Without_stove_pot_and_forecast_it_is_reckoned_the_worse_way_and_says_so()
    {
        var night = Night(new WinterNight(1, From: Four));
        night.Night.LowC.ShouldBe(-20);
        night.Assumptions.Select(a => a.Field).ShouldBe(["night.lowC", "night.elevationM", "kit.stove", "kit.pot"], ignoreOrder: true);
        night.IsFuelEnough.ShouldBeFalse();
        night.Cautions.ShouldContain(c => c.Code == "steel");
    }

    [Fact]
    public void Hours_that_do_not_follow_one_another_are_refused_by_name()
    {
        Should
            .Throw<BadInputException>(() => Night(ThreeAtMinus12 with { BedAt = Four.AddHours(-1), LeaveAt = Four.AddHours(20) }))
            .Errors[0]
            .Field.ShouldBe("night.bedAt");
        Should
            .Throw<BadInputException>(() => Night(ThreeAtMinus12 with { LeaveAt = Four.AddHours(60) }))
            .Errors[0]
            .Field.ShouldBe("night.leaveAt");
        Should.Throw<BadInputException>(() => Night(ThreeAtMinus12 with { LowC = -61 })).Errors[0].Field.ShouldBe("night.lowC");
    }

    /// <summary>A litre at 20 °C, bare: 20/5·1.3 = 5.2 h at −5 °C, 20/12·1.3 = 2.17 h at −12 °C; three times that in the pack.</summary>
    [Theory]
    [InlineData(-5, SleepsWhere.Bare, 5.2)]
    [InlineData(-12, SleepsWhere.Bare, 2.1667)]
    [InlineData(-12, SleepsWhere.InPack, 6.5)]
    [InlineData(-26, SleepsWhere.Bare, 1)]
    [InlineData(-1, SleepsWhere.Bare, 5.2)] // The rule is for −5 °C and colder: less cold counts as that.
    public void A_bottle_begins_to_freeze_by_the_rule(double airC, SleepsWhere where, double hours) =>
        Freezing.HoursToIce(1, 20, airC, where)!.Value.ShouldBe(hours, 1e-3);

    [Fact]
    public void In_the_sleeping_bag_and_above_zero_nothing_freezes()
    {
        Freezing.HoursToIce(1, 20, -30, SleepsWhere.InSleepingBag).ShouldBeNull();
        Freezing.HoursToIce(1, 1, 0, SleepsWhere.Bare).ShouldBeNull();
        Freezing.HoursToIce(1, 0, -10, SleepsWhere.Bare).ShouldBe(0);
    }

    /// <summary>
    /// Bottle at −12 °C, filled at 20 °C and laid down at 21:00: bare ice from 23:10; in the pack from 3:30; both before 8:00.
    /// </summary>
    [Fact]
    public void Each_bottle_is_held_against_the_night()
    {
        BottleNight At(SleepsWhere? where) =>
            Night(ThreeAtMinus12 with { Bottles = where is null ? null : [new("bottle", where)] }, Stove, Pot, Bottle).Bottles.Single();
        At(null).Where.ShouldBe(SleepsWhere.Bare);
        At(null).FreezesAt!.Value.ShouldBe(Four.AddHours(5 + 2.1667), TimeSpan.FromMinutes(1));
        At(SleepsWhere.InPack).FreezesAt!.Value.ShouldBe(Four.AddHours(11.5), TimeSpan.FromMinutes(1));
        At(SleepsWhere.InSleepingBag).ShouldSatisfyAllConditions(b => b.FreezesAt.ShouldBeNull(), b => b.Words.ShouldBe("Stays water."));
    }

    /// <summary>A litre at 95 °C in −10 °C: 2.5 °C in the first hour, near 75 °C after nine.</summary>
    [Fact]
    public void A_flask_falls_as_the_rule_says()
    {
        Flask.After(0, 1, 95, -10).ShouldBe(95);
        (95 - Flask.After(1, 1, 95, -10)).ShouldBe(2.5, 0.05);
        Flask.After(9, 1, 95, -10).ShouldBe(74.7, 0.1);
        var night = Night(ThreeAtMinus12 with { FlaskL = 1 }, Stove, Pot);
        // Sea level: 100 °C at 16:00, 16 h in −12 °C: −12 + 112·e^(−16/42) = 64.5 °C.
        night.Flask!.MorningC.ShouldBe(64.5, 0.2);
        night.Uses.Select(u => u.Use).ShouldBe([WinterUse.Meals, WinterUse.Flasks, WinterUse.Drinking]);
    }

    /// <summary>With 8 g of fuel left: what an evening takes is told all the same.</summary>
    private static readonly KitEntry AlmostEmpty = Kits.Burner(fuelG: 8, id: "stove");

    private static readonly Gen<WinterNight> AnyNight =
        from people in Gen.Int[1, 12]
        from low in Gen.Double[-40, 5]
        from elevation in Gen.Double[0, 5000]
        from boil in Gen.Double[0, 20]
        from drink in Gen.Double[0, 20]
        from flask in Gen.Double[0, 3]
        from all in Gen.Bool
        from kind in Gen.Enum<SnowKind>()
        select new WinterNight(
            people,
            low,
            elevation,
            Four,
            BoilL: boil,
            DrinkL: drink,
            FlaskL: flask,
            BoilAll: all,
            Snow: new SnowInput(kind, Math.Min(0, low))
        );

    [Fact]
    public void Colder_snow_and_colder_nights_never_take_less_nor_leave_longer() =>
        Gen.Select(AnyNight, Gen.Double[0.1, 15])
            .Sample(
                (night, colder) =>
                {
                    var (mild, cold) = (
                        Night(night, AlmostEmpty, Pot, Bottle, Tablets),
                        Night(
                            night with
                            {
                                LowC = night.LowC - colder,
                                Snow = night.Snow! with { TemperatureC = night.Snow.TemperatureC - colder },
                            },
                            AlmostEmpty,
                            Pot,
                            Bottle,
                            Tablets
                        )
                    );
                    cold.FuelG.ShouldBeGreaterThanOrEqualTo(mild.FuelG - 1e-9);
                    (cold.Bottles[0].HoursToIce ?? double.MaxValue).ShouldBeLessThanOrEqualTo(
                        mild.Bottles[0].HoursToIce ?? double.MaxValue
                    );
                },
                iter: 200
            );

    [Fact]
    public void Open_water_never_takes_more_than_snow_in_the_same_pot() =>
        AnyNight.Sample(
            night =>
            {
                var ways = Night(night, AlmostEmpty, Pot, SmallPot, Tablets).Ways;
                foreach (var pair in ways.GroupBy(w => w.PotId))
                {
                    var (snow, open) = (pair.Single(w => w.Water == WinterWater.Snow), pair.Single(w => w.Water == WinterWater.OpenWater));
                    (open.FuelG <= snow.FuelG + 1e-9 && open.Minutes <= snow.Minutes).ShouldBeTrue();
                }
            },
            iter: 200
        );

    [Fact]
    public void A_warmer_bottle_or_a_larger_one_never_freezes_sooner() =>
        Gen.Select(Gen.Double[0.1, 5], Gen.Double[0, 60], Gen.Double[-40, -0.1], Gen.Enum<SleepsWhere>(), Gen.Double[0, 30])
            .Sample(
                (volume, from, air, where, more) =>
                {
                    double Hours(double v, double t) => Freezing.HoursToIce(v, t, air, where) ?? double.MaxValue;
                    // But for the last digit.
                    var hours = Hours(volume, from) * (1 - 1e-12);
                    Hours(volume, from + more).ShouldBeGreaterThanOrEqualTo(hours);
                    Hours(volume + more, from).ShouldBeGreaterThanOrEqualTo(hours);
                }
            );
}
