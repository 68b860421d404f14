using JollyBrook.Core.Body;
using JollyBrook.Core.Route;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Water;

namespace JollyBrook.Server.Demo;

/// <summary>The demo walk: its line, its waters, its days, by invented names.</summary>
internal static class DemoTrip
{
    private const double StartLatitude = 46.205;
    private const double StartLongitude = -28.742;

    /// <summary>Distance along, km, and height, m, of the turning points of the ground.</summary>
    private static readonly (double Km, double M)[] Ground =
    [
        (0, 24),
        (1.2, 118),
        (4.5, 290),
        (6.8, 352),
        (9.3, 604),
        (11.5, 571),
        (14.6, 968),
        (17.9, 832),
        (20.3, 905),
        (24.6, 566),
        (28.0, 702),
        (31.2, 988),
        (34.0, 870),
        (38.2, 412),
        (41.5, 236),
        (45.8, 498),
        (49.0, 260),
        (52.4, 18),
    ];

    /// <summary>The walk over four days; the well beyond the cistern makes the long middle possible.</summary>
    public static TripRoute Route(DateOnly today, ReadRoute line) =>
        new(
            Name: "Four days across the island",
            StartDate: today.AddDays(1),
            LengthKm: line.LengthKm,
            Heights: line.Heights,
            Latitudes: line.Latitudes,
            Longitudes: line.Longitudes,
            Terrain:
            [
                new(0, Terrain.GoodPath),
                new(13, Terrain.Rough),
                new(21.5, Terrain.GoodPath),
                new(29.5, Terrain.Rough),
                new(35, Terrain.GoodPath),
            ],
            Pace: 1.25,
            BreakShare: 0.2,
            Days: [new(8, 11.5, "Beck terrace"), new(7.5, 24.6, "Cistern hut"), new(7, 38.2, "Whin hollow"), new(8)],
            Weather:
            [
                new(13, 22, 62, 0.3, 4, WeatherSource.Typed),
                new(12, 25, 55, 0.1, 3, WeatherSource.Typed),
                new(12, 26, 50, 0.1, 3, WeatherSource.Typed),
                new(13, 21, 68, 0.6, 7, WeatherSource.Typed),
            ],
            WeatherElevationM: 300,
            Containers: Containers,
            BailOuts: [new("Road to the quarry", 41.5)]
        );

    public static TripRoute Ridge(DateOnly today, ReadRoute line) =>
        new(
            "Over the ridge in a day",
            today.AddDays(9),
            line.LengthKm,
            line.Heights,
            Terrain: line.Terrain,
            Days: [new(10)],
            Weather: [new(15, 28, 45, 0, 2, WeatherSource.Typed)],
            WeatherElevationM: 200,
            Containers:
            [
                new("Litre bottle, wide mouth", 1, Walker: "Ilva"),
                new("Soft bladder with hose", 2, Walker: "Torren"),
                new("Quart bottle", 0.95, Walker: "Sorrel"),
            ]
        );

    private static readonly CarriedContainer[] Containers =
    [
        new("Litre bottle, wide mouth", 1, MassKg: 0.12, Walker: "Ilva"),
        new("Steel bottle", 0.75, MassKg: 0.16, Walker: "Ilva"),
        new("Quart bottle", 0.95, MassKg: 0.14, Walker: "Sorrel"),
        new("Soft bladder with hose", 2, MassKg: 0.17, Walker: "Sorrel"),
        new("Soft bladder with hose", 2, MassKg: 0.17, Walker: "Torren"),
        new("Spare bladder", 2, MassKg: 0.07, Walker: "Ilva"),
        new("Camp bag", 10, ContainerRole.Either, 0.2, "Torren"),
    ];

    public static ReadRoute Line() => RouteReading.Of("Four days across the island", Track.Of([.. Points()])!, []);

    public static ReadRoute RidgeLine() =>
        ReadLegs.Compute(
            new LegsRequest(null, 30, [new("Ridge", 9, 940, 0), new("Along it", 7, 120, 180, Terrain.Rough), new("Down", 8, 0, 880)])
        );

    public static IReadOnlyList<TripSource> Sources(DateTimeOffset now, Guid route) =>
        [
            At(
                new(
                    "Fernhollow spring",
                    SourceClass.Perennial,
                    1.2,
                    true,
                    now.AddDays(-3),
                    Clarity: Clarity.Clear,
                    Colour: WaterColour.None,
                    TemperatureC: 11
                ),
                route
            ),
            At(
                new(
                    "Sinking brook",
                    SourceClass.SeasonalLate,
                    6.8,
                    true,
                    now.AddDays(-9),
                    Clarity: Clarity.SlightlyCloudy,
                    Colour: WaterColour.None,
                    TemperatureC: 13
                ),
                route
            ),
            At(
                new(
                    "Stockman's beck",
                    SourceClass.Perennial,
                    11.5,
                    true,
                    now.AddDays(-9),
                    DetourMinutes: 1,
                    Clarity: Clarity.SlightlyCloudy,
                    Colour: WaterColour.None,
                    TemperatureC: 12
                ),
                route
            ),
            At(new("Heron tarn", SourceClass.Lake, 17.9, DoNotUse: true), route),
            At(
                new(
                    "Ledge seep",
                    SourceClass.Seep,
                    20.3,
                    false,
                    now.AddDays(-30),
                    LitresPerMinute: 0.3,
                    Clarity: Clarity.Clear,
                    Colour: WaterColour.Tea,
                    TemperatureC: 10
                ),
                route
            ),
            At(
                new(
                    "Old cistern",
                    SourceClass.TankOrTap,
                    24.6,
                    true,
                    now.AddDays(-14),
                    LitresPerMinute: 6,
                    Clarity: Clarity.Clear,
                    Colour: WaterColour.None,
                    TemperatureC: 15
                ),
                route
            ),
            At(
                new(
                    "Chapel well",
                    SourceClass.Perennial,
                    25.4,
                    true,
                    now.AddDays(-5),
                    DetourMinutes: 11,
                    LitresPerMinute: 4,
                    Clarity: Clarity.Clear,
                    Colour: WaterColour.None,
                    TemperatureC: 12
                ),
                route
            ),
            At(
                new("Whin burn", SourceClass.Perennial, 38.2, Clarity: Clarity.SlightlyCloudy, Colour: WaterColour.Tea, TemperatureC: 14),
                route
            ),
            At(
                new(
                    "Quarry rill",
                    SourceClass.SeasonalInSeason,
                    43.6,
                    true,
                    now.AddDays(-20),
                    Clarity: Clarity.Clear,
                    Colour: WaterColour.None,
                    TemperatureC: 14
                ),
                route
            ),
        ];

    public static IReadOnlyList<Walker> Walkers { get; } =
    [
        new("Ilva", 62, 168, true, Clothing.ShortsAndShirt, 13),
        new("Torren", 81, 183, false, Clothing.LongLight, 16),
        new("Sorrel", 70, 175, null, Clothing.ShortsAndShirt, 12),
    ];

    /// <summary>Two good tests and a slip of the scale for Ilva, one test for Torren.</summary>
    public static IEnumerable<SweatTest> Tests(DateTimeOffset now, Guid ilva, Guid torren)
    {
        var warm = new Effort(
            TemperatureC: 23,
            HumidityPercent: 55,
            Sun: SunLoad.Full,
            SpeedKmH: 4.2,
            GradePercent: 2,
            Terrain: Terrain.GoodPath,
            ElevationM: 200
        );
        var easy = new SweatTest(
            WalkerId: ilva,
            At: now.AddDays(-40),
            Hours: 2,
            BeforeKg: 62.1,
            AfterKg: 61.55,
            DrunkL: 0.5,
            UrineL: 0.1,
            EatenKg: 0,
            Effort: warm,
            HeightCm: 168,
            Acclimatised: true,
            Worn: Clothing.ShortsAndShirt,
            PackKg: 10
        );
        yield return easy;
        yield return easy with
        {
            At = now.AddDays(-26),
            Hours = 1.5,
            BeforeKg = 61.9,
            AfterKg = 63.1,
            UrineL = 0,
        };
        var warmer = easy with
        {
            At = now.AddDays(-12),
            Hours = 2.5,
            BeforeKg = 62.3,
            AfterKg = 61.7,
            DrunkL = 0.75,
            UrineL = 0.2,
            EatenKg = 0.05,
            Effort = warm with { TemperatureC = 26 },
            PackKg = 12,
        };
        yield return warmer;
        yield return warmer with
        {
            WalkerId = torren,
            BeforeKg = 81.4,
            AfterKg = 80.1,
            DrunkL = 1,
            UrineL = 0,
            HeightCm = 183,
            Acclimatised = false,
            Worn = Clothing.LongLight,
            PackKg = 14,
        };
    }

    private static TripSource At(TripSource source, Guid route)
    {
        var place = Place(source.AlongKm!.Value);
        return source with
        {
            RouteId = route,
            LatitudeDeg = Math.Round(place.LatitudeDeg, 5),
            LongitudeDeg = Math.Round(place.LongitudeDeg, 5),
        };
    }

    private static IEnumerable<GeoPoint> Points()
    {
        for (var km = 0.0; km <= Ground[^1].Km + 1e-9; km += 0.1)
        {
            yield return Place(km);
        }
    }

    /// <summary>Eastward over the island, swinging about; between turning points the ground is a smooth slope.</summary>
    private static GeoPoint Place(double km)
    {
        var i = Math.Min(Array.FindLastIndex(Ground, g => g.Km <= km), Ground.Length - 2);
        var share = (km - Ground[i].Km) / (Ground[i + 1].Km - Ground[i].Km);
        var height = Ground[i].M + ((Ground[i + 1].M - Ground[i].M) * (1 - Math.Cos(Math.PI * share)) / 2);
        // Swinging adds to the way: the eastward step is a little less than a kilometre each.
        var north = 1.6 * Math.Sin(km / 3.1);
        var east = 0.862 * km;
        return new GeoPoint(
            StartLatitude + (north / 111.2),
            StartLongitude + (east / (111.2 * Math.Cos(StartLatitude * Math.PI / 180))),
            height + (4 * Math.Sin(km * 7))
        );
    }
}
