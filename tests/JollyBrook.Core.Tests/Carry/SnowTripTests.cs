using JollyBrook.Core.Body;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Packing;
using JollyBrook.Core.Route;
using JollyBrook.Core.Schedule;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Carry;

/// <summary>A camp on snow in frost: what is drawn there is melted, in the plan, in the evening and in the check of the kit.</summary>
public class SnowTripTests
{
    private static readonly KitEntry[] Carried =
    [
        Kits.Entry(new ProductSpec("clo2-tablet", new DateOnly(2028, 1, 1)), "clo2", 60, "Dioxide tablets"),
        Kits.Burner(fuelG: 460, id: "stove"),
        new KitEntry("pot", Kits.Pot),
        new KitEntry("bag", new Container(4) { Name = "Bag" }),
        new KitEntry("bottle", new Container(1) { Name = "Bottle" }),
    ];

    private static PlanRequest Trip(double airC, params KitEntry[] kit)
    {
        var now = new DateTimeOffset(2026, 1, 9, 12, 0, 0, TimeSpan.Zero);
        var ground = ReadLegs.Compute(new LegsRequest(null, 300, [new("Out", 10, 0, 0), new("On", 10, 0, 0)]));
        var route = new TripRoute(
            "Two days",
            new DateOnly(2026, 1, 10),
            ground.LengthKm,
            ground.Heights,
            Days: [new(8, 10, "Snow camp", 2, 2, 0.5), new(8)],
            Weather: [new DayWeather(airC, airC, 50, 0.2, 3, WeatherSource.Typed)],
            WeatherElevationM: 300
        );
        return new PlanRequest(
            null,
            route,
            [
                new(
                    "snow",
                    new TripSource(
                        "Snow at camp",
                        SourceClass.SnowPatch,
                        10,
                        Chance: 1,
                        Clarity: Clarity.Clear,
                        Colour: WaterColour.None,
                        TreatWith: "clo2"
                    )
                ),
            ],
            [new("w", new Walker("Ilva", 62, 168, true)), new("v", new Walker("Torren", 81, 183, false))],
            Now: now,
            Kit: kit.Length == 0 ? Carried : kit,
            OffsetsMinutes: [0]
        );
    }

    /// <summary>
    /// From settled snow at −8 °C: (2090·8 + 333 550 J/kg)/(0.5·45.6 MJ/kg) = 15.36 g a litre, and the pot, 0.19 kg·900 J/kgK·8 K, 0.06 g
    /// each time it is put on. What is dosed takes no other fuel: the stove's share beyond the pot's water is melting alone.
    /// </summary>
    [Fact]
    public void The_plan_counts_the_fuel_that_melting_takes()
    {
        var (frost, thaw) = (Plan.Compute(Trip(-8)), Plan.Compute(Trip(0.5)));
        var taken = frost.Stops.Where(s => s is { Planned: true, Kind: StopKind.Source or StopKind.Camp } && s.TakeL > 0).ToList();
        frost.SnowL.ShouldBe(taken.Sum(s => s.TakeL), 0.05);
        frost.SnowL.ShouldBeGreaterThan(5);
        taken[0].TreatBy.ShouldStartWith("Snow melted, then dioxide tablets");
        thaw.SnowL.ShouldBe(0);
        thaw.Stops.ShouldAllBe(s => !s.TreatBy.Contains("melted"));

        // Of the camp's water 3.2 L goes to the pot: melted to 0 °C, then as in the thaw, where it comes at 0 °C too.
        double Fuel(PlanResponse plan) => plan.Supplies.Single(s => s.Id == "stove").Used;
        var perLitre = ((2090 * 8) + 333_550) / (0.5 * 45.6e6) * 1000;
        perLitre.ShouldBe(15.36, 0.005);
        var potless = frost.SnowL * perLitre;
        Fuel(frost).ShouldBeGreaterThan(potless + 3.2 * 17);
        var boil = frost.Stops.Sum(s => s.BoilL);
        Fuel(frost).ShouldBe(potless + BoilFuelG(boil, Fuel(thaw), thaw.Stops.Sum(s => s.BoilL)), 0.6);
    }

    private static double BoilFuelG(double litres, double thawG, double thawL) => litres / thawL * thawG;

    [Fact]
    public void Without_a_stove_nothing_melts_and_with_too_little_fuel_the_plan_says_where_it_ends()
    {
        var none = Plan.Compute(Trip(-8, Carried[0], Carried[3], Carried[4]));
        none.Feasible.ShouldBeFalse();
        none.Headline.ShouldContain("Snow at camp");

        var little = Plan.Compute(Trip(-8, Carried[0], Kits.Burner(fuelG: 30, id: "stove"), Carried[2], Carried[3], Carried[4]));
        little.Feasible.ShouldBeFalse();
    }

    [Fact]
    public void The_evening_melts_by_hand_before_anything_is_treated()
    {
        var trip = Trip(-8);
        var camp = CampDay.Compute(new CampDayRequest(null, trip, 0));
        camp.Day.Snow.ShouldBe(new SnowInput(SnowKind.Settled, -8));
        var book = camp.Day;
        var schedule = DaySchedule.Compute(
            new ScheduleRequest(
                null,
                camp.Kit,
                book.Water,
                book.Sky,
                book.Wants,
                book.People,
                book.From,
                book.QuietFromHour,
                book.QuietToHour,
                Snow: book.Snow
            )
        );
        schedule.Batches.ShouldNotBeEmpty();
        schedule.Batches.ShouldAllBe(b =>
            b.Steps[0].Title.StartsWith("Melt ") && b.Steps[0].Person != null && b.Steps[0].Things.Contains("Stove")
        );
        schedule.Batches.ShouldAllBe(b => b.Treat.Snow == book.Snow);

        CampDay.Compute(new CampDayRequest(null, Trip(0.5), 0)).Day.Snow.ShouldBeNull();
    }

    /// <summary>The evening's stove is one: loads melted for two batches never overlap.</summary>
    [Fact]
    public void One_stove_melts_one_load_at_a_time()
    {
        var camp = CampDay.Compute(new CampDayRequest(null, Trip(-8), 0));
        var book = camp.Day;
        var schedule = DaySchedule.Compute(
            new ScheduleRequest(
                null,
                camp.Kit,
                book.Water,
                book.Sky,
                book.Wants,
                2,
                book.From,
                book.QuietFromHour,
                book.QuietToHour,
                Snow: book.Snow
            )
        );
        var atStove = schedule.Batches.SelectMany(b => b.Steps).Where(s => s.Things.Contains("Stove")).OrderBy(s => s.StartAt).ToList();
        atStove.Zip(atStove.Skip(1)).ShouldAllBe(p => p.First.EndAt <= p.Second.StartAt);
    }

    [Fact]
    public void The_check_of_the_kit_sets_the_melting_fuel_aside_first()
    {
        var trip = Trip(-8);
        var check = CheckKit.Compute(new KitCheckRequest(null, trip.Kit, trip, Now: trip.Now));
        check.Trip.SnowL.ShouldBe(Plan.Compute(trip).SnowL);
        // A quarter more than planned is melted.
        var melted = check.Trip.SnowL!.Value * 1.25;
        var finding = check.Findings.Single(f => f.Number == 3);
        finding.State.ShouldBe(FindingState.Holds);
        finding.Figure.ShouldContain($"Melting {melted:0.0} L of snow takes ");

        KitFinding With(double? fuelG, bool stove = true) =>
            CheckKit
                .Compute(
                    new KitCheckRequest(
                        null,
                        [
                            .. Carried.Where(e => e.Id != "stove"),
                            .. stove ? [Kits.Burner(fuelG: fuelG, id: "stove")] : Array.Empty<KitEntry>(),
                        ],
                        null,
                        new KitTrip(10, LastDay: new DateOnly(2026, 1, 11), ColdestAirC: -8, SnowL: 10),
                        Now: trip.Now
                    )
                )
                .Findings.Single(f => f.Number == 3);

        // 12.5 L · 15.36 g and the pot's share: 192 g at least.
        With(191).State.ShouldBe(FindingState.Fails);
        With(191).Fix.ShouldEndWith("of fuel more, for melting alone.");
        With(220).State.ShouldBe(FindingState.Holds);
        With(null).State.ShouldBe(FindingState.Unknown);
        With(null, stove: false).Figure.ShouldContain("there is no stove");
    }
}
