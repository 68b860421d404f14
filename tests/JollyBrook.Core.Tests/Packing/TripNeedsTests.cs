using CsCheck;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Packing;
using JollyBrook.Core.Route;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Tests.Carry;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Packing;

/// <summary>What a trip asks of a kit, told or taken from its sources and its plan.</summary>
public sealed class TripNeedsTests
{
    private static readonly TripSource Brook = new(
        "Brook",
        SourceClass.Perennial,
        4,
        Clarity: Clarity.Clear,
        Colour: WaterColour.None,
        TemperatureC: 9
    );
    private static readonly TripSource Tarn = Brook with
    {
        Name = "Tarn",
        Clarity = Clarity.SlightlyCloudy,
        Colour = WaterColour.Tea,
        TemperatureC = 6,
    };

    private static (KitTrip Trip, List<Assumption> Assumed) Of(
        IEnumerable<TripSource> sources,
        PlanResponse? plan = null,
        KitTrip? told = null
    )
    {
        List<Assumption> assumed = [];
        var entries = sources.Select((s, i) => new TripSourceEntry($"s{i}", s)).ToList();
        return (TripNeeds.Fill(told ?? new KitTrip(), entries, plan, new DateOnly(2026, 8, 21), assumed), assumed);
    }

    [Fact]
    public void The_worst_of_its_waters_counts()
    {
        var (trip, assumed) = Of([Brook, Tarn]);
        trip.WorstClarity.ShouldBe(Clarity.SlightlyCloudy);
        trip.Colour.ShouldBe(WaterColour.Tea);
        trip.ColdestWaterC.ShouldBe(6);
        assumed.ShouldNotContain(a => a.Field == "trip.worstClarity" || a.Field == "trip.colour" || a.Field == "trip.coldestWaterC");
    }

    /// <summary>Whichever of them is met first.</summary>
    [Fact]
    public void In_whatever_order_they_stand()
    {
        var green = Brook with { Colour = WaterColour.Green };
        Of([Tarn, green]).Trip.ShouldBe(Of([green, Tarn]).Trip);
        Of([Tarn, green]).Trip.Colour.ShouldBe(WaterColour.Green);
    }

    [Fact]
    public void What_is_not_known_of_one_is_not_known()
    {
        foreach (
            var (dim, field) in new (TripSource, string)[]
            {
                (Tarn with { Clarity = null }, "trip.worstClarity"),
                (Tarn with { Clarity = Clarity.Unknown }, "trip.worstClarity"),
                (Tarn with { Colour = null }, "trip.colour"),
                (Tarn with { Colour = WaterColour.Unknown }, "trip.colour"),
                (Tarn with { TemperatureC = null }, "trip.coldestWaterC"),
            }
        )
        {
            Of([Brook, dim]).Assumed.ShouldContain(a => a.Field == field);
            Of([dim, Brook]).Assumed.ShouldContain(a => a.Field == field);
        }

        var (nothing, assumed) = Of([]);
        (nothing.WorstClarity, nothing.Colour, nothing.ColdestWaterC).ShouldBe((Clarity.Unknown, WaterColour.Unknown, null));
        assumed.Select(a => a.Field).ShouldBe(["trip.worstClarity", "trip.colour", "trip.coldestWaterC", "trip.highestM"]);
    }

    /// <summary>A tap or a cache is drunk as it comes; what is out of the trip, out of use or kept for need is not what a kit is packed for.</summary>
    [Fact]
    public void Waters_that_nobody_treats_do_not_count()
    {
        var alone = Of([Brook]).Trip;
        foreach (
            var other in new[]
            {
                new TripSource("Tap", SourceClass.TankOrTap, 8, Drinkable: true),
                new TripSource("Cache", SourceClass.TankOrTap, 8, CacheL: 4),
                new TripSource("Ditch", SourceClass.Seep, 8, DoNotUse: true),
                new TripSource("Pond", SourceClass.Lake, 8, OnlyIfNeeded: true),
                new TripSource("Old spring", SourceClass.Perennial, 8, Retired: true),
            }
        )
        {
            Of([Brook, other]).Trip.ShouldBe(alone, other.Name);
            Of([other, Brook]).Trip.ShouldBe(alone, other.Name);
        }

        // Left there raw, it is treated as any other.
        Of([Brook, new TripSource("Cache", SourceClass.TankOrTap, 8, CacheL: 4, Drinkable: false)])
            .Trip.WorstClarity.ShouldBe(Clarity.Unknown);
    }

    [Fact]
    public void What_was_told_outranks_sources_and_plan()
    {
        var told = new KitTrip(
            Litres: 7,
            FirstDay: new DateOnly(2026, 9, 1),
            LastDay: new DateOnly(2026, 9, 4),
            ColdestWaterC: 2,
            WorstClarity: Clarity.Cloudy,
            Colour: WaterColour.None,
            HighestM: 900,
            ColdestAirC: -3,
            MostCarriedL: 3,
            CampL: 5,
            SnowL: 0
        );
        var (trip, assumed) = Of([Brook, Tarn], Plan.Compute(Routes.Level(20)), told);
        trip.ShouldBe(told);
        assumed.ShouldBeEmpty();
    }

    /// <summary>Flowing water takes its cold from the nights, but flows, at 1 °C at the coldest.</summary>
    [Fact]
    public void Water_nobody_measured_is_as_cold_as_the_coldest_night_and_flows() =>
        Gen.Select(Gen.Double[-20, 30], Gen.Double[-20, 30])
            .Sample(
                (low, high) =>
                {
                    var (night, day) = (Math.Min(low, high), Math.Max(low, high));
                    var level = Routes.Level(20);
                    var plan = Plan.Compute(level with { Route = level.Route! with { Weather = [new DayWeather(night, day, 50, 0)] } });
                    var trip = Of([Brook with { TemperatureC = null }], plan).Trip;
                    trip.ColdestAirC.ShouldBe(plan.Days.Min(d => d.LowC));
                    trip.ColdestWaterC.ShouldBe(Math.Max(1, trip.ColdestAirC!.Value));
                    Of([Brook], plan).Trip.ColdestWaterC.ShouldBe(9);
                },
                iter: 40
            );

    [Fact]
    public void The_plan_tells_the_rest()
    {
        var level = Routes.Level(30, ("Spring", 15, 0.98));
        var plan = Plan.Compute(level with { Route = level.Route! with { Days = [new RouteDay(8, 15, "Terrace"), new RouteDay(8)] } });
        var trip = Of([Brook], plan).Trip;
        trip.Litres.ShouldBe(plan.NeedL);
        trip.MostCarriedL.ShouldBe(plan.MostCarriedL);
        trip.CampL.ShouldBe(plan.Days[0].CampL);
        trip.HighestM.ShouldBe(plan.Stops.Max(s => s.ElevationM));
        (trip.LastDay!.Value.DayNumber - trip.FirstDay!.Value.DayNumber).ShouldBe(1);
    }
}
