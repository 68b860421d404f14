using System.Text;
using JollyBrook.Core.Route;

namespace JollyBrook.Formats.Tests;

/// <summary>Small files made to keep a core busy: each is read or refused at a cost that grows with its length alone.</summary>
public sealed class HostileFileTests
{
    private static ReadRoute Read(string text, CancellationToken cancellation = default) =>
        RouteFile.Read(text, new RouteFileOptions(new DateOnly(2026, 11, 27)), cancellation);

    private static string Gpx(string inPoint, string afterTrack = "") =>
        $"""<gpx version="1.1" creator="t" xmlns="http://www.topografix.com/GPX/1/1"><trk><trkseg><trkpt lat="46" lon="-28.6">{inPoint}</trkpt><trkpt lat="46.02" lon="-28.6"><ele>20</ele></trkpt></trkseg></trk>{afterTrack}</gpx>""";

    /// <summary>Spaces in a height, which a backtracking expression went over again and again: a megabyte of them took hours.</summary>
    [Fact]
    public async Task Spaces_in_a_height_cost_their_length()
    {
        var read = await Task.Run(() => Read(Gpx($"<ele>{new string(' ', 2_000_000)}x</ele>"))).WaitAsync(TimeSpan.FromSeconds(20));
        read.LengthKm.ShouldBe(0.02 * 111.195, 0.01);
        read.Flags.ShouldHaveSingleItem().ShouldContain("1 of 2 points");
    }

    [Theory]
    [InlineData(40, false)]
    [InlineData(200, true)]
    [InlineData(200_000, true)]
    public async Task Extensions_nested_without_end_are_refused_and_a_few_are_passed_over(int depth, bool refused)
    {
        var nested = new StringBuilder().Insert(0, "<a>", depth).Insert(depth * 3, "</a>", depth).ToString();
        var file = Gpx($"<ele>10</ele><extensions>{nested}</extensions>");
        var reading = Task.Run(() => Read(file)).WaitAsync(TimeSpan.FromSeconds(20));
        if (refused)
        {
            (await Should.ThrowAsync<UnreadableFileException>(reading)).Message.ShouldContain("nested deeper");
        }
        else
        {
            (await reading).HasHeights.ShouldBeTrue();
        }
    }

    /// <summary>What stands in extensions is not read, whatever it looks like; the track after it is.</summary>
    [Fact]
    public void Extensions_are_passed_over_whole()
    {
        var read = Read(
            Gpx("<ele>10</ele><extensions><ele>9000</ele><x/><y><extensions/></y></extensions>", "<extensions><trk/></extensions>")
        );
        (read.LengthKm > 2, read.HasHeights).ShouldBe((true, true));
    }

    [Fact]
    public void Nobody_waits_and_the_reading_stops()
    {
        using var left = new CancellationTokenSource();
        left.Cancel();
        Should.Throw<OperationCanceledException>(() => Read(Gpx("<ele>1</ele>"), left.Token));
    }
}
