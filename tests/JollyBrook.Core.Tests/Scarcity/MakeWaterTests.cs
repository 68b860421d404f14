using JollyBrook.Core.Body;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Scarcity;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Scarcity;

/// <summary>Yields and nets by hand, from handbook room 90 with the sweat of room 60.</summary>
public class MakeWaterTests
{
    private static readonly PotInput Pot = new(1.3, 0.19, PotMaterial.Titanium);

    /// <summary>35 °C, 30 %, full sun.</summary>
    private static readonly MakeRequest Heat = new(
        UnitSystem.Metric,
        35,
        30,
        SunLoad.Full,
        SheetM2: 1,
        Walker: Core.Carry.Party.Unnamed with
        {
            Worn = Clothing.ShortsAndShirt,
        }
    );

    private static WayAnswer Way(MakeRequest request, string id) => MakeWater.Compute(request).Ways.Single(w => w.Id == id);

    [Fact]
    public void Work_costs_what_it_sweats_beyond_resting_in_the_shade()
    {
        // 75 kg, 175 cm: A 1.9031 m². At 35 °C and 30 % the air holds 1.687 kPa (12.65 mmHg).
        // Digging 500 W in full sun: E_req 500/1.9031 + 6.45·6/0.6 = 327.2, E_res 19.0 W/m²: (327.2 − 19.0)/0.68 = 453.2 g/m²h, 0.863 L/h;
        // breathed 0.053.
        // At rest 1.44·75 = 108 W in shade: E_req 56.7 − 10.8 = 46.0, E_res 4.1: 61.6 g/m²h, 0.117 L/h; breathed 0.0115. Difference 0.787
        // L/h.
        MakeWater.Compute(Heat).DigSweatLPerH.ShouldBe(0.787, 0.003);
    }

    [Fact]
    public void A_ground_still_in_heat_is_negative_on_day_one_and_says_so()
    {
        // Dry soil: 0.2 to 0.3 L a day; two hours of digging cost 1.574 L.
        var dry = Way(Heat, "ground-still");
        dry.SpentL.ShouldBe(1.574, 0.006);
        dry.NetHighL.ShouldBe(0.3 - 1.574, 0.006);
        dry.Headline.ShouldContain("costs more than it gives");
        // Full sun and wet soil: 0.5 L at best, paid on day ⌈1.574/0.5⌉ = 4; at 0.2 L on day ⌈1.574/0.2⌉ = 8.
        var wet = Way(Heat with { Features = [PlaceFeature.WetSoil] }, "ground-still");
        (wet.LowL, wet.HighL).ShouldBe((0.2, 0.5));
        wet.NetHighL.ShouldBeLessThan(0);
        (wet.BreakEvenDayHigh, wet.BreakEvenDayLow).ShouldBe((4, 8));
        wet.Headline.ShouldContain("costs more than it gives; has paid on day 4 at the earliest");
    }

    [Fact]
    public void Six_square_metres_of_sheet_in_eight_millimetres_of_rain()
    {
        // 0.8·6·8 = 38.4 L; the first millimetre rinses: 0.8·6·7 = 33.6 L.
        var rain = Way(new(UnitSystem.Metric, SheetM2: 6, RainMm: 8), "rain");
        rain.HighL.ShouldBe(38.4, 1e-9);
        rain.LowL.ShouldBe(33.6, 1e-9);
        rain.NetLowL.ShouldBe(33.6 - rain.SpentL, 1e-9);
        rain.Headline.ShouldEndWith("it pays.");
        MakeWater.Compute(new(UnitSystem.Metric, SheetM2: 6, RainMm: 8)).Ways[0].Id.ShouldBe("rain");
    }

    [Theory]
    [InlineData(SunLoad.Full, 1.2)]
    [InlineData(SunLoad.Part, 0.72)]
    public void Three_branch_bags(SunLoad sun, double high)
    {
        // 3 × 0.1 to 3 × 0.4 L; at most three fifths of the top in part sun. 3 × 0.2 h of light work, anew each day.
        var bags = Way(new(UnitSystem.Metric, 22, 60, sun, Bags: 3, Features: [PlaceFeature.LeafyBranches]), "leaf-bag");
        bags.LowL.ShouldBe(0.3, 1e-9);
        bags.HighL.ShouldBe(high, 1e-9);
        bags.LabourHours.ShouldBe(0.6, 1e-9);
        bags.Cautions.ShouldContain(c => c.Code == "plants" && c.Severity == Severity.Danger);
    }

    [Theory]
    [InlineData(Soil.Clay, "1 to 1.5 m")]
    [InlineData(Soil.Loam, "2 m")]
    [InlineData(Soil.Sand, "2.5 to 3 m")]
    [InlineData(Soil.Unknown, "2.5 to 3 m")]
    public void A_seep_is_dug_farther_off_in_looser_soil(Soil soil, string distance)
    {
        var seep = Way(new(UnitSystem.Metric, Soil: soil, Hours: 2, Features: [PlaceFeature.BesideWater]), "seep");
        seep.Setup[0].ShouldContain($"Dig {distance} from the edge");
        (seep.LowL, seep.HighL).ShouldBe((2, 20));
        seep.Cautions.ShouldContain(c => c.Code == "tainted");
    }

    [Fact]
    public void Sea_water_on_gas_takes_115_g_a_litre()
    {
        // (4186·85 + 2.257e6)/(0.5·45.6e6) = 2 612 810/22.8e6 = 0.1146 kg a litre. A 229.2 g canister gives 2 L, in 2·2612.8 s = 1.45 h at
        // 1 kW.
        var still = Way(
            new(
                UnitSystem.Metric,
                Burner: "canister-sheltered",
                FuelG: 229.2,
                Pot: Pot,
                WaterTemperatureC: 15,
                Hours: 6,
                Features: [PlaceFeature.SaltWater]
            ),
            "pot-tube"
        );
        still.FuelGPerL!.Value.ShouldBe(114.6, 0.1);
        still.HighL.ShouldBe(2, 0.002);
        still.LabourHours.ShouldBe(1.452, 0.003);
        still.LowL.ShouldBe(1.4, 0.002); // seven tenths of the steam caught
        still.Treat.Kind.ShouldBe(SourceKind.Distilled);
        still.Cautions.ShouldContain(c => c.Code == "pressure");
    }

    [Fact]
    public void Time_ends_distilling_where_fuel_does_not()
    {
        // An open fire brings 1.5 kW into the pot: 2 h give 2·3600·1500/2 612 810 = 4.13 L.
        var fire = Way(
            new(UnitSystem.Metric, Burner: "open-fire", Pot: Pot, WaterTemperatureC: 15, Hours: 2, Features: [PlaceFeature.SaltWater]),
            "pot-tube"
        );
        fire.HighL.ShouldBe(4.13, 0.01);
    }

    [Fact]
    public void Snow_takes_fuel_by_the_litre()
    {
        // From −10 °C: 20 900 + 333 550 = 354.5 kJ, the 0.19 kg titanium pot 0.19·520·10 = 1.0 kJ: 355.4 kJ/(0.5·45.6) = 15.59 g a litre;
        // 62.36 g give 4 L.
        var snow = Way(
            new(
                UnitSystem.Metric,
                Burner: "canister-sheltered",
                FuelG: 62.36,
                Pot: Pot,
                Snow: new(SnowKind.Settled, -10),
                Hours: 12,
                Features: [PlaceFeature.Snow]
            ),
            "snow"
        );
        snow.FuelGPerL!.Value.ShouldBe(15.59, 0.02);
        snow.HighL.ShouldBe(4, 0.01);
        snow.LowL.ShouldBe(2.4, 0.01); // in wind
        snow.Treat.Snow.ShouldBe(SnowKind.Settled);
    }

    [Fact]
    public void A_day_of_several_ways_is_added_up_against_need()
    {
        var request = Heat with
        {
            Bags = 3,
            Features = [PlaceFeature.LeafyBranches, PlaceFeature.WetSoil],
            NeedLPerDay = 3,
            Chosen = [new("leaf-bag"), new("ground-still", 2)],
        };
        var total = MakeWater.Compute(request).Total!;
        total.LowL.ShouldBe(0.3 + 0.4, 1e-9);
        total.HighL.ShouldBe(1.2 + 1.0, 1e-9);
        total.LabourHours.ShouldBe(0.6 + 4, 1e-9);
        total.Covers.ShouldBe(false);
        total.Headline.ShouldContain("short of the 3 L needed");
        total.Conflicts.ShouldContain("The sheet is wanted twice: 2 m² of 1.");
    }

    [Fact]
    public void A_day_that_would_be_enough_if_it_could_be_done_is_not_called_enough()
    {
        // Four square metres of tent still give 2.4 L at their best, for half an hour's work; one square metre is here.
        var request = Heat with { Features = [PlaceFeature.SaltWater], NeedLPerDay = 1, Chosen = [new("tent-still", 4)] };
        var total = MakeWater.Compute(request).Total!;
        total.NetHighL.ShouldBeInRange(1, 2.4);
        total.Covers.ShouldBe(false);
        total.Headline.ShouldEndWith("would cover the 1 L needed, but not all of it can be done.");
    }

    [Fact]
    public void A_tent_still_of_half_a_metre_gives_half_of_one()
    {
        var tent = MakeWater
            .Compute(new(UnitSystem.Metric, SheetM2: 0.5, Sun: SunLoad.Full, Features: [PlaceFeature.SaltWater]))
            .Ways.Single(w => w.Id == "tent-still");
        (tent.LowL, tent.HighL, tent.SheetM2).ShouldBe((0.1, 0.3, 0.5));
    }

    [Fact]
    public void What_is_missing_is_said_and_nothing_is_promised()
    {
        var nothing = MakeWater.Compute(new(UnitSystem.Metric));
        nothing.Ways.ShouldAllBe(w => !w.Possible && w.WhyNot.Length > 0);
        nothing.Assumptions.ShouldContain(a => a.Field == "sun");
    }

    [Fact]
    public void Bad_fields_are_named()
    {
        var bad = Should.Throw<BadInputException>(() =>
            MakeWater.Compute(new(UnitSystem.Metric, RainMm: -1, Burner: "lava", Chosen: [new("dowsing")]))
        );
        bad.Errors.Select(e => e.Field).ShouldBe(["rainMm", "burner"]);
        Should
            .Throw<BadInputException>(() => MakeWater.Compute(new(UnitSystem.Metric, Chosen: [new("dowsing")])))
            .Errors.Single()
            .Field.ShouldBe("chosen.id");
    }

    [Fact]
    public void Every_product_goes_into_Treat_and_is_never_called_safe_untreated_but_by_choice()
    {
        foreach (var way in MakeWater.Compute(new(UnitSystem.Metric)).Ways)
        {
            var source = new SourceInput(way.Treat.Kind, way.Treat.Flow, [], YesNo.Unknown, YesNo.No);
            var water = new WaterInput(1, way.Treat.Clarity, way.Treat.Colour, 10, 500);
            var snow = way.Treat.Snow is { } kind ? new SnowInput(kind, -5) : null;
            var answer = Treat.Compute(new(UnitSystem.Metric, water, "boil", Source: source, Snow: snow));
            answer.Outcome.ShouldBe(TreatOutcome.Meets, way.Id);
            var may = way.Treat.Kind is SourceKind.Rain or SourceKind.Distilled;
            var untreated = () =>
                Treat.Compute(new(UnitSystem.Metric, water, Treat.Untreated, Source: source, AcceptCleanSnowOrRain: true));
            if (may)
            {
                untreated().Outcome.ShouldBe(TreatOutcome.Accepted, way.Id);
            }
            else
            {
                Should.Throw<BadInputException>(untreated);
            }
        }
    }

    /// <summary>The page starts with what is taken where nothing is told: sending it changes no figure.</summary>
    [Fact]
    public void What_the_room_starts_from_is_what_is_taken_where_nothing_is_told()
    {
        var usual = ScarceDefaults.Usual;
        var untold = MakeWater.Compute(new MakeRequest(null));
        var told = MakeWater.Compute(
            new MakeRequest(
                null,
                usual.AirC,
                usual.HumidityPercent,
                RainMm: usual.RainMm,
                SheetM2: usual.SheetM2,
                Bags: usual.Bags,
                Hours: usual.Hours
            )
        );

        static IEnumerable<object> Figures(MakeResponse made) =>
            [.. made.Ways.Select(w => (w.Id, w.WhyNot, w.Count, w.LowL, w.HighL, w.SpentL))];
        Figures(told).ShouldBe(Figures(untold));
        told.DigSweatLPerH.ShouldBe(untold.DigSweatLPerH);
    }

    /// <summary>Nobody counts on a still before the sun is told of.</summary>
    [Theory]
    [InlineData(null)]
    [InlineData(SunLoad.None)]
    public void Without_sun_told_no_still_gives_anything(SunLoad? sun)
    {
        var made = MakeWater.Compute(
            Heat with
            {
                Sun = sun,
                Bags = 3,
                Features = [PlaceFeature.LeafyBranches, PlaceFeature.WetSoil, PlaceFeature.SaltWater],
            }
        );

        made.Ways.Where(w => w.Possible).ShouldAllBe(w => !w.WhyNot.Contains("sun"));
        made.Ways.Count(w => w.WhyNot == "No sun: it gives nothing.").ShouldBeGreaterThan(1);
        made.Assumptions.Any(a => a.Field == "sun").ShouldBe(sun is null);
    }
}
