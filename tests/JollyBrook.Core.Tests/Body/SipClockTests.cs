using CsCheck;
using JollyBrook.Core.Body;
using JollyBrook.Core.Body.Sips;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;
using Shouldly;
using Xunit;

namespace JollyBrook.Core.Tests.Body;

public class SipClockTests
{
    private static readonly DateTimeOffset Morning = new(2026, 8, 21, 7, 0, 0, TimeSpan.Zero);
    private static readonly Guid Bladder = Guid.Parse("019c0000-0000-7000-8000-000000000001");
    private static readonly Guid Ilva = Guid.Parse("019c0000-0000-7000-8000-000000000002");
    private static readonly Guid Bram = Guid.Parse("019c0000-0000-7000-8000-000000000003");

    private static readonly Effort Hot = Effort.Default with { TemperatureC = 30 };

    private static PartyMember Walking(Guid id, double massKg, double hours, params Drunk[] drinks) =>
        new(
            id,
            "Walker",
            new WatchRequest(
                null,
                new Walker("Walker", massKg, 172),
                Effort: Hot,
                From: Morning,
                Walks: [new WalkedStretch(Morning)],
                Drinks: drinks,
                Now: Morning.AddHours(hours)
            )
        );

    private static PartyMember Resting(Guid id, double hours, params Drunk[] drinks) =>
        new(
            id,
            "Walker",
            new WatchRequest(
                null,
                new Walker("Walker", 70, 172),
                From: Morning,
                Rested: true,
                Drinks: drinks,
                Now: Morning.AddHours(hours),
                UrineAt: Morning.AddHours(hours)
            )
        );

    private static SipReminder Ask(double hours, double litres, double sinceHours, Guid? drinker, params PartyMember[] members) =>
        SipClock
            .Compute(
                new SipsRequest(
                    UnitSystem.Metric,
                    Morning.AddHours(hours),
                    [new HiddenWater(Bladder, "Bladder", litres, Morning.AddHours(sinceHours), drinker)],
                    members
                )
            )
            .Reminders.Single();

    private static double LostL(PartyMember member) => BodyWatch.Compute(member.Day!).LostL;

    /// <summary>
    /// What was drunk at the very moment the level was read is in that reading: it counts as drunk elsewhere only from then on.
    /// </summary>
    [Fact]
    public void A_drink_at_the_moment_of_the_reading_is_in_it()
    {
        double Due(params Drunk[] drinks) => Ask(2, 3, 0.5, Ilva, Walking(Ilva, 60, 2, drinks)).DueL;
        Due(new Drunk(Morning.AddHours(0.5), 0.4)).ShouldBe(Due());
        Due(new Drunk(Morning.AddHours(0.5).AddMinutes(1), 0.4)).ShouldBe(Due() - 0.4, 0.05 + 1e-9);
        // And up to now, now included.
        Due(new Drunk(Morning.AddHours(2), 0.4)).ShouldBe(Due() - 0.4, 0.05 + 1e-9);
    }

    /// <summary>What was lost since is what the body's own watch says: the two never differ.</summary>
    [Fact]
    public void What_should_be_gone_is_what_was_lost()
    {
        var ilva = Walking(Ilva, 60, 1.5);

        var reminder = Ask(1.5, 2, 0, Ilva, ilva);

        reminder.DueL.ShouldBe(Math.Floor(Math.Min(1.5, LostL(ilva)) * 20) / 20, 1e-9);
        reminder.IsDue.ShouldBeTrue();
        reminder.NextAt.ShouldBe(Morning.AddHours(1.5));
        reminder.Headline.ShouldStartWith("Bladder: ");
    }

    /// <summary>
    /// At rest a body of 70 kg loses little in a few minutes: nothing is due, and the next is when a quarter of a litre is lost.
    /// </summary>
    [Fact]
    public void A_reminder_comes_with_every_quarter_of_a_litre()
    {
        var member = Resting(Ilva, 1);
        var lostInOneHour = LostL(member);
        lostInOneHour.ShouldBeLessThan(SipClock.ReminderL);

        var reminder = Ask(1, 2, 0, Ilva, member);

        reminder.IsDue.ShouldBeFalse();
        // Resting, an hour is like the next.
        (reminder.NextAt - Morning).TotalHours.ShouldBe(SipClock.ReminderL / lostInOneHour, 0.01);
        (reminder.EmptyAt!.Value - Morning).TotalHours.ShouldBe(2 / lostInOneHour, 0.01);
    }

    [Fact]
    public void A_drink_from_it_begins_anew_and_one_from_elsewhere_counts()
    {
        var walked = Walking(Ilva, 60, 2, new Drunk(Morning.AddHours(1.9), 0.25));

        Ask(2, 2, 1.9, Ilva, walked).IsDue.ShouldBeFalse();
        var elsewhere = Ask(2, 2, 0, Ilva, walked);
        var nothing = Ask(2, 2, 0, Ilva, Walking(Ilva, 60, 2));
        (nothing.DueL - elsewhere.DueL).ShouldBeInRange(0.2 - 1e-9, 0.3 + 1e-9);
    }

    [Fact]
    public void Whose_it_is_not_known_counts_as_the_thirstiest()
    {
        PartyMember[] both = [Walking(Ilva, 50, 1), Walking(Bram, 95, 1)];

        Ask(1, 2, 0, null, both).DueL.ShouldBe(Ask(1, 2, 0, Bram, both).DueL);
        Ask(1, 2, 0, null, both[0] with { Id = null }, both[1]).DueL.ShouldBe(Ask(1, 2, 0, Bram, both).DueL);
        Ask(1, 2, 0, Ilva, both).DueL.ShouldBeLessThanOrEqualTo(Ask(1, 2, 0, Bram, both).DueL);
    }

    /// <summary>A weak log is no reason to drink beyond what was lost (handbook room 95: over-drunk is as dangerous as short).</summary>
    [Fact]
    public void Who_drank_too_much_is_told_to_drink_none()
    {
        var over = Resting(Ilva, 1, new Drunk(Morning.AddHours(0.1), 3));

        var reminder = Ask(1, 2, 0, Ilva, over);

        reminder.IsDue.ShouldBeFalse();
        reminder.DueL.ShouldBe(0);
        reminder.Headline.ShouldContain("none of it now");
    }

    [Fact]
    public void The_last_of_it_says_so() => Ask(3, 0.2, 0, Ilva, Walking(Ilva, 80, 3)).Headline.ShouldBe("Bladder: should be empty by now");

    [Fact]
    public void Without_anybody_known_nothing_is_said()
    {
        SipClock.Compute(new SipsRequest(null, Morning, [new HiddenWater(Bladder, "Bladder", 1, Morning)], [])).Reminders.ShouldBeEmpty();
        SipClock
            .Compute(
                new SipsRequest(
                    null,
                    Morning,
                    [new HiddenWater(Bladder, "Bladder", 1, Morning)],
                    [new PartyMember(Ilva, "Ilva", new WatchRequest(null, null))]
                )
            )
            .Reminders.ShouldBeEmpty();
        Should
            .Throw<BadInputException>(() => SipClock.Compute(new SipsRequest(null, null, [new HiddenWater(Bladder, "Bladder", -1, null)])))
            .Errors.Select(e => e.Field)
            .ShouldBe(["now", "hidden.litres", "hidden.since"]);
    }

    /// <summary>
    /// Never more than is in it, nor than may be drunk in the hours gone by; later is never less; more drunk elsewhere is never more.
    /// </summary>
    [Fact]
    public void It_never_asks_for_more_than_there_is_or_than_is_safe() =>
        Gen.Select(Gen.Double[0.06, 12], Gen.Double[0, 200], Gen.Double[0, 12], Gen.Double[25, 200], Gen.Double[0, 4])
            .Sample(
                (hours, litres, since, massKg, drunkL) =>
                {
                    var member = Walking(Ilva, massKg, hours);
                    var drinks = new Drunk(Morning.AddHours(hours), drunkL);
                    var from = Math.Min(since, hours);
                    if (litres <= 0)
                    {
                        return;
                    }

                    var asked = Ask(hours, litres, from, Ilva, member);
                    asked.DueL.ShouldBeLessThanOrEqualTo(litres + 1e-9);
                    asked.DueL.ShouldBeLessThanOrEqualTo(Math.Max(0, hours - from) * SignCheck.MostDrunkLPerH + 1e-9);
                    asked.IsDue.ShouldBe(asked.NextAt <= Morning.AddHours(hours));
                    Ask(hours, litres, from, Ilva, Walking(Ilva, massKg, hours, drinks)).DueL.ShouldBeLessThanOrEqualTo(asked.DueL + 1e-9);
                    Ask(hours + 0.5, litres, from, Ilva, Walking(Ilva, massKg, hours + 0.5))
                        .DueL.ShouldBeGreaterThanOrEqualTo(asked.DueL - 1e-9);
                }
            );

    /// <summary>0.6 L in an hour is 0.15 L every quarter of one; 0.1 L in an hour is a mouthful every half.</summary>
    [Theory]
    [InlineData(0.6, 0.15, 15)]
    [InlineData(0.2, 0.05, 15)]
    [InlineData(0.1, 0.05, 30)]
    [InlineData(0.11, 0.05, 25)] // 27 min, sooner rather than later
    [InlineData(0.01, 0.05, 300)]
    public void A_sip_is_a_mouthful_or_more(double litresPerHour, double litres, double everyMinutes)
    {
        var sip = Sip.Of(litresPerHour);

        sip.Litres.ShouldBe(litres, 1e-9);
        sip.EveryMinutes.ShouldBe(everyMinutes, 1e-9);
    }
}
