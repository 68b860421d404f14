using System.Text;
using CsCheck;
using JollyBrook.Core.Route;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Water;

namespace JollyBrook.Formats.Tests;

/// <summary>What is written is read again as it was: sources, reports, hazards, days and the line, in every format.</summary>
public class RoundTripTests
{
    private static readonly DateOnly Today = new(2026, 11, 27);
    private static readonly System.Text.Json.JsonSerializerOptions GeoJson = new()
    {
        Converters = { new NetTopologySuite.IO.Converters.GeoJsonConverterFactory() },
    };

    private static readonly Gen<string> Name = Gen.Frequency(
            (3, Gen.String[1, 60]),
            (
                1,
                Gen.OneOf(
                    new[] { "=1+1", "-x", "@home", "'quoted", "水場", "Fold “well”, <dry>", "a;b\tc", "Tarn & beck" }
                        .Select(Gen.Const)
                        .ToArray()
                )
            )
        )
        .Select(n => n.Trim())
        .Where(n => n.Length > 0);

    /// <summary>A winding line; may cross the antimeridian.</summary>
    private static readonly Gen<Track> Line = Gen.Select(
            Gen.Double[-80, 80],
            Gen.OneOf(Gen.Double[-179, 179], Gen.Const(179.99)),
            Gen.Select(Gen.Double[-0.004, 0.004], Gen.Double[-0.004, 0.004], Gen.Double[-30, 30]).Array[3, 60]
        )
        .Select(
            (latitude, longitude, steps) =>
            {
                List<GeoPoint> points = [new(latitude, longitude, 300)];
                foreach (var (north, east, up) in steps)
                {
                    points.Add(
                        new GeoPoint(
                            points[^1].LatitudeDeg + north,
                            Math.IEEERemainder(points[^1].LongitudeDeg + 0.005 + east, 360),
                            Math.Clamp(points[^1].ElevationM + up, 0, 3000)
                        )
                    );
                }

                return Track.Of(points);
            }
        )
        .Where(t => t is { LengthKm: > 0.5 })
        .Select(t => t!);

    private static readonly Gen<TripRoute> Route = Gen.Select(
            Line,
            Name,
            Gen.Int[1, 4],
            Gen.Double[0.5, 0.99],
            Gen.Double[0.5, 5].Array[0, 4]
        )
        .Select(
            (track, name, days, certainty, litres) =>
            {
                var read = RouteReading.Of(name, track, []);
                return new TripRoute(
                    name,
                    Today,
                    read.LengthKm,
                    read.Heights,
                    read.Latitudes,
                    read.Longitudes,
                    [new TerrainSpan(0, Core.Body.Terrain.Rough)],
                    Days:
                    [
                        .. Enumerable.Range(1, days).Select(d => new RouteDay(8, d == days ? null : read.LengthKm * d / days, $"Camp {d}")),
                    ],
                    Containers: [.. litres.Select((l, i) => new CarriedContainer($"Bottle {i}", l))],
                    Certainty: certainty
                );
            }
        );

    private static Gen<TripSource> Source(TripRoute route) =>
        Gen.Select(
                Gen.Select(
                    Name,
                    Gen.Enum<SourceClass>(),
                    Gen.Double[0, 1],
                    Gen.Bool.Nullable(),
                    Gen.Int[0, 40_000].Nullable(),
                    Gen.Double[0, 1].Nullable(),
                    Gen.Bool
                ),
                Gen.Select(
                    Gen.Bool.Nullable(),
                    Gen.Bool.Nullable(),
                    Gen.Bool.Nullable(),
                    Gen.Enum<Sighting>().Array[0, 3],
                    Gen.Enum<Clarity>().Nullable(),
                    Gen.Enum<WaterColour>().Nullable(),
                    Gen.Double[0, 40].Nullable()
                ),
                Gen.Select(
                    Gen.Double[0, 600].Nullable(),
                    Gen.Double[0.05, 60].Nullable(),
                    Gen.Double[0, 500].Nullable(),
                    Gen.Double[-0.001, 0.001],
                    Gen.OneOf(Gen.Const((string?)null), Gen.Const((string?)"tablets"), Gen.Const((string?)"=filter"))
                )
            )
            .Select(
                (a, b, c) =>
                {
                    var km = route.LengthKm!.Value * a.Item3;
                    var at = PlacedLine.Of(route)!.At(km);
                    return new TripSource(
                        a.Item1,
                        a.Item2,
                        km,
                        a.Item4,
                        a.Item5 is { } hours ? new DateTimeOffset(2022, 1, 1, 0, 0, 0, TimeSpan.FromHours(2)).AddHours(hours) : null,
                        null,
                        a.Item6,
                        c.Item1,
                        c.Item2,
                        b.Item1,
                        b.Item2,
                        b.Item3,
                        c.Item5,
                        b.Item4.Length == 0 ? null : b.Item4,
                        Clarity: b.Item5,
                        Colour: b.Item6,
                        TemperatureC: b.Item7,
                        CacheL: c.Item3,
                        // Some stand on the line, without a place of their own.
                        LatitudeDeg: a.Item7 ? Math.Round(at.LatitudeDeg + c.Item4, 7) : null,
                        LongitudeDeg: a.Item7 ? Math.Round(at.LongitudeDeg, 7) : null
                    );
                }
            );

    private static readonly Gen<(TripRoute Route, TripSource[] Sources)> Trip = Route.SelectMany(route =>
        Source(route).Array[0, 8].Select(sources => (route, sources))
    );

    private static WriteTripResponse Write(TripRoute? route, TripSource[] sources, TripFileFormat format) =>
        TripFile.Write(
            new WriteTripRequest(
                format,
                route,
                [.. sources.Select(s => new SourceNote(s, "take 3 L; flowing 1 Jan 2020"))],
                [new StopNote("Start", 0, "leave with 2 L of water"), new StopNote("Spring camp", 1, "")]
            )
        );

    private static IEnumerable<string> Told(IEnumerable<TripSource> sources) =>
        sources.Select(OwnParts.Write).Order(StringComparer.Ordinal);

    [Fact]
    public void A_trip_comes_back_whole_from_GPX() => ComesBack(TripFileFormat.Gpx);

    [Fact]
    public void A_trip_comes_back_whole_from_GeoJSON() => ComesBack(TripFileFormat.GeoJson);

    private static void ComesBack(TripFileFormat format) =>
        Trip.Sample(
            trip =>
            {
                var file = Encoding.UTF8.GetBytes(Write(trip.Route, trip.Sources, format).Text);
                var read = RouteFile.Read(FileText.Of(file), new RouteFileOptions(Today));
                OwnParts.Write(read.Whole!).ShouldBe(OwnParts.Write(trip.Route));
                (read.Heights, read.Latitudes, read.Longitudes, read.LengthKm).ShouldBe(
                    (trip.Route.Heights!, trip.Route.Latitudes, trip.Route.Longitudes, trip.Route.LengthKm!.Value)
                );
                Told(read.Places.Select(p => p.Source)).ShouldBe(Told(trip.Sources));
                read.Places.ShouldAllBe(p => p.IsOffered);
            },
            iter: 300
        );

    [Fact]
    public void Sources_come_back_whole_from_a_table() =>
        Trip.Where(t => t.Sources.Length > 0)
            .Sample(
                trip =>
                {
                    var file = Encoding.UTF8.GetBytes(Write(trip.Route, trip.Sources, TripFileFormat.Csv).Text);
                    var read = RouteFile.Places(FileText.Of(file), PlacedLine.Of(trip.Route)!, Today, null);
                    Told(read.Places.Select(p => p.Source)).ShouldBe(Told(trip.Sources));
                },
                iter: 300
            );

    /// <summary>Another program's view: the words say what not to use, and our own elements are passed over.</summary>
    [Fact]
    public void Others_read_the_standard_parts()
    {
        var track = Track.Of([.. Enumerable.Range(0, 50).Select(i => new GeoPoint(46 + (i * 0.001), -28.6, 100 + i))])!;
        var read = RouteReading.Of("Ridge", track, []);
        var route = new TripRoute("Ridge", null, read.LengthKm, read.Heights, read.Latitudes, read.Longitudes);
        TripSource[] sources =
        [
            new("Mine brook", SourceClass.Perennial, 2, DoNotUse: true),
            new("Moss spring", SourceClass.Perennial, 3, true, new DateTimeOffset(2026, 8, 14, 0, 0, 0, TimeSpan.Zero)),
        ];
        using var xml = System.Xml.XmlReader.Create(new StringReader(Write(route, sources, TripFileFormat.Gpx).Text));
        var gpx = NetTopologySuite.IO.GpxFile.ReadFrom(xml, null);
        // A straight line of two places, 5.4 km long: a height each 50 m stands in it too.
        EncodedNumbers.Decode(read.Latitudes!)!.Count.ShouldBe(2);
        gpx.Tracks.Single().Segments.Single().Waypoints.Count.ShouldBe(EncodedNumbers.Decode(read.Heights)!.Count);
        gpx.Waypoints.Select(w => w.Name).ShouldBe(["Mine brook", "Moss spring", "Start", "Spring camp"]);
        gpx.Waypoints[0].Description.ShouldStartWith("DO NOT USE");
        gpx.Waypoints[1].Description.ShouldContain("running 2026-08-14");

        var json = System.Text.Json.JsonSerializer.Deserialize<NetTopologySuite.Features.FeatureCollection>(
            Write(route, sources, TripFileFormat.GeoJson).Text,
            GeoJson
        )!;
        json.Count.ShouldBe(5);
    }

    /// <summary>A waypoint that another program moved is where it was moved to.</summary>
    [Fact]
    public void A_source_that_was_moved_stands_where_it_was_moved()
    {
        var track = Track.Of([.. Enumerable.Range(0, 50).Select(i => new GeoPoint(46 + (i * 0.001), -28.6, 100))])!;
        var read = RouteReading.Of("Ridge", track, []);
        var route = new TripRoute("Ridge", null, read.LengthKm, read.Heights, read.Latitudes, read.Longitudes);
        var text = Write(
            route,
            [new TripSource("Moss spring", SourceClass.Perennial, 1.112, LatitudeDeg: 46.01, LongitudeDeg: -28.6)],
            TripFileFormat.Gpx
        ).Text;
        text.ShouldContain("lat=\"46.01\" lon=\"-28.6\"");
        var moved = RouteFile
            .Read(text.Replace("wpt lat=\"46.01\"", "wpt lat=\"46.03\"", StringComparison.Ordinal), new RouteFileOptions(Today))
            .Places.Single()
            .Source;
        moved.LatitudeDeg.ShouldBe(46.03);
        moved.AlongKm!.Value.ShouldBe(3.336, 0.01); // 0.03° of latitude
    }
}
