using JollyBrook.Core.Body;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Tests.Body;

/// <summary>Signs, tests and schools in the day's watch.</summary>
public sealed class WatchEdgesTests
{
    private static readonly DateTimeOffset From = new(2026, 8, 10, 8, 0, 0, TimeSpan.Zero);
    private static readonly Walker Ilva = new("Ilva", 60, 168, true, Clothing.ShortsAndShirt, 10);

    private static readonly BodySign[] GraveSigns =
    [
        BodySign.Confused,
        BodySign.Faint,
        BodySign.Fits,
        BodySign.HotNotSweating,
        BodySign.Staggering,
    ];

    [Fact]
    public void Five_signs_are_grave_and_no_other()
    {
        BodySignList.All.Where(s => s.Grave).Select(s => s.Sign).ShouldBe(GraveSigns, ignoreOrder: true);
        BodySignList.All.Select(s => s.Sign).ShouldBe(Enum.GetValues<BodySign>(), ignoreOrder: true);
    }

    /// <summary>A look is due at the very minute the clock names, and not before.</summary>
    [Fact]
    public void A_look_is_due_from_the_minute_it_is_set_for()
    {
        WatchResponse At(DateTimeOffset now) => BodyWatch.Compute(new WatchRequest(UnitSystem.Metric, Ilva, From: From, Now: now));
        // Nothing written since eight: two hours later (room 95).
        var due = At(From.AddMinutes(30)).NextLook.At;
        due.ShouldBe(From.AddHours(2));
        At(due.AddSeconds(-1)).IsLookDue.ShouldBeFalse();
        At(due).IsLookDue.ShouldBeTrue();
        At(due.AddHours(1)).IsLookDue.ShouldBeTrue();
    }

    /// <summary>A walker's sweat tests count in the watch as they do in Body.</summary>
    [Fact]
    public void Tests_count_in_the_watch()
    {
        var effort = new Effort(26, 60, SunLoad.Full, 4.5, 0, Terrain.GoodPath, 300);
        var walk = new WatchRequest(
            UnitSystem.Metric,
            Ilva,
            Effort: effort,
            From: From,
            Walks: [new WalkedStretch(From, From.AddHours(3))],
            Now: From.AddHours(3),
            UrineAt: From.AddHours(3)
        );
        var test = new SweatTest(Guid.Empty, From, 2, 60.5, 58.5, 0.2, 0, null, effort, 168, true, Clothing.ShortsAndShirt, 10);
        BodyWatch
            .Compute(walk with { Tests = [new SweatTestEntry("a", test), new SweatTestEntry("b", test), new SweatTestEntry("c", test)] })
            .LostL.ShouldBeGreaterThan(BodyWatch.Compute(walk).LostL);
    }

    /// <summary>
    /// Gonzalez: 147 + 1.527·100 − 0.87·200 = 125.7; Shapiro 27.9·100·200^−0.455 = 250.5; below 1 W/m² of uptake it stays at 1: 2790.
    /// </summary>
    [Theory]
    [InlineData(100, 200, 125.7, 250.5)]
    [InlineData(100, 0.5, 299.3, 2790)]
    [InlineData(0, 200, -27, 0)]
    public void Both_equations(double required, double maximum, double gonzalez, double shapiro)
    {
        var heat = new HeatBalance(required, maximum, 10, 0);
        heat.EquationGPerM2H(SweatSchool.Gonzalez2009).ShouldBe(gonzalez, 0.1);
        heat.EquationGPerM2H(SweatSchool.Shapiro1982).ShouldBe(shapiro, 1);
    }

    /// <summary>70 kg with 20 kg at 1.5 m/s up 5 %: 105 + 2·90·(2/7)² = 14.69; 1.0·90·(3.375 + 2.625) = 540: 659.7 W.</summary>
    [Fact]
    public void Pandolf() => MetabolicRate.Pandolf(70, 20, 1.5, 5, 1.0).ShouldBe(659.7, 0.1);

    /// <summary>1000 g to the litre: 68 W/m² breathed out of 1.8 m² is 180 g/h.</summary>
    [Fact]
    public void Breathed_out() => Sweating.BreathedLPerH(new HeatBalance(0, 0, 68, 0), 1.8).ShouldBe(0.18, 1e-9);

    /// <summary>Running short says to slow down while walking, and only then.</summary>
    [Fact]
    public void Slow_down_is_said_to_who_walks()
    {
        // 1.5 % short of 60 kg in 10 h of rest; walking the last hour makes it more.
        var rest = new WatchRequest(UnitSystem.Metric, Ilva, From: From, Now: From.AddHours(14), Rested: true, UrineAt: From.AddHours(14));
        BodyWatch.Compute(rest).Cautions.ShouldNotContain(c => c.Code == "rest");
        var walk = new WatchRequest(
            UnitSystem.Metric,
            Ilva,
            Effort: new Effort(26, 60, SunLoad.Full, 4.5, 0, Terrain.GoodPath, 300),
            From: From,
            Walks: [new WalkedStretch(From, null)],
            Now: From.AddHours(4),
            UrineAt: From.AddHours(4)
        );
        var answer = BodyWatch.Compute(walk);
        answer.Cautions.Any(c => c.Code == "rest").ShouldBe(answer.State == WaterState.RunningShort);
        BodyWatch.Compute(walk with { Now = From.AddMinutes(10), UrineAt = From }).Cautions.ShouldNotContain(c => c.Code == "rest");
    }

    /// <summary>Nothing short, nothing due; short by a little without a sign, that little; with a sign, at least a sip.</summary>
    [Fact]
    public void What_is_due_now()
    {
        var rest = new WatchRequest(UnitSystem.Metric, Ilva, From: From, Now: From.AddHours(2), Rested: true, UrineAt: From.AddHours(2));
        // 0.09 L/h: 0.18 L lost in two hours.
        BodyWatch.Compute(rest with { Drinks = [new Drunk(From, 0.18)] }).NextDrinkL.ShouldBe(0);
        var tired = BodyWatch.Compute(rest with { Drinks = [new Drunk(From.AddHours(1), 0.18)], Signs = [BodySign.Thirst] });
        tired.NextDrinkL.ShouldBeGreaterThan(0);
        // A drink at the very beginning counts.
        BodyWatch.Compute(rest with { Drinks = [new Drunk(From, 0.1)] }).DrunkL.ShouldBe(0.1, 1e-9);
    }

    /// <summary>Walking: from the minute it began, until the minute it ended, those included; open-ended until now.</summary>
    [Theory]
    [InlineData(0, null, true)]
    [InlineData(0, 4.0, true)]
    [InlineData(0, 3.9, false)]
    [InlineData(4, null, true)]
    [InlineData(4.1, null, false)]
    public void Who_is_walking_now(double begun, double? ended, bool walking)
    {
        var effort = new Effort(34, 60, SunLoad.Full, 5, 5, Terrain.GoodPath, 300);
        var walk = new WatchRequest(
            UnitSystem.Metric,
            Ilva,
            Effort: effort,
            From: From,
            Now: From.AddHours(4),
            UrineAt: From.AddHours(4),
            Signs: [BodySign.Headache, BodySign.Tired],
            Walks: [new WalkedStretch(From.AddHours(begun), ended is { } e ? From.AddHours(e) : null)],
            WeighedKg: 58.7,
            WeighedAt: From.AddHours(4)
        );
        var answer = BodyWatch.Compute(walk);
        answer.State.ShouldBe(WaterState.RunningShort);
        answer.Cautions.Any(c => c.Code == "rest").ShouldBe(walking);
    }

    /// <summary>Too much drunk and confused: an emergency in which nothing is drunk; too little and confused, small sips.</summary>
    [Theory]
    [InlineData(-3, "No water", 0.0)]
    [InlineData(3, "small sips", 0.25)]
    [InlineData(0.2, "small sips", 0.25)]
    public void An_emergency_of_too_much_or_too_little(double percentShort, string words, double sip)
    {
        var advice = StateAdvice.Of(
            WaterState.Emergency,
            new SignsSeen([BodySign.Confused], percentShort, 0, null, 1, true),
            Speaker.Metric
        );
        advice.Actions.ShouldContain(a => a.Contains(words));
        advice.DrinkNowL.ShouldBe(sip);
    }

    [Fact]
    public void Meals_hot_drinks_and_washing() =>
        (DrinkPlan.LPerMeal, DrinkPlan.LPerHotDrink, DrinkPlan.LPerWash).ShouldBe((0.5, 0.3, 0.5));
}
