using CsCheck;
using JollyBrook.Core.Route;

namespace JollyBrook.Core.Tests.Route;

/// <summary>Climb is that of the ground: hills are kept, a receiver's noise is not.</summary>
public class ClimbTests
{
    /// <summary>Points 10 m apart along a meridian.</summary>
    private static Track Line(double km, Func<double, double> heightAtM, Func<int, double>? noise = null, bool isRecorded = false) =>
        Track.Of(
            [
                .. Enumerable
                    .Range(0, (int)(km * 100) + 1)
                    .Select(i => new GeoPoint(46 + (i * 10 / 111_195.0), -28, heightAtM(i * 10) + (noise?.Invoke(i) ?? 0))),
            ],
            isRecorded
        )!;

    private static Func<int, double> White(double sigma, int seed)
    {
        var random = new Random(seed);
        return _ => sigma * Math.Sqrt(-2 * Math.Log(1 - random.NextDouble())) * Math.Cos(2 * Math.PI * random.NextDouble());
    }

    /// <summary>Noise that drifts: each error keeps most of the one before, 80 m long.</summary>
    private static Func<int, double> Drifting(double sigma, int seed)
    {
        var (white, error) = (White(1, seed), 0.0);
        var keep = Math.Exp(-10.0 / 80);
        return i => error = i == 0 ? sigma * white(i) : (keep * error) + (sigma * Math.Sqrt(1 - (keep * keep)) * white(i));
    }

    /// <summary>Waves of 20 m from foot to top over 20 km: 20 m up for each of them.</summary>
    [Theory]
    [InlineData(400)]
    [InlineData(600)]
    [InlineData(1000)]
    public void Rolling_ground_keeps_its_climb(double lengthM)
    {
        double Height(double m) => 500 + (10 * Math.Sin(2 * Math.PI * m / lengthM));
        var climb = 20 * 20_000 / lengthM;
        Line(20, Height).Profile().AscentM.ShouldBe(climb, 0.08 * climb);
        Line(20, Height, isRecorded: true).Profile().AscentM.ShouldBe(climb, 0.08 * climb);
        Line(20, Height, White(1.5, 1), isRecorded: true).Profile().AscentM.ShouldBe(climb, 0.08 * climb);
    }

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    public void Noise_on_the_flat_is_no_climb(int seed)
    {
        Line(20, _ => 100, White(3, seed), isRecorded: true).Profile().AscentM.ShouldBeLessThan(60);
        Line(20, _ => 100, White(3, seed)).Profile().AscentM.ShouldBeLessThan(60);
        Line(20, _ => 100, Drifting(2, seed), isRecorded: true).Profile().AscentM.ShouldBeLessThan(60);
    }

    /// <summary>A drawn hill of any size counts whole, up to what sampling it every 50 m takes off its top.</summary>
    [Fact]
    public void A_drawn_hill_counts_whole() =>
        Gen.Select(Gen.Double[5, 800], Gen.Double[1000, 8000])
            .Sample(
                (top, lengthM) =>
                    Line(lengthM / 1000, m => 200 + (top * Math.Sin(Math.PI * m / lengthM)))
                        .Profile()
                        .AscentM.ShouldBe(top, 0.02 * top + 0.5)
            );

    /// <summary>Ends stay, climb less fall is what lies between them, and nothing is added to what was given.</summary>
    [Fact]
    public void Level_adds_nothing() =>
        Gen.Select(Gen.Double[-50, 3000].Array[2, 200], Gen.Double[0, 100])
            .Sample(
                (heights, least) =>
                {
                    var level = ClimbFilter.Level(heights, least);
                    double Up(double[] h) => h.Zip(h.Skip(1)).Sum(p => Math.Max(0, p.Second - p.First));
                    (level[0], level[^1]).ShouldBe((heights[0], heights[^1]));
                    Up(level).ShouldBeLessThanOrEqualTo(Up(heights) + 1e-6);
                    level.Max().ShouldBeLessThanOrEqualTo(heights.Max() + 1e-9);
                    level.Min().ShouldBeGreaterThanOrEqualTo(heights.Min() - 1e-9);
                }
            );

    [Fact]
    public void The_more_is_taken_for_noise_the_less_it_climbs() =>
        Gen.Select(Gen.Double[0, 300].Array[2, 100], Gen.Double[0, 50], Gen.Double[0, 50])
            .Sample(
                (heights, a, b) =>
                {
                    double Up(double least) =>
                        ClimbFilter.Level(heights, least) is var h ? h.Zip(h.Skip(1)).Sum(p => Math.Max(0, p.Second - p.First)) : 0;
                    Up(Math.Max(a, b)).ShouldBeLessThanOrEqualTo(Up(Math.Min(a, b)) + 1e-6);
                }
            );
}
