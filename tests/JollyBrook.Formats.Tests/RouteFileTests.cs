using JollyBrook.Core.Route;
using JollyBrook.Core.Sources;
using JollyBrook.Formats.Tables;

namespace JollyBrook.Formats.Tests;

/// <summary>Tracks as they come: each awkward file is read, or refused with a reason and a way on.</summary>
public sealed class RouteFileTests
{
    private static readonly string Folder = Path.Combine(AppContext.BaseDirectory, "awkward");

    public static TheoryData<string> Named(string start) =>
        [.. Directory.GetFiles(Folder).Select(f => Path.GetFileName(f)!).Where(f => f.StartsWith(start, StringComparison.Ordinal)).Order()];

    public static TheoryData<string> ToBeRead => Named("read-");

    public static TheoryData<string> ToBeRefused => Named("refused-");

    private static readonly RouteFileOptions Options = new(new DateOnly(2026, 11, 27));

    private static ReadRoute Read(string file) => RouteFile.Read(FileText.Of(File.ReadAllBytes(Path.Combine(Folder, file))), Options);

    [Theory]
    [MemberData(nameof(ToBeRead))]
    public void Is_read(string file)
    {
        var read = Read(file);
        read.LengthKm.ShouldBeGreaterThan(1);
        EncodedNumbers.Decode(read.Latitudes!)!.Count.ShouldBe(EncodedNumbers.Decode(read.Longitudes!)!.Count);
        EncodedNumbers.Decode(read.Heights)!.Count.ShouldBeGreaterThan(1);
    }

    [Theory]
    [MemberData(nameof(ToBeRefused))]
    public void Is_refused_in_words_that_say_what_to_do(string file)
    {
        var refused = Should.Throw<UnreadableFileException>(() => Read(file));
        refused.Message.Length.ShouldBeInRange(30, 400);
        refused.Message.ShouldNotContain("etc/hostname");
        refused.Message.ShouldMatch("(try|drop|Drop|Type|Export|export|Mend|Thin|Split)");
    }

    [Fact]
    public void What_is_odd_is_told()
    {
        Read("read-no-heights.gpx").HasHeights.ShouldBeFalse();
        Read("read-nan-height.gpx").Flags.ShouldHaveSingleItem().ShouldContain("1 of 3 points");
        Read("read-times-out-of-order.gpx").Flags.ShouldHaveSingleItem().ShouldContain("out of order");
        Read("read-gap.gpx").Flags.ShouldHaveSingleItem().ShouldContain("gap of 11.1 km (6.9 mi)");
        // 0.02° and 0.02° of longitude at 10° north: 2 · 0.02 · 111.195 · cos 10° = 4.38 km, and no way around the globe.
        Read("read-antimeridian.gpx").LengthKm.ShouldBe(4.38, 0.01);
    }

    [Fact]
    public void Waypoints_become_places_with_a_first_guess()
    {
        var spring = Read("read-with-waypoint.gpx").Places.ShouldHaveSingleItem();
        (spring.Name, spring.Source.Class).ShouldBe(("Moss spring", SourceClass.Perennial));
        spring.Source.AlongKm!.Value.ShouldBe(0.556, 0.002); // 0.005° of latitude
        spring.OffKm.ShouldBe(0.077, 0.002); // 0.001° of longitude at 46.2°
        RouteFile
            .Read(File.ReadAllText(Path.Combine(Folder, "read-collection.geojson")), Options with { Line = 0 })
            .Places.ShouldHaveSingleItem()
            .Source.Class.ShouldBe(SourceClass.Lake);
    }

    [Fact]
    public void A_long_track_is_read_whole()
    {
        var points = string.Concat(
            Enumerable
                .Range(0, 50_000)
                .Select(i =>
                    $"<trkpt lat=\"{46 + (i * 0.00009):0.000000}\" lon=\"-28.6\"><ele>{200 + (50 * Math.Sin(i / 300.0)):0.0}</ele></trkpt>"
                )
        );
        var read = RouteFile.Read(
            $"<gpx version=\"1.1\" creator=\"t\" xmlns=\"http://www.topografix.com/GPX/1/1\"><trk><trkseg>{points}</trkseg></trk></gpx>",
            Options
        );
        read.LengthKm.ShouldBe(49_999 * 0.00009 * 111.195, 0.5);
        read.Flags.ShouldBeEmpty();
    }

    [Fact]
    public void A_weather_table_is_taken_whole_or_not_at_all()
    {
        var days = WeatherTable
            .Read(
                "date,hour,temperature_c,humidity_percent,cloud_percent\n2026-08-21,6,11.5,80,10\n2026-08-21,15,23,45,20\n2026-08-22,12,19,,\n"
            )
            .Select(d => d.Weather)
            .ToList();
        days.Count.ShouldBe(2);
        days[0].LowC.ShouldBe(11.5);
        days[0].Hours![14].TemperatureC.ShouldBe(23);
        days[0].Hours![3].TemperatureC.ShouldBe(11.5); // the nearest hour that was given
        days[0].Hours![15].Cloud.ShouldBe(0.2);
        days[1].Hours![0].HumidityPercent.ShouldBeNull();
        Should
            .Throw<UnreadableFileException>(() =>
                WeatherTable.Read("date,hour,temperature_c\n2026-08-21,6,11\n2026-08-21,25,11\nsoon,3,9\n")
            )
            .Message.ShouldContain("Lines 3, 4 can't be right");
        Should.Throw<UnreadableFileException>(() => WeatherTable.Read("a,b\n1,2\n")).Message.ShouldContain("must name the columns");
        Should.Throw<UnreadableFileException>(() => WeatherTable.Read("date,hour,temperature_c\n")).Message.ShouldContain("no lines");
    }
}
