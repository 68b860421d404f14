using CsCheck;
using JollyBrook.Core.Body;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Scarcity;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Tests.Scarcity;

/// <summary>The table of handbook room 90 row by row, and what holds for every place.</summary>
public class MakePropertiesTests
{
    private static readonly PlaceFeature[] Everything = Enum.GetValues<PlaceFeature>();

    /// <summary>A place that offers everything, in full sun.</summary>
    private static readonly MakeRequest Rich = new(
        UnitSystem.Metric,
        22,
        60,
        SunLoad.Full,
        Season.Summer,
        10,
        Everything,
        Soil.Loam,
        1,
        1,
        "open-fire",
        null,
        new PotInput(1.3, 0.19, PotMaterial.Titanium),
        10,
        0,
        new SnowInput(SnowKind.Settled, -5),
        1
    );

    private static readonly Gen<MakeRequest> Places =
        from air in Gen.Double[-15, 45]
        from humidity in Gen.Double[5, 95]
        from sun in Gen.Enum<SunLoad>()
        from season in Gen.Enum<Season>()
        from rain in Gen.Double[0, 40]
        from features in Gen.Enum<PlaceFeature>().Array[0, 6]
        from sheet in Gen.Double[0, 20]
        from bags in Gen.Int[0, 6]
        from fuel in Gen.Double[0, 450]
        from hours in Gen.Double[0.25, 10]
        select new MakeRequest(
            UnitSystem.Metric,
            air,
            humidity,
            sun,
            season,
            rain,
            features,
            Soil.Sand,
            sheet,
            bags,
            "canister-sheltered",
            fuel,
            new PotInput(1.3, 0.19, PotMaterial.Titanium),
            12,
            300,
            new SnowInput(SnowKind.Firn, -8),
            hours
        );

    [Theory]
    [InlineData("dew-cloth", 0.1, 0.5, 1.0)]
    [InlineData("dew-pit", 0.03, 0.1, 0.4)]
    [InlineData("leaf-bag", 0.1, 0.4, 0.2)]
    [InlineData("ground-still", 0.2, 0.5, 2.0)]
    [InlineData("pot-still", 0.03, 0.1, 0.3)]
    [InlineData("tent-still", 0.2, 0.6, 0.5)]
    [InlineData("steam-cloth", 0.05, 0.1, 1.0)] // an hour at it
    [InlineData("seep", 1.0, 10.0, 0.5)]
    [InlineData("dry-bed", 0.0, 5.0, 1.0)]
    [InlineData("beach", 0.0, 3.0, 0.5)]
    [InlineData("rain", 7.2, 8.0, 0.3)] // 0.8·1·(10 − 1) and 0.8·1·10
    [InlineData("sap", 0.2, 2.0, 0.6)] // two stems
    [InlineData("body-heat", 0.2, 0.3, 0.0)] // two loads
    [InlineData("wick", 1.0, 3.0, 0.1)] // a night of ten hours
    public void Yields_and_labour_are_the_tables(string id, double low, double high, double hours)
    {
        var way = MakeWater.Compute(Rich).Ways.Single(w => w.Id == id);
        way.Possible.ShouldBeTrue(way.WhyNot);
        way.LowL.ShouldBe(low, 1e-9);
        way.HighL.ShouldBe(high, 1e-9);
        way.LabourHours.ShouldBe(hours, 1e-9);
        way.Setup.Count.ShouldBeGreaterThanOrEqualTo(2);
        way.Mistakes.ShouldNotBeEmpty();
    }

    [Fact]
    public void Net_is_yield_less_sweat_and_the_best_net_comes_first() =>
        Places.Sample(
            place =>
            {
                var made = MakeWater.Compute(place);
                foreach (var way in made.Ways)
                {
                    way.LowL.ShouldBeLessThanOrEqualTo(way.HighL + 1e-9, way.Id);
                    way.NetLowL.ShouldBe(way.LowL - way.SpentL, 1e-9);
                    way.NetHighL.ShouldBe(way.HighL - way.SpentL, 1e-9);
                    way.SpentL.ShouldBeGreaterThanOrEqualTo(0);
                    (way.Headline.Contains("costs more than it gives", StringComparison.Ordinal) && way.Possible).ShouldBe(
                        way.Possible && way.NetHighL < 0,
                        way.Id
                    );
                    if (way is { BreakEvenDayLow: { } late, BreakEvenDayHigh: { } soon })
                    {
                        late.ShouldBeGreaterThanOrEqualTo(soon);
                    }

                    if (way.FuelG is { } fuel)
                    {
                        (way.Id == "steam-cloth" || fuel <= place.FuelG + 1e-6).ShouldBeTrue(way.Id);
                    }
                }

                var (works, not) = (made.Ways.TakeWhile(w => w.Possible).ToList(), made.Ways.SkipWhile(w => w.Possible).ToList());
                not.ShouldAllBe(w => !w.Possible && w.WhyNot.Length > 0);
                works.Select(w => -(w.NetLowL + w.NetHighL)).ShouldBeInOrder();
            },
            iter: 600
        );

    [Fact]
    public void Hotter_air_never_makes_digging_cheaper() =>
        Gen.Select(Places, Gen.Double[-15, 45])
            .Sample(
                (place, other) =>
                {
                    double Digging(double air) =>
                        MakeWater
                            .Compute(
                                place with
                                {
                                    AirTemperatureC = air,
                                    Walker = Core.Carry.Party.Unnamed with { Worn = Clothing.ShortsAndShirt },
                                }
                            )
                            .DigSweatLPerH;
                    Digging(Math.Max(place.AirTemperatureC!.Value, other))
                        .ShouldBeGreaterThanOrEqualTo(Digging(Math.Min(place.AirTemperatureC.Value, other)) - 0.06);
                },
                iter: 400
            );

    [Fact]
    public void Less_sun_sheet_or_rain_never_yields_more() =>
        Gen.Select(Places, Gen.Double[0, 1])
            .Sample(
                (place, share) =>
                {
                    var (more, less) = (
                        MakeWater.Compute(place).Ways,
                        MakeWater
                            .Compute(place with { RainMm = place.RainMm * share, SheetM2 = place.SheetM2 * share, Sun = SunLoad.None })
                            .Ways
                    );
                    foreach (var way in less.Where(w => w.Possible))
                    {
                        var before = more.Single(w => w.Id == way.Id);
                        before.Possible.ShouldBeTrue(way.Id);
                        way.HighL.ShouldBeLessThanOrEqualTo(before.HighL + 1e-9, way.Id);
                    }
                },
                iter: 400
            );

    /// <summary>What is not known of the sun counts as worse: on a still and on whoever digs.</summary>
    [Fact]
    public void No_way_nets_more_before_the_sun_is_told_than_after() =>
        Gen.Select(Places, Gen.Enum<SunLoad>())
            .Sample(
                (place, sun) =>
                {
                    var untold = MakeWater.Compute(place with { Sun = null });
                    var told = MakeWater.Compute(place with { Sun = sun });
                    foreach (var way in untold.Ways)
                    {
                        var same = told.Ways.Single(w => w.Id == way.Id);
                        (same.Possible || !way.Possible).ShouldBeTrue();
                        if (way.Possible)
                        {
                            way.NetLowL.ShouldBeLessThanOrEqualTo(same.NetLowL + 1e-9, way.Id);
                            way.NetHighL.ShouldBeLessThanOrEqualTo(same.NetHighL + 1e-9, way.Id);
                        }
                    }

                    untold.DigSweatLPerH.ShouldBeGreaterThanOrEqualTo(told.DigSweatLPerH - 1e-9);
                    untold.LightSweatLPerH.ShouldBeGreaterThanOrEqualTo(told.LightSweatLPerH - 1e-9);
                },
                iter: 400
            );

    /// <summary>Half a sheet catches half of it; a way that needs more of it than there is says so.</summary>
    [Fact]
    public void No_way_counts_more_sheet_than_there_is() =>
        Gen.Select(Places, Gen.Double[0, 3])
            .Sample(
                (place, sheet) =>
                {
                    foreach (var way in MakeWater.Compute(place with { SheetM2 = sheet }).Ways.Where(w => w.Possible))
                    {
                        way.SheetM2.ShouldBeLessThanOrEqualTo(sheet + 1e-9, way.Id);
                    }
                },
                iter: 400
            );

    [Fact]
    public void A_day_of_ways_is_the_sum_of_its_ways() =>
        Gen.Select(Places, Gen.Int[1, 4].Array[1, 4])
            .Sample(
                (place, counts) =>
                {
                    var ids = MakeWater.Compute(place).Ways.Where(w => w.Possible).Select(w => w.Id).Take(counts.Length).ToList();
                    var request = place with { Chosen = [.. ids.Select((id, i) => new ChosenWay(id, counts[i]))], NeedLPerDay = 4 };
                    var made = MakeWater.Compute(request);
                    if (ids.Count == 0)
                    {
                        made.Total.ShouldBeNull();
                        return;
                    }

                    var chosen = made.Ways.Where(w => ids.Contains(w.Id) && w.Possible).ToList();
                    made.Total!.NetLowL.ShouldBe(chosen.Sum(w => w.NetLowL), 1e-9);
                    made.Total.NetHighL.ShouldBe(chosen.Sum(w => w.NetHighL), 1e-9);
                    made.Total.LabourHours.ShouldBe(chosen.Sum(w => w.LabourHours), 1e-9);
                    (made.Total.Covers == true).ShouldBe(made.Total.NetLowL >= 4 && made.Total.Conflicts.Count == 0);
                    made.Total.Headline.EndsWith("covers the 4 L needed.", StringComparison.Ordinal).ShouldBe(made.Total.Covers == true);
                },
                iter: 300
            );
}
