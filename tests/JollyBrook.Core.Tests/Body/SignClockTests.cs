using CsCheck;
using JollyBrook.Core.Body;

namespace JollyBrook.Core.Tests.Body;

/// <summary>When signs are looked for: handbook room 95, each case by the clock on the wall.</summary>
public class SignClockTests
{
    private static readonly DateTimeOffset Seven = new(2026, 9, 3, 7, 0, 0, TimeSpan.Zero);

    private static readonly SignTimes Quiet = new(Seven, null, null, null, WaterState.Fine, HasSigns: false, IsCold: false);

    private static readonly Gen<DateTimeOffset?> AnyTime = Gen.OneOf(
        Gen.Const((DateTimeOffset?)null),
        Gen.Int[0, 900].Select(m => (DateTimeOffset?)Seven.AddMinutes(m))
    );

    private static readonly Gen<SignTimes> Any = Gen.Select(
        AnyTime,
        AnyTime,
        AnyTime,
        Gen.Enum<WaterState>(),
        Gen.Bool,
        Gen.Bool,
        (looked, drunk, urine, state, signs, cold) => new SignTimes(Seven, looked, drunk, urine, state, signs, cold)
    );

    [Fact]
    public void Two_hours_with_nothing_written_ask() => SignClock.Next(Quiet).At.ShouldBe(Seven.AddHours(2));

    [Fact]
    public void A_drink_or_urine_puts_it_off()
    {
        SignClock.Next(Quiet with { DrunkAt = Seven.AddHours(1) }).At.ShouldBe(Seven.AddHours(3));
        SignClock.Next(Quiet with { DrunkAt = Seven.AddHours(1), UrineAt = Seven.AddHours(4) }).At.ShouldBe(Seven.AddHours(6));
    }

    /// <summary>In the cold thirst hides: an hour after the last drink or look, whatever the urine says.</summary>
    [Fact]
    public void The_cold_asks_by_the_clock()
    {
        var cold = SignClock.Next(Quiet with { IsCold = true, DrunkAt = Seven.AddHours(1), UrineAt = Seven.AddHours(4) });
        cold.At.ShouldBe(Seven.AddHours(2));
        cold.Why.ShouldContain("cold");
    }

    /// <summary>15 min in an emergency and overheated, 30 min when short or over-drunk, an hour after signs that mean nothing.</summary>
    [Theory]
    [InlineData(WaterState.Emergency, 15)]
    [InlineData(WaterState.Overheating, 15)]
    [InlineData(WaterState.TooMuch, 30)]
    [InlineData(WaterState.StopAndDrink, 30)]
    [InlineData(WaterState.RunningShort, 30)]
    [InlineData(WaterState.DrinkSoon, 30)]
    [InlineData(WaterState.Fine, 60)]
    public void What_was_found_is_looked_at_again(WaterState state, int minutes) =>
        SignClock
            .Next(Quiet with { State = state, HasSigns = true, LookedAt = Seven.AddHours(1) })
            .At.ShouldBe(Seven.AddHours(1).AddMinutes(minutes));

    [Fact]
    public void Short_by_the_reckoning_and_not_looked_at_is_due_from_the_beginning()
    {
        SignClock.Next(Quiet with { State = WaterState.RunningShort }).At.ShouldBe(Seven);
        SignClock.Next(Quiet with { State = WaterState.DrinkSoon }).At.ShouldBe(Seven.AddHours(2));
    }

    /// <summary>Reminders stop when they are answered: a look just made puts the next one at least a quarter of an hour off.</summary>
    [Fact]
    public void A_look_now_is_never_due_at_once() =>
        Any.Sample(times =>
            SignClock.Next(times with { LookedAt = Seven.AddMinutes(900) }).At.ShouldBeGreaterThanOrEqualTo(Seven.AddMinutes(915))
        );

    [Fact]
    public void Looking_later_never_asks_sooner() =>
        Gen.Select(Any, Gen.Int[0, 900], Gen.Int[0, 300])
            .Sample(
                (times, at, more) =>
                    SignClock
                        .Next(times with { LookedAt = Seven.AddMinutes(at + more) })
                        .At.ShouldBeGreaterThanOrEqualTo(SignClock.Next(times with { LookedAt = Seven.AddMinutes(at) }).At)
            );

    [Fact]
    public void Cold_signs_and_a_worse_state_never_ask_later() =>
        Any.Sample(times =>
        {
            var at = SignClock.Next(times).At;
            SignClock.Next(times with { IsCold = true }).At.ShouldBeLessThanOrEqualTo(at);
            SignClock.Next(times with { HasSigns = true }).At.ShouldBeLessThanOrEqualTo(at);
            SignClock.Next(times with { State = WaterState.Emergency }).At.ShouldBeLessThanOrEqualTo(at);
        });
}
