using CsCheck;
using JollyBrook.Core.Sources;

namespace JollyBrook.Core.Tests.Sources;

/// <summary>The default temperature of water nobody measured: colder than the day's mean air, never warm.</summary>
public sealed class LikelyWaterTests
{
    [Theory]
    [InlineData(SourceClass.Perennial, 16, 10)]
    [InlineData(SourceClass.Lake, 16, 12)]
    [InlineData(SourceClass.TankOrTap, 16, 12)]
    [InlineData(SourceClass.SeasonalLate, 16, 11)]
    [InlineData(SourceClass.Seep, 16, 11)]
    [InlineData(SourceClass.ReportedDry, 16, 10)]
    [InlineData(null, 16, 10)]
    [InlineData(SourceClass.SnowPatch, 16, 0)]
    [InlineData(SourceClass.Perennial, 35, 15)]
    [InlineData(SourceClass.Lake, -10, 1)]
    public void By_class_and_air(SourceClass? source, double air, double expected) =>
        LikelyWater.TemperatureC(source, air).ShouldBe(expected);

    [Fact]
    public void Colder_air_never_makes_it_warmer() =>
        Gen.Select(Gen.Enum<SourceClass>(), Gen.Double[-40, 45], Gen.Double[0, 30])
            .Sample(
                (source, air, colder) =>
                    LikelyWater.TemperatureC(source, air - colder).ShouldBeLessThanOrEqualTo(LikelyWater.TemperatureC(source, air))
            );
}
