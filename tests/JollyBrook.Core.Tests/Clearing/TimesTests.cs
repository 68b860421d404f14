using JollyBrook.Core.Barriers;
using JollyBrook.Core.Clearing;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Clearing;

/// <summary>How long each way of clearing takes, by hand.</summary>
public class TimesTests
{
    private static readonly KitEntry Sand = new("sand", new MakeshiftFilter { Name = "Sand and charcoal" });

    private static ClearingAnswer By(
        ClearingWay way,
        double litres,
        Grit grit = Grit.Silty,
        double? depthCm = null,
        double celsius = 10,
        Clarity clarity = Clarity.Muddy
    ) =>
        Treat
            .Compute(
                new TreatRequest(
                    UnitSystem.Metric,
                    Ask.Water(litres, clarity, celsius),
                    "filter",
                    StartAt: Kits.Now,
                    Clearing: new ClearingOptions(grit, Way: way),
                    Container: new ContainerInput(DepthCm: depthCm),
                    Kit: [Kits.Entry(Kits.Squeeze), Kits.Entry(Kits.Alum), Sand]
                )
            )
            .Clearing!;

    /// <summary>
    /// Half the depth, half the time: 48.5 min for 10 µm in 20 cm at 10 °C, with the margin of a half 72.7; in 10 cm 36.4.
    /// </summary>
    [Theory]
    [InlineData(null, 73)]
    [InlineData(20.0, 73)]
    [InlineData(10.0, 37)]
    public void Settling_goes_by_the_depth(double? depthCm, double minutes) =>
        By(ClearingWay.Settle, 1, depthCm: depthCm).SettleMinutes.ShouldBe(minutes);

    [Theory]
    [InlineData(Grit.Sandy, 50)]
    [InlineData(Grit.Silty, 10)]
    [InlineData(Grit.FineSilt, 5)]
    [InlineData(Grit.Clay, 1)]
    [InlineData(Grit.Unknown, 1)]
    public void Grains(Grit grit, double micrometres) => Settling.DiameterUm(grit).ShouldBe(micrometres);

    /// <summary>
    /// Alum: a minute fast, some slow, the stand by the cold (60 min at 4 °C, 20 at 20), five to draw off; hands but for the stand.
    /// </summary>
    [Theory]
    [InlineData(4, 60)]
    [InlineData(12.5, 40)]
    public void Flocculating_stands_longer_in_the_cold(double celsius, double stand)
    {
        var answer = By(ClearingWay.Flocculate, 1, celsius: celsius);
        const double stir = Flocculation.StirFastMinutes + Flocculation.StirSlowMinutes;
        answer.StandMinutes.ShouldBe(stand);
        answer.HandsOnMinutes.ShouldBe(stir + 5);
        answer.Minutes.ShouldBe(stir + stand + 5);
        stir.ShouldBeGreaterThan(1);
    }

    [Theory]
    [InlineData(0.45, 5)] // 0.5 L poured in, a tenth of which stays
    [InlineData(0.5, 6)] // 0.556
    [InlineData(3, 34)] // 3.333
    public void An_improvised_filter_takes_ten_minutes_for_each_litre_poured_in(double litres, double minutes) =>
        By(ClearingWay.ImprovisedFilter, litres)
            .ShouldSatisfyAllConditions(
                a => a.Minutes.ShouldBe(minutes),
                a => a.HandsOnMinutes.ShouldBe(minutes),
                a => a.StandMinutes.ShouldBe(0),
                a => a.SettleMinutes.ShouldBeNull()
            );

    /// <summary>Clear water is neither settled nor flocculated, even where that is asked for; only what clouds it is.</summary>
    [Theory]
    [InlineData(ClearingWay.Settle)]
    [InlineData(ClearingWay.Flocculate)]
    public void Clear_water_is_left_alone(ClearingWay way)
    {
        By(way, 1, clarity: Clarity.Clear).Way.ShouldNotBe(way);
        By(way, 1, clarity: Clarity.Cloudy).Way.ShouldBe(way);
    }
}
