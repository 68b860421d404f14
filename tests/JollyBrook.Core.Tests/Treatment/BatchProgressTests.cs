using CsCheck;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Treatment;

public class BatchProgressTests
{
    private static readonly DateTimeOffset Start = new(2026, 8, 21, 14, 0, 0, TimeSpan.Zero);
    private static readonly TreatResponse Tablet = Ask.Chemical("nadcc-8.5", Ask.Water(1)); // waits 45 min
    private static readonly TreatResponse Boiling = Ask.Boil(Ask.Water(1));
    private static readonly string[] UntilContact = ["strain", "measure", "dose", "dissolve", "threads"];

    private static BatchTap Done(string step, double minute) => new(BatchEventKind.Done, step, Start.AddMinutes(minute));

    private static BatchProgressResponse At(double minute, IEnumerable<BatchTap> taps, TreatResponse? answer = null) =>
        BatchProgress.Compute(
            new BatchProgressRequest((answer ?? Tablet).Steps, (answer ?? Tablet).ShortOf, [.. taps], Start, Start.AddMinutes(minute))
        );

    private static IEnumerable<BatchTap> ContactFrom(double minute) =>
        UntilContact.Select((step, i) => Done(step, minute - (UntilContact.Length - 1 - i)));

    [Fact]
    public void Starts_with_the_first_step_and_everything_else_locked()
    {
        var now = At(0, []);
        now.State.ShouldBe(BatchState.InHand);
        now.CurrentStepId.ShouldBe("strain");
        now.Steps.Skip(1).ShouldAllBe(s => s.State == StepState.Locked && s.Why != null);
    }

    [Fact]
    public void The_contact_clock_runs_from_the_stored_instant_of_the_step_before()
    {
        var now = At(20.5, ContactFrom(10));
        now.State.ShouldBe(BatchState.Waiting);
        now.Clock!.StartedAt.ShouldBe(Start.AddMinutes(10));
        now.Clock.EndsAt.ShouldBe(Start.AddMinutes(60));
        now.Clock.RemainingSeconds.ShouldBe(39.5 * 60);
        now.SafeAt.ShouldBe(Start.AddMinutes(60));
    }

    [Fact]
    public void Flavour_stays_locked_to_the_last_second_and_taps_on_it_count_for_nothing()
    {
        var early = At(59.99, [.. ContactFrom(10), Done("flavour", 30), Done("drink", 31)]);
        early.State.ShouldBe(BatchState.Waiting);
        early.Steps.Single(s => s.Step.Id == "flavour").State.ShouldBe(StepState.Locked);

        var past = At(60, [.. ContactFrom(10), Done("flavour", 30)]);
        past.State.ShouldBe(BatchState.Drinkable);
        past.CurrentStepId.ShouldBe("flavour");
        past.Words.ShouldBe("Drinkable, but short of the target on Cryptosporidium");
    }

    [Fact]
    public void An_optional_step_may_be_passed_over()
    {
        var now = At(65, [.. ContactFrom(10), Done("drink", 62)]);
        now.State.ShouldBe(BatchState.Finished);
        now.FinishedAt.ShouldBe(Start.AddMinutes(62));
    }

    [Fact]
    public void A_step_can_not_be_done_before_its_turn()
    {
        var now = At(5, [Done("threads", 1), Done("strain", 2), Done("strain", 3)]);
        now.CurrentStepId.ShouldBe("measure");
    }

    [Fact]
    public void Taking_a_step_back_restarts_what_follows()
    {
        var now = At(60, [.. ContactFrom(10), new BatchTap(BatchEventKind.Undone, "threads", Start.AddMinutes(30)), Done("threads", 32)]);
        now.State.ShouldBe(BatchState.Waiting);
        now.Clock!.EndsAt.ShouldBe(Start.AddMinutes(82));
    }

    [Fact]
    public void Topping_up_begins_the_contact_anew_for_all_of_it()
    {
        // Closed at minute 10, topped up at 40: the dose is open again, and the old contact counts for nothing.
        var toppedUp = new BatchTap(BatchEventKind.ToppedUp, null, Start.AddMinutes(40), "Add 1 tablet for the 0.5 L.");
        var open = At(70, [.. ContactFrom(10), toppedUp]);
        open.State.ShouldBe(BatchState.InHand);
        open.CurrentStepId.ShouldBe("dose");
        open.Cautions.Single(c => c.Code == "topped-up").Message.ShouldContain("1 tablet");
        var again = At(95, [.. ContactFrom(10), toppedUp, Done("dose", 41), Done("dissolve", 45), Done("threads", 46)]);
        again.State.ShouldBe(BatchState.Waiting);
        again.SafeAt.ShouldBe(Start.AddMinutes(96));
        At(96, [.. ContactFrom(10), toppedUp, Done("dose", 41), Done("dissolve", 45), Done("threads", 46)])
            .State.ShouldBe(BatchState.Drinkable);
        // Before anything was dosed there is nothing to begin anew.
        At(5, [new BatchTap(BatchEventKind.ToppedUp, null, Start.AddMinutes(1))]).CurrentStepId.ShouldBe("strain");
    }

    [Fact]
    public void What_was_added_since_it_was_begun_adds_up_and_is_unknown_where_nobody_told()
    {
        BatchTap Up(double minute, double? litres) => new(BatchEventKind.ToppedUp, null, Start.AddMinutes(minute), "", litres);
        At(30, ContactFrom(10)).AddedL.ShouldBe(0);
        At(60, [.. ContactFrom(10), Up(40, 0.5), Up(50, 0.25)]).AddedL.ShouldBe(0.75);
        At(60, [.. ContactFrom(10), Up(40, 0.5), Up(50, null)]).AddedL.ShouldBeNull();
        At(60, [.. ContactFrom(10), Up(40, null), Up(50, 0.5)]).AddedL.ShouldBeNull();

        double? Litres(double? begun, double? added) =>
            BatchProgress.Compute(new(Tablet.Steps, [], [Up(5, added)], Start, Start.AddMinutes(6), VolumeL: begun)).VolumeL;
        Litres(1, 0.5).ShouldBe(1.5);
        Litres(null, 0.5).ShouldBeNull();
        Litres(1, null).ShouldBeNull();
    }

    [Fact]
    public void Bleach_is_drinkable_after_the_nose_and_not_before()
    {
        var bleach = Ask.Chemical("bleach", Ask.Water(1), Ask.InDateInShade with { BleachStrengthPercent = 6, BleachAgeMonths = 1 });
        List<BatchTap> taps = [.. bleach.Steps.TakeWhile(s => s.Id != "contact").Select((s, i) => Done(s.Id, i))];
        var waited = At(120, taps, bleach);
        waited.State.ShouldBe(BatchState.InHand);
        waited.CurrentStepId.ShouldBe("smell");
        At(120, [.. taps, Done("smell", 119)], bleach).State.ShouldBe(BatchState.Drinkable);
    }

    [Fact]
    public void Bleach_that_cannot_be_smelt_is_dosed_once_more_and_then_given_up()
    {
        var bleach = Ask.Chemical("bleach", Ask.Water(1), Ask.InDateInShade with { BleachStrengthPercent = 6, BleachAgeMonths = 1 });
        List<BatchTap> taps = [.. bleach.Steps.TakeWhile(s => s.Id != "contact").Select((s, i) => Done(s.Id, i))];
        BatchTap Failed(int minute) => new(BatchEventKind.Failed, "smell", Start.AddMinutes(minute));
        BatchTap Back(int minute) => new(BatchEventKind.Undone, "smell", Start.AddMinutes(minute));
        // Not before its turn.
        At(120, [.. taps, Failed(8)], bleach).CurrentStepId.ShouldBe("smell");
        List<BatchTap> once = [.. taps, Failed(119)];
        var again = At(120, once, bleach);
        (again.State, again.CurrentStepId).ShouldBe((BatchState.InHand, "dose-again"));
        again.Steps.Single(s => s.Step.Id == "dose-again").Step.Title.ShouldBe($"Again: add {bleach.Dose!.Words}");
        // A quarter of an hour from the second dose on; then the nose is asked again.
        once.Add(Done("dose-again", 121));
        At(135, once, bleach).State.ShouldBe(BatchState.Waiting);
        At(136, once, bleach).CurrentStepId.ShouldBe("smell");
        At(137, [.. once, Done("smell", 137)], bleach).State.ShouldBe(BatchState.Drinkable);
        // Twice: not to be drunk, whatever is tapped.
        List<BatchTap> twice = [.. once, Failed(138)];
        var given = At(140, [.. twice, Done("smell", 139), Done("drink", 139)], bleach);
        given.State.ShouldBe(BatchState.InHand);
        given.Cautions.ShouldContain(c => c.Code == "given-up" && c.Severity == Core.Contract.Severity.Danger);
        // Tapped by mistake: back to one failure, and to none.
        At(140, [.. twice, Back(139), Done("smell", 140)], bleach).State.ShouldBe(BatchState.Drinkable);
        var none = At(140, [.. taps, Failed(119), Back(120)], bleach);
        (none.CurrentStepId, none.Steps.Count).ShouldBe(("smell", bleach.Steps.Count));
        // Topped up, it begins again from the dose.
        var topped = At(140, [.. once, new(BatchEventKind.ToppedUp, null, Start.AddMinutes(138), "", 0.5)], bleach);
        (topped.CurrentStepId, topped.Steps.Count).ShouldBe(("dose", bleach.Steps.Count));
    }

    [Fact]
    public void A_batch_thrown_away_stays_away()
    {
        var now = At(90, [.. ContactFrom(10), new BatchTap(BatchEventKind.Discarded, null, Start.AddMinutes(20)), Done("drink", 80)]);
        now.State.ShouldBe(BatchState.Discarded);
        now.CurrentStepId.ShouldBeNull();
    }

    [Fact]
    public void A_batch_thrown_away_by_mistake_comes_back_with_its_clock_still_running()
    {
        var now = At(
            40,
            [
                .. ContactFrom(10),
                new BatchTap(BatchEventKind.Discarded, null, Start.AddMinutes(20)),
                new BatchTap(BatchEventKind.Undone, null, Start.AddMinutes(21)),
            ]
        );
        now.State.ShouldBe(BatchState.Waiting);
        now.Clock!.EndsAt.ShouldBe(Start.AddMinutes(60));
    }

    [Fact]
    public void A_device_clock_set_back_makes_the_wait_longer_and_is_said()
    {
        var now = At(2, ContactFrom(10));
        now.State.ShouldBe(BatchState.Waiting);
        now.Clock!.RemainingSeconds.ShouldBe(58 * 60);
        now.Cautions.ShouldContain(c => c.Code == "clock-went-back");
    }

    [Fact]
    public void Boiling_is_safe_when_the_hold_is_over_and_says_that_it_is_hot()
    {
        var hold = Boiling.Boil!.HoldMinutes;
        BatchTap[] taps = [Done("strain", 1), Done("heat-1", 8)];
        At(8 + hold - 0.01, taps, Boiling).State.ShouldBe(BatchState.Waiting);
        At(8 + hold, taps, Boiling).State.ShouldBe(BatchState.Drinkable);
        At(20, [.. taps, Done("pour-1", 12)], Boiling).Words.ShouldBe("Safe to drink: hot");
    }

    [Fact]
    public void Missing_parts_are_named() =>
        Should
            .Throw<BadInputException>(() => BatchProgress.Compute(new BatchProgressRequest(null, null, null, null, null)))
            .Errors.Select(e => e.Field)
            .ShouldBe(["steps", "startedAt", "now"]);

    [Fact]
    public void Whatever_is_tapped_nothing_is_drinkable_before_the_wait_has_run()
    {
        var steps = Gen.OneOf(Tablet.Steps.Select(s => s.Id).ToArray());
        var tap = Gen.Select(Gen.OneOf(BatchEventKind.Done, BatchEventKind.Undone), steps, Gen.Double[0, 200]);
        Gen.Select(tap.Array[0, 20], Gen.Double[0, 200])
            .Sample(
                (taps, minute) =>
                {
                    var now = At(minute, taps.Select(t => new BatchTap(t.Item1, t.Item2, Start.AddMinutes(t.Item3))));
                    var threads = now.Steps.Single(s => s.Step.Id == "threads").DoneAt;
                    if (now.State is BatchState.Drinkable or BatchState.Finished)
                    {
                        // Taps may lie after "now": what they prove still holds at the latest of them.
                        var latest = taps.Select(t => Start.AddMinutes(t.Item3)).Append(Start.AddMinutes(minute)).Max();
                        (latest - threads!.Value).TotalMinutes.ShouldBeGreaterThanOrEqualTo(45 - 1e-6);
                    }
                }
            );
    }

    [Fact]
    public void Water_without_a_residual_is_to_be_drunk_within_its_hours()
    {
        var lamp = Treat.Compute(
            new TreatRequest(Core.Units.UnitSystem.Metric, Ask.Water(1), "lamp", StartAt: Start, Sky: new(15), Kit: [Kits.Entry(Kits.Lamp)])
        );
        BatchTap[] taps = [Done("strain", 1), Done("fill-1", 2), Done("wipe", 5)];
        BatchProgressResponse After(double minutes, params BatchTap[] made) =>
            BatchProgress.Compute(new BatchProgressRequest(lamp.Steps, [], made, Start, Start.AddMinutes(minutes), lamp.DrinkWithinHours));

        After(4, taps[..2]).DrinkBy.ShouldBeNull(); // lit for 1.5 minutes, not wiped yet
        var kept = After(60, taps);
        kept.State.ShouldBe(BatchState.Drinkable);
        kept.DrinkBy.ShouldBe(Start.AddMinutes(5).AddHours(24));
        kept.Cautions.ShouldBeEmpty();
        After(5 + (24 * 60) + 1, taps).Cautions.ShouldContain(c => c.Code == "kept-too-long");
    }
}
