using CsCheck;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Route;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Tests.Safe;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Carry;

/// <summary>
/// Supplies run down along the trip, fill by fill; where they end the next best takes over, and what is missing is counted.
/// </summary>
public sealed class TripSuppliesTests
{
    private static KitEntry Tablets(double? left) =>
        Kits.Entry(new ProductSpec("clo2-tablet", new DateOnly(2028, 1, 1)), "clo2", left, "Dioxide tablets");

    /// <summary>
    /// Two fills of 0.78 L each (12 km · 0.06476 L, see <see cref="HandWorkedPlanTests"/>): a tablet for a litre or what is begun of it.
    /// </summary>
    private static PlanRequest TwoFills(params KitEntry[] kit)
    {
        var request = Routes.Level(32, ("Spring", 8, 0.98), ("Well", 20, 0.98));
        return request with
        {
            Route = request.Route! with { KgKmPerMinute = 0.001 },
            Kit = kit,
            Sources =
            [
                .. request.Sources!.Select(s =>
                    s with
                    {
                        Source = s.Source with { Drinkable = null, Clarity = Clarity.Clear, Colour = WaterColour.None, TemperatureC = 8 },
                    }
                ),
            ],
        };
    }

    private static List<string> Ways(PlanResponse plan) =>
        [.. plan.Stops.Where(s => s is { Planned: true, Kind: StopKind.Source }).Select(s => s.TreatBy)];

    [Fact]
    public void What_lasts_is_told_with_what_is_used()
    {
        var plan = Plan.Compute(TwoFills(Tablets(5)));
        Ways(plan).ShouldAllBe(w => w.StartsWith("Dioxide tablets, 1 tablet"));
        plan.Supplies.ShouldHaveSingleItem()
            .ShouldBe(new PlanSupply("clo2", "Dioxide tablets", 2, 5, "2 tablets of 5 tablets", null, null));
        plan.Feasible.ShouldBeTrue();
    }

    /// <summary>What rounding leaves of a fill is no water.</summary>
    [Fact]
    public void A_fill_of_nothing_but_rounding_takes_nothing_and_misses_nothing()
    {
        var setup = new PlanSetup(TwoFills(Tablets(5)));
        var fill = PlanSolver.Solve(setup).Fills.First(f => f.Water.Source is not null);
        var treated = TreatedWalk.Of(setup, [fill with { ArriveL = 1, DrinkL = 0, LeaveL = 1 + 1e-12 }]);
        treated.Used.ShouldBeEmpty();
        treated.Untreated.ShouldBeEmpty();
    }

    [Fact]
    public void Where_a_supply_ends_the_next_best_takes_over_and_the_rest_is_counted()
    {
        var plan = Plan.Compute(TwoFills(Tablets(1), Kits.Burner(), new KitEntry("pot", Kits.Pot)) with { CountViruses = true });
        // Boiling takes less wait than four hours of dioxide: preferred, tablets would be the way.
        Ways(plan).ShouldAllBe(w => w.StartsWith("Stove"));
        var preferring = TwoFills(Tablets(1), Kits.Burner(), new KitEntry("pot", Kits.Pot));
        preferring = preferring with
        {
            Sources = [.. preferring.Sources!.Select(s => s with { Source = s.Source with { TreatWith = "clo2" } })],
        };
        plan = Plan.Compute(preferring);
        Ways(plan)[0].ShouldStartWith("Dioxide tablets");
        Ways(plan)[1].ShouldStartWith("Stove");
        var tablets = plan.Supplies.Single(s => s.Id == "clo2");
        (tablets.Used, tablets.EndsAt, tablets.More).ShouldBe((1, "Well", "1 tablet more"));
        plan.Feasible.ShouldBeTrue();
    }

    [Fact]
    public void Where_nothing_is_left_the_plan_says_so_with_the_remedy_counted()
    {
        var plan = Plan.Compute(TwoFills(Tablets(1)));
        plan.Feasible.ShouldBeFalse();
        plan.Headline.ShouldBe("Not with this kit: nothing is left to treat the water of Well. Dioxide tablets: 1 tablet more");
        Plan.Compute(TwoFills(Tablets(2))).Feasible.ShouldBeTrue();
    }

    /// <summary>What nobody counted is used where nothing that is counted does it, and the plan says so.</summary>
    [Fact]
    public void What_was_not_counted_is_said_to_be_so()
    {
        var plan = Plan.Compute(TwoFills(Tablets(null)));
        plan.Feasible.ShouldBeTrue();
        plan.Supplies.Single().Words.ShouldBe("2 tablets; what is left is not counted");
        plan.Assumptions.ShouldContain(a => a.Message.StartsWith("How much is left of Dioxide tablets is not known"));
    }

    [Fact]
    public void A_tap_needs_no_treatment_and_a_bloom_is_walked_by()
    {
        var request = TwoFills(Tablets(5));
        var tap = Plan.Compute(
            request with
            {
                Sources = [.. request.Sources!.Select(s => s with { Source = s.Source with { Drinkable = true } })],
            }
        );
        tap.Supplies.ShouldBeEmpty();
        var stop = tap.Stops.First(s => s is { Planned: true, Kind: StopKind.Source });
        stop.TreatBy.ShouldBe("As it comes");
        stop.ReadyHour!.Value.ShouldBe(stop.ArriveHour + (stop.StopMinutes / 60), 1e-3);
        var bloom = Plan.Compute(
            request with
            {
                Sources =
                [
                    .. request.Sources!.Select(s => s.Id == "Well" ? s with { Source = s.Source with { Seen = [Sighting.Bloom] } } : s),
                ],
            }
        );
        bloom
            .Stops.Single(s => s.Id == "Well")
            .ShouldSatisfyAllConditions(
                s => s.Planned.ShouldBeFalse(),
                s => s.Words.ShouldStartWith("Do not use"),
                s => s.Chance.ShouldBeNull()
            );
    }

    /// <summary>
    /// Every batch is Treat's own with what those before it left, its minutes are Treat's own, and what they take adds up to what the plan
    /// says, whatever the kit, the ground and the water.
    /// </summary>
    [Fact]
    public void A_plan_takes_what_its_batches_take_one_after_another() =>
        SafeSweep.Plans.Sample(
            request =>
            {
                var setup = new PlanSetup(request);
                var walk = PlanSolver.Solve(setup);
                var treated = TreatedWalk.Of(setup, walk.Fills);
                var kit = KitEntry.Carried(request.Kit);
                Dictionary<string, double> used = [];
                foreach (var fill in walk.Fills)
                {
                    if (treated.Of(fill) is not { } told)
                    {
                        continue;
                    }

                    var boilL = TreatedWalk.BoilL(setup, fill);
                    var dosed = FillTreatment.Measured(fill.TakenL - boilL) + (told.BoilL > 0 ? 0 : FillTreatment.Measured(boilL));
                    if (told.BoilL > 0)
                    {
                        kit = Live(setup, fill, told.Uses[^1].Id, told.BoilL, kit, used);
                    }

                    if (dosed > 1e-6)
                    {
                        var answer = Treat.Compute(setup.Treatment.Ask(fill.Water, dosed, kit) with { Method = told.Way });
                        Math.Ceiling(answer.DrinkableMinutes!.Value - 1e-6).ShouldBe(told.Minutes);
                        kit = Live(setup, fill, told.Way, dosed, kit, used);
                    }
                }

                var supplies = Plan.Compute(request).Supplies;
                foreach (var (id, units) in used)
                {
                    supplies.Single(s => s.Id == id).Used.ShouldBe(units, 1e-6);
                    kit.Single(e => e.Id == id).ShouldSatisfyAllConditions(e => (e.Left is null or >= 0).ShouldBeTrue());
                }
            },
            iter: 1_000
        );

    /// <summary>Treats by Treat itself; returns the kit as it is after.</summary>
    private static List<KitEntry> Live(
        PlanSetup setup,
        PlannedFill fill,
        string way,
        double litres,
        List<KitEntry> kit,
        Dictionary<string, double> used
    )
    {
        var answer = Treat.Compute(setup.Treatment.Ask(fill.Water, litres, kit) with { Method = way });
        foreach (var id in way.Split('+'))
        {
            var piece = kit.Single(e => e.Id == id);
            var units = piece.Item switch
            {
                ChemicalProduct { Product: { } product } => product.Profile.Form == ProductForm.Tablet
                    ? answer.Dose!.Units
                    : answer.Dose!.Units / product.DropsPerMl,
                UvLamp => answer.Lamp!.Cycles,
                Stove => answer.Boil!.FuelG,
                _ => Math.Max(litres, WaterFields.Volume.Min),
            };
            used[id] = used.GetValueOrDefault(id) + units;
            kit = [.. kit.Select(e => e.Id == id ? e.After(units, litres, fill.Water.Source!.Clarity) : e)];
        }

        return kit;
    }
}
