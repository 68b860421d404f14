using System.IO.Compression;
using System.Text;
using JollyBrook.Core.Route;

namespace JollyBrook.Formats.Tests;

/// <summary>What each of the awkward files is read as.</summary>
public class AwkwardFileTests
{
    private static readonly RouteFileOptions Options = new(new DateOnly(2026, 11, 27));

    private static byte[] Bytes(string file) => File.ReadAllBytes(Path.Combine(AppContext.BaseDirectory, "awkward", file));

    private static ReadRoute Read(string file, RouteFileOptions? options = null) =>
        RouteFile.Read(FileText.Of(Bytes(file)), options ?? Options);

    private static string Refusal(string file) => Should.Throw<UnreadableFileException>(() => Read(file)).Message;

    /// <summary>Five steps of 0.004° of latitude, 10 m up each: 2.22 km, 50 m but for the smoothing at both ends.</summary>
    [Theory]
    [InlineData("read-no-namespace.gpx")]
    [InlineData("read-odd-namespace.gpx")]
    [InlineData("read-prefixed.gpx")]
    [InlineData("read-odd-fields.gpx")]
    [InlineData("read-byte-order-mark.gpx")]
    [InlineData("read-packed.gpx.gz")]
    [InlineData("read-packed.zip")]
    public void Odd_clothes_hide_no_track(string file)
    {
        var read = Read(file);
        read.LengthKm.ShouldBe(5 * 0.004 * 111.195, 0.001);
        read.AscentM.ShouldBe(50, 1);
        read.Flags.ShouldBeEmpty();
    }

    [Theory]
    [InlineData("read-latin-1.gpx", "Höhenweg über die Alm")]
    [InlineData("read-cp1252.gpx", "Høyfjell – “øst”")]
    [InlineData("read-utf-16.gpx", "水場への道")]
    public void Letters_are_read_as_the_file_declares_them(string file, string name) => Read(file).Name.ShouldBe(name);

    [Theory]
    [InlineData("utf-16")]
    [InlineData("utf-7")]
    [InlineData("no-such-page")]
    public void A_file_that_declares_what_it_is_not_is_read_as_what_it_is(string declared) =>
        RouteFile
            .Read(
                FileText.Of(
                    Encoding.UTF8.GetBytes(
                        $"<?xml version=\"1.0\" encoding=\"{declared}\"?><gpx><trk><name>Über</name><trkpt lat=\"46\" "
                            + "lon=\"-28\"/><trkpt lat=\"46.1\" lon=\"-28\"/></trk></gpx>"
                    )
                ),
                Options
            )
            .Name.ShouldBe("Über");

    /// <summary>331.4° east is 28.6° west; five steps of 0.004° at 46.2° north.</summary>
    [Fact]
    public void Degrees_all_around_are_the_same_places()
    {
        var read = Read("read-east-of-180.gpx");
        read.LengthKm.ShouldBe(5 * 0.004 * 111.195 * Math.Cos(46.2 * Math.PI / 180), 0.001);
        EncodedNumbers.Decode(read.Longitudes!)![0].ShouldBe(-2_860_000);
    }

    [Fact]
    public void Of_several_tracks_the_longest_is_taken_and_the_others_can_be()
    {
        var read = Read("read-two-tracks.gpx");
        read.Lines!.Select(l => l.Name).ShouldBe(["Day one", "Day two"]);
        (read.Name, read.LineTaken).ShouldBe(("Day two", 1));
        read.Flags.ShouldBe(["The file holds 2 lines; the longest was taken. Choose another, or join them."]);
        Read("read-two-tracks.gpx", Options with { Line = 0 }).LengthKm.ShouldBe(read.Lines![0].LengthKm, 1e-9);
        var joined = Read("read-two-tracks.gpx", Options with { Line = RouteFileOptions.Joined });
        // The one ends where the other begins.
        joined.LengthKm.ShouldBe(read.Lines!.Sum(l => l.LengthKm), 0.001);
        (joined.LineTaken, joined.Flags.Count).ShouldBe((RouteFileOptions.Joined, 0));
        Read("read-many-lines.geojson", Options with { Line = RouteFileOptions.Joined }).LengthKm.ShouldBe(0.06 * 111.195, 0.001);
    }

    /// <summary>A drawn line of five steps, a recorded one of one, a spring found dry; an area is no track.</summary>
    [Theory]
    [InlineData("read-track.kml")]
    [InlineData("read-track.kmz")]
    public void KML_is_read_packed_or_not(string file)
    {
        var read = Read(file);
        read.Name.ShouldBe("Over the moor");
        read.Lines!.Select(l => l.Name).ShouldBe(["Over the moor", "Recorded"]);
        read.LengthKm.ShouldBe(5 * 0.004 * 111.195, 0.001);
        read.AscentM.ShouldBe(50, 1);
        var place = read.Places.ShouldHaveSingleItem();
        (place.Name, place.Source.ReportedFlowing, place.IsOffered).ShouldBe(("Moss spring", false, false));
    }

    [Fact]
    public void Climb_by_hand_counts_where_a_file_has_no_heights()
    {
        var bare = Read("read-no-heights.gpx");
        (bare.HasHeights, bare.AscentM).ShouldBe((false, 0));
        var given = Read("read-no-heights.gpx", Options with { Climb = new GivenClimb(300, 120, 40) });
        given.HasHeights.ShouldBeTrue();
        given.AscentM.ShouldBe(120, 5);
        given.DescentM.ShouldBe(40, 5);
        EncodedNumbers.Decode(given.Heights)![0].ShouldBe(3000);
        // What the file says stands.
        Read("read-no-namespace.gpx", Options with { Climb = new GivenClimb(300, 120, 40) }).AscentM.ShouldBe(50, 1);
    }

    [Fact]
    public void A_height_that_drops_out_is_no_climb()
    {
        var read = Read("read-height-drops-out.gpx");
        read.AscentM.ShouldBe(0, 0.5);
        read.Flags[0].ShouldContain("The height is lost");
    }

    [Fact]
    public void A_maps_own_tags_are_read()
    {
        var place = Read("read-own-tags.geojson").Places.ShouldHaveSingleItem();
        place.Source.Class.ShouldBe(Core.Sources.SourceClass.SeasonalLate);
        place.Why.ShouldHaveSingleItem().ShouldContain("natural=spring, intermittent=yes");
        Read("read-comments-and-cdata.gpx").Places.ShouldHaveSingleItem().Name.ShouldBe("Moss & fern spring");
    }

    [Theory]
    [InlineData("refused-no-place.kml", "Line 1: “46.2,-128.6” is no place")]
    [InlineData("refused-cut-short.kml", "broken at line 6")]
    [InlineData("refused-track.tcx", "TCX")]
    [InlineData("refused-watch.fit", "FIT")]
    [InlineData("refused-picture.png", "picture")]
    [InlineData("refused-paper.pdf", "PDF")]
    [InlineData("refused-broken.gz", "cannot be unpacked")]
    [InlineData("refused-notes.zip", "holds neither GPX")]
    [InlineData("refused-other.xml", "“note”")]
    [InlineData("refused-web-page.gpx", "web page")]
    [InlineData("refused-places-alone.gpx", "2 places and no line")]
    [InlineData("refused-off-the-globe.gpx", "Line 1: latitude “99”")]
    [InlineData("refused-wrong-place.csv", "Lines 3, 4")]
    public void A_refusal_names_what_it_is(string file, string words)
    {
        Refusal(file).ShouldContain(words);
        Refusal(file).ShouldNotMatch("Exception|Settings|legs\\[|System\\.");
    }

    [Theory]
    [InlineData("refused-places-alone.gpx", 2)]
    [InlineData("refused-places-alone.csv", 1)]
    public void Places_alone_open_as_sources_of_a_route(string file, int places)
    {
        var line = PlacedLine.Of(Track.Of([.. Enumerable.Range(0, 50).Select(i => new GeoPoint(46.19 + (i * 0.001), -28.6, 100))])!);
        var read = RouteFile.Places(FileText.Of(Bytes(file)), line, Options.Today, null);
        read.Places.Count.ShouldBe(places);
        read.Places[0].Source.AlongKm!.Value.ShouldBe(1.112, 0.001); // 0.01°
    }

    [Fact]
    public void What_is_packed_small_and_is_large_is_refused_by_its_limit()
    {
        var whole = new MemoryStream();
        using (var gzip = new GZipStream(whole, CompressionLevel.Fastest, leaveOpen: true))
        {
            var piece = new byte[1 << 20];
            Array.Fill(piece, (byte)' ');
            for (var i = 0; i < 64; i++)
            {
                gzip.Write(piece);
            }
        }

        whole.Length.ShouldBeLessThan(1 << 20);
        Should.Throw<UnreadableFileException>(() => FileText.Of(whole.ToArray())).Message.ShouldContain("24 million");
        Should
            .Throw<UnreadableFileException>(() => RouteFile.Read(new string(' ', RouteFile.MostLetters + 1), Options))
            .Message.ShouldContain("24 million");
    }

    [Fact]
    public void By_name_it_is_the_same_and_what_is_wrong_names_the_file()
    {
        string Ask(string file) => $$"""{"file":"{{Convert.ToBase64String(Bytes(file))}}","today":"2026-11-27"}""";
        FileCalculations.Run("read-route", Ask("read-two-tracks.gpx")).Json.ShouldContain("\"lineTaken\":1");
        var refused = FileCalculations.Run("read-route", Ask("refused-track.tcx"));
        (refused.Status, refused.Json.Contains("\"field\":\"file\"", StringComparison.Ordinal)).ShouldBe((400, true));
        FileCalculations.Run("read-route", "{}").Status.ShouldBe(400);
        FileCalculations.Run("read-places", Ask("read-two-tracks.gpx")).Json.ShouldContain("route");
        FileCalculations
            .Run(
                "read-weather",
                $$"""{"file":"{{Convert.ToBase64String(Encoding.UTF8.GetBytes("date,hour,temperature_c\n2026-08-21,6,11\n"))}}"}"""
            )
            .Status.ShouldBe(200);
        FileCalculations.Run("divine", "{}").Status.ShouldBe(404);
    }
}
