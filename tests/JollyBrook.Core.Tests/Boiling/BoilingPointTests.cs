using CsCheck;
using JollyBrook.Core.Boiling;

namespace JollyBrook.Core.Tests.Boiling;

public class BoilingPointTests
{
    [Theory]
    [InlineData(0, 100.0)]
    [InlineData(3048, 89.9)] // published: 10 000 ft boils at about 89.9 °C
    // 2 600 m: 1 − 2.25577e-5·2600 = 0.941350; ^5.25588 = 0.72785; p = 73 749 Pa = 553.16 mmHg, log10 = 2.74285;
    // 1730.63/(8.07131 − 2.74285) − 233.426 = 91.36 °C
    [InlineData(2600, 91.36)]
    public void Follows_the_standard_atmosphere(double elevationM, double boilingC) =>
        BoilingPoint.AtElevationC(elevationM).ShouldBe(boilingC, 0.05);

    [Fact]
    public void Pressure_at_sea_level_is_one_atmosphere() => BoilingPoint.PressurePa(0).ShouldBe(101325, 1e-9);

    [Fact]
    public void Higher_never_boils_hotter() =>
        Gen.Select(Gen.Double[-430, 9000], Gen.Double[-430, 9000])
            .Sample((a, b) => BoilingPoint.AtElevationC(Math.Max(a, b)) <= BoilingPoint.AtElevationC(Math.Min(a, b)) + 1e-12);
}
