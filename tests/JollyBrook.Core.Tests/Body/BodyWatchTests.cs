using CsCheck;
using JollyBrook.Core.Body;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Tests.Body;

/// <summary>A walker's water through the day.</summary>
public class BodyWatchTests
{
    private static readonly DateTimeOffset From = new(2026, 8, 10, 8, 0, 0, TimeSpan.Zero);
    private static readonly Walker Ilva = new("Ilva", 60, 168, true, Clothing.ShortsAndShirt, 10);

    private static WatchRequest At(double hours, params (double Hours, double Litres)[] drinks) => new(
        UnitSystem.Metric, Ilva, From: From, Drinks: [.. drinks.Select(d => new Drunk(From.AddHours(d.Hours), d.Litres))], Now: From.AddHours(hours));

    [Fact]
    public void At_rest_a_body_loses_its_need()
    {
        // 1.5 mL/kg/h × 60 kg = 0.09 L/h: 0.9 L in 10 h, 1.5 % of 60 kg.
        var answer = BodyWatch.Compute(At(10));
        answer.LostL.ShouldBe(0.9, 1e-9);
        answer.DeficitPercent.ShouldBe(1.5, 1e-9);
        answer.State.ShouldBe(WaterState.DrinkSoon);
        answer.Headline.ShouldBe("Drink 0.25 L now");
    }

    [Fact]
    public void Drunk_is_taken_off() => BodyWatch.Compute(At(10, (2, 0.5), (9.9, 0.4))).DeficitL.ShouldBe(0, 1e-9);

    [Fact]
    public void More_than_lost_is_too_much_and_nothing_more_is_to_be_drunk()
    {
        // 1.6 − 0.9 = 0.7 L over: 1.17 % of 60 kg.
        var answer = BodyWatch.Compute(At(10, (9, 1.6)));
        answer.State.ShouldBe(WaterState.TooMuch);
        answer.NextDrinkL.ShouldBe(0);
        answer.Cautions.ShouldContain(c => c.Code == "over-drinking");
    }

    [Fact]
    public void A_weighing_outranks_what_was_reckoned()
    {
        // Weighed 58.5 at hour 5, then 5 h of rest: 1.5 + 0.45 L.
        var answer = BodyWatch.Compute(At(10) with { WeighedKg = 58.5, WeighedAt = From.AddHours(5) });
        answer.DeficitL.ShouldBe(1.95, 1e-9);
        answer.State.ShouldBe(WaterState.RunningShort); // 3.25 %
    }

    [Fact]
    public void In_the_cold_the_clock_says_when() =>
        BodyWatch.Compute(At(10) with { Effort = Effort.Default with { TemperatureC = 2 } }).Cautions.ShouldContain(c => c.Code == "cold-thirst");

    [Fact]
    public void Dark_urine_outranks_the_reckoning() => BodyWatch.Compute(At(1) with { UrineColour = 7, UrineAt = From }).State.ShouldBe(WaterState.RunningShort);

    [Fact]
    public void Nobody_is_told_to_drink_more_than_was_lost() => Gen.Select(Gen.Double[0, 40], Gen.Double[0, 4], Gen.Double[-20, 40], Gen.Double[0, 12]).Sample((hours, litres, temperature, walked) =>
    {
        var answer = BodyWatch.Compute(At(hours, (hours / 2, litres)) with
        {
            Effort = Effort.Default with { TemperatureC = temperature }, Walks = [new WalkedStretch(From, From.AddHours(walked))],
        });
        answer.NextDrinkL.ShouldBeLessThanOrEqualTo(Math.Max(0, answer.DeficitL) + 1e-9);
        answer.NextDrinkL.ShouldBeLessThanOrEqualTo(0.5);
    });
}
