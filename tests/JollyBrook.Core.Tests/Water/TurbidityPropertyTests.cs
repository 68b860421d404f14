using CsCheck;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Water;

/// <summary>Cloud and cold over the whole range of what may be told.</summary>
public class TurbidityPropertyTests
{
    private static readonly Gen<double> Depth = Gen.Double[0.5, 300];
    private static readonly Gen<double> Ntu = Gen.OneOf(Gen.Double[0, 120], Gen.Double[0, 10000]);
    private static readonly Gen<Clarity?> Seen = Gen.OneOf(
        Gen.Const((Clarity?)null),
        Gen.OneOf([.. Enum.GetValues<Clarity>().Select(Gen.Const)]).Select(c => (Clarity?)c)
    );

    private static FieldWater Of(Clarity? seen, double? depthCm, double? ntu, double? celsius = 10) =>
        FieldWater.Check(new WaterInput(1, seen, WaterColour.None, celsius, 300, depthCm, ntu), new Intake(Speaker.Metric));

    /// <summary>Handbook: a mark vanishes at about 84 cm in water of 5 NTU, 26 at 30, 12 at 100.</summary>
    [Theory]
    [InlineData(5, 84)]
    [InlineData(30, 26)]
    [InlineData(100, 12)]
    public void The_tubes_calibration(double ntu, double depthCm) => Turbidity.VanishingDepthCm(ntu).ShouldBe(depthCm, 0.5);

    [Fact]
    public void A_mark_that_vanishes_sooner_is_never_clearer_water() =>
        Gen.Select(Depth, Depth)
            .Sample(
                (a, b) =>
                {
                    var (shallow, deep) = (Of(null, Math.Min(a, b), null), Of(null, Math.Max(a, b), null));
                    shallow.Ntu.ShouldBeGreaterThanOrEqualTo(deep.Ntu);
                    ((int)shallow.Clarity).ShouldBeGreaterThanOrEqualTo((int)deep.Clarity);
                    Turbidity.VanishingDepthCm(shallow.Ntu).ShouldBe(Math.Min(a, b), 1e-6);
                }
            );

    [Fact]
    public void What_is_counted_is_never_clearer_than_its_class_and_no_class_is_left_open() =>
        Gen.Select(Seen, Depth.Nullable(), Ntu.Nullable())
            .Sample(
                (seen, depth, ntu) =>
                {
                    var water = Of(seen, depth, ntu);
                    water.Clarity.ShouldNotBe(Clarity.Unknown);
                    water.Ntu.ShouldBeLessThanOrEqualTo(water.Clarity == Clarity.Slurry ? 1e6 : Turbidity.WorstOf(water.Clarity));
                    if (depth is null && ntu is null)
                    {
                        water.Ntu.ShouldBe(Turbidity.WorstOf(water.Clarity));
                        water.Clarity.ShouldBe(seen is null or Clarity.Unknown ? Clarity.Cloudy : seen.Value);
                    }
                    else
                    {
                        Turbidity.ClassOf(water.Ntu).ShouldBe(water.Clarity);
                    }
                }
            );

    [Fact]
    public void Cleared_water_is_never_cloudier_and_never_counts_better_than_its_new_class() =>
        Gen.Select(Seen, Ntu.Nullable(), Gen.OneOf([.. Enum.GetValues<Clarity>().Where(c => c != Clarity.Unknown).Select(Gen.Const)]))
            .Sample(
                (seen, ntu, to) =>
                {
                    var before = Of(seen, null, ntu);
                    var after = before.ClearedTo(to);
                    ((int)after.Clarity).ShouldBe(Math.Min((int)before.Clarity, (int)to));
                    after.Ntu.ShouldBe(after.Clarity == before.Clarity ? before.Ntu : Turbidity.WorstOf(to));
                    // Asked again with what it says of itself, it is the same water.
                    FieldWater.Check(after.Given, new Intake(Speaker.Metric)).Ntu.ShouldBe(after.Ntu);
                }
            );

    [Fact]
    public void A_temperature_that_is_not_known_is_the_coldest() =>
        Gen.Double[0, 40]
            .Sample(celsius =>
            {
                var (known, unknown) = (Of(null, null, null, celsius), Of(null, null, null, celsius: null));
                (known.TemperatureC, known.TemperatureKnown).ShouldBe((celsius, true));
                (unknown.TemperatureC, unknown.TemperatureKnown).ShouldBe((0, false));
                Viscosity.FlowShare(unknown.TemperatureC).ShouldBeLessThanOrEqualTo(Viscosity.FlowShare(celsius));
            });

    /// <summary>What is not known has no words.</summary>
    [Theory]
    [InlineData(null, null, "")]
    [InlineData(Clarity.Unknown, WaterColour.Unknown, "")]
    [InlineData(Clarity.SlightlyCloudy, WaterColour.Tea, "slightly cloudy, tea-coloured")]
    [InlineData(Clarity.Clear, WaterColour.None, "clear")]
    [InlineData(null, WaterColour.Green, "green")]
    public void Its_look_in_words(Clarity? clarity, WaterColour? colour, string words) =>
        string.Join(", ", WaterLook.Spoken(clarity, colour)).ShouldBe(words);
}
