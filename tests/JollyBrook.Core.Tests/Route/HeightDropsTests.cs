using CsCheck;
using JollyBrook.Core.Route;

namespace JollyBrook.Core.Tests.Route;

/// <summary>A height that drops out is no climb.</summary>
public class HeightDropsTests
{
    /// <summary>Points 20 m apart along a meridian.</summary>
    private static Track Line(Func<int, double> height, int count = 400) =>
        Track.Of([.. Enumerable.Range(0, count).Select(i => new GeoPoint(46 + (i * 20 / 111_195.0), -28, height(i)))])!;

    /// <summary>Level at 800 m with a kilometre of zeros: 800 m down and 800 m up that nobody walks.</summary>
    [Fact]
    public void A_stretch_of_zeros_adds_nothing()
    {
        var track = Line(i => i is >= 100 and < 150 ? 0 : 800);
        track.Profile().AscentM.ShouldBe(0, 1e-9);
        track
            .Flags.ShouldHaveSingleItem()
            .ShouldBe(
                "The height is lost from 2 km (1.2 mi) to 3 km (1.9 mi), where it says 0 m (0 ft): filled in from what is given on both sides."
            );
    }

    [Fact]
    public void Zeros_at_either_end_are_no_ground()
    {
        Line(i => i < 30 ? 0 : 800 + i).Profile().ElevationM[0].ShouldBe(830, 1e-9);
        Line(i => i > 380 ? -9 : 800 + i).Profile().ElevationM[^1].ShouldBe(1180, 1e-9);
    }

    /// <summary>70 m over 20 m is no path; it is shown, for nobody knows which side is right.</summary>
    [Fact]
    public void A_jump_that_does_not_come_back_is_shown()
    {
        var track = Line(i => (i < 200 ? 500 : 900) + i);
        track.Profile().AscentM.ShouldBeGreaterThan(390);
        track.Flags.ShouldHaveSingleItem().ShouldBe("The height jumps by 401 m (1316 ft) at 4 km (2.5 mi): look at the climb there.");
    }

    /// <summary>Ground as steep as paths are is left as it is, whatever its shape.</summary>
    [Fact]
    public void Real_ground_is_left_alone() =>
        Gen.Double[-0.7, 0.7]
            .Array[50, 300]
            .Sample(slopes =>
            {
                var height = 2000.0;
                double[] ground = [.. slopes.Select(s => height += s * 20)];
                Line(i => ground[i], ground.Length).Flags.ShouldBeEmpty();
            });

    /// <summary>Wherever it is lost, the climb is what it is without.</summary>
    [Fact]
    public void Lost_anywhere_the_climb_stays() =>
        Gen.Select(Gen.Int[5, 300], Gen.Int[1, 80], Gen.OneOf(Gen.Const(0.0), Gen.Const(-500.0), Gen.Const(4000.0)))
            .Sample(
                (from, length, says) =>
                {
                    var track = Line(i => i >= from && i < from + length && i < 395 ? says : 1000 + i);
                    track.Profile().AscentM.ShouldBe(Line(i => 1000 + i).Profile().AscentM, 0.01);
                    track.Flags.ShouldHaveSingleItem().ShouldContain("The height is lost");
                }
            );
}
