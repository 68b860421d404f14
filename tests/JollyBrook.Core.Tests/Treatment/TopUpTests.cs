using CsCheck;
using JollyBrook.Core.Barriers;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Treatment;

public sealed class TopUpTests
{
    private static readonly DateTimeOffset Start = new(2026, 7, 1, 8, 0, 0, TimeSpan.Zero);

    private static TreatRequest Batch(string profile, double litres, ContainerInput? container = null) =>
        new(UnitSystem.Metric, Ask.Water(litres, temperatureC: 20), profile, Chemical: Ask.InDateInShade, Container: container);

    private static TopUpRequest Up(TreatRequest batch, double added, double? held, params BatchTap[] taps) =>
        new(batch, batch.Method, added, held, Treat.Compute(batch).Steps, taps, Start);

    /// <summary>Every step up to and with the dose done, one a minute.</summary>
    private static BatchTap[] UpToTheDose(TreatRequest batch) =>
        [
            .. Treat
                .Compute(batch)
                .Steps.TakeWhile(s => s.Kind != StepKind.Dissolve)
                .Where(s => s.Done is not null)
                .Select((s, i) => new BatchTap(BatchEventKind.Done, s.Id, Start.AddMinutes(10 * (i + 1)))),
        ];

    [Fact]
    public void What_was_added_is_dosed_and_all_of_it_waits_anew()
    {
        // A litre of chlorine dioxide at 10 °C waits 240 min; half a litre more takes a tablet of its own.
        var batch = new TreatRequest(UnitSystem.Metric, Ask.Water(1), "clo2-tablet", Chemical: Ask.InDateInShade);
        var answer = TopUp.Compute(new TopUpRequest(batch, "clo2-tablet", 0.5));
        (answer.Outcome, answer.Dose).ShouldBe((TopUpOutcome.Dosed, new TopUpDose(1, "1 tablet", null, 240)));
        answer.Words.ShouldBe("Add 1 tablet for the 0.5 L; all of it then waits 4 h from the beginning.");
        answer.Caution.ShouldNotBeNull();
        TopUp.Compute(new TopUpRequest(batch with { Method = "boil" }, "boil", 0.5, 0.5)).Outcome.ShouldBe(TopUpOutcome.BeginsAgain);
        Should.Throw<BadInputException>(() => TopUp.Compute(new TopUpRequest(null, null, 0, -1))).Errors.Count.ShouldBe(3);
    }

    [Fact]
    public void The_ceiling_is_for_all_of_it_together()
    {
        // 5 mg a tablet, ceiling 10 mg/L. 0.3 L onto 1 L at 5 mg/L: (5 + 5)/1.3 = 7.7 mg/L, where alone it would be 16.7.
        var batch = Batch("nadcc-8.5", 1);
        var onto = TopUp.Compute(Up(batch, 0.3, 1, UpToTheDose(batch)));
        (onto.Outcome, onto.Dose!.Units).ShouldBe((TopUpOutcome.Dosed, 1));
        // Onto 0.1 L: (0.5 + 5)/0.4 = 13.8 mg/L. What is in it not known: 16.7.
        TopUp.Compute(Up(batch, 0.3, 0.1, UpToTheDose(batch))).Outcome.ShouldBe(TopUpOutcome.Refused);
        TopUp.Compute(Up(batch, 0.3, null, UpToTheDose(batch))).Outcome.ShouldBe(TopUpOutcome.Refused);
    }

    [Fact]
    public void Water_that_has_no_dose_yet_is_dosed_with_what_is_added()
    {
        // Two litres begun, nothing dosed, one more: three tablets of a litre each.
        var batch = Batch("nadcc-8.5", 2);
        var all = TopUp.Compute(Up(batch, 1, 2));
        (all.Dose!.Units, all.Caution).ShouldBe((3, null));
        all.Words.ShouldStartWith("Add 3 tablets for all that has no dose yet, 3 L;");
        // Dosed, a litre added, not dosed yet, and a litre more: two.
        BatchTap[] taps = [.. UpToTheDose(batch), new(BatchEventKind.ToppedUp, null, Start.AddHours(2), "", 1)];
        TopUp.Compute(Up(batch, 1, 3, taps)).Dose!.Units.ShouldBe(2);
    }

    [Fact]
    public void The_steps_then_say_the_dose_for_what_was_added_and_the_wait_for_all_of_it()
    {
        var batch = Batch("nadcc-8.5", 2);
        var answer = Treat.Compute(batch);
        answer.Steps.Single(s => s.Kind == StepKind.Dose).Title.ShouldBe("Add 2 tablets");
        var dose = new TopUpDose(1, "1 tablet", null, 45);
        BatchTap[] taps = [.. UpToTheDose(batch), new(BatchEventKind.ToppedUp, null, Start.AddHours(2), "Add 1 tablet.", 1, dose)];
        var now = BatchProgress.Compute(new(answer.Steps, answer.ShortOf, taps, Start, Start.AddHours(2)));
        now.Steps.Single(s => s.Step.Id == "dose").Step.Title.ShouldBe("Add 1 tablet");
        now.Steps.Single(s => s.Step.Id == "contact").Step.Title.ShouldBe("Wait 45 min");
        BatchTap[] after =
        [
            .. taps,
            .. answer
                .Steps.SkipWhile(s => s.Kind != StepKind.Dose)
                .TakeWhile(s => s.Kind != StepKind.Contact)
                .Select((s, i) => new BatchTap(BatchEventKind.Done, s.Id, Start.AddHours(2).AddMinutes(i + 1))),
        ];
        DateTimeOffset Since(int minutes) => after[^1].At!.Value.AddMinutes(minutes);
        BatchState At(int minutes) => BatchProgress.Compute(new(answer.Steps, answer.ShortOf, after, Start, Since(minutes))).State;
        (At(44), At(45)).ShouldBe((BatchState.Waiting, BatchState.Drinkable));
    }

    [Fact]
    public void Drops_of_two_parts_are_mixed_for_what_was_added()
    {
        var batch = Batch("clo2-drops", 2);
        var dose = TopUp.Compute(Up(batch, 1, 1, UpToTheDose(batch))).Dose!;
        dose.Words.ShouldBe("7 + 7 drops");
        BatchTap[] taps = [.. UpToTheDose(batch), new(BatchEventKind.ToppedUp, null, Start.AddHours(2), "", 1, dose)];
        var answer = Treat.Compute(batch);
        var now = BatchProgress.Compute(new(answer.Steps, answer.ShortOf, taps, Start, Start.AddHours(2)));
        now.Steps.Single(s => s.Step.Id == "mix").Step.Title.ShouldBe("Mix 7 + 7 drops");
        now.Steps.Single(s => s.Step.Id == "dose").Step.Title.ShouldBe("Pour the mix in");
    }

    [Fact]
    public void More_than_a_batch_without_a_residual_was_begun_for_is_a_new_batch()
    {
        var batch = Batch("boil", 1);
        TopUp.Compute(Up(batch, 0.5, 0.5)).Outcome.ShouldBe(TopUpOutcome.BeginsAgain);
        TopUp.Compute(Up(batch, 0.5, 1)).Words.ShouldEndWith("begin a new one for 1.5 L.");
    }

    [Fact]
    public void More_than_the_container_holds_is_refused() =>
        TopUp
            .Compute(Up(Batch("nadcc-8.5", 1, new ContainerInput(CapacityL: 1)), 1.5, 0.5, UpToTheDose(Batch("nadcc-8.5", 1))))
            .Words.ShouldStartWith("1.5 L do not fit into it at once.");

    /// <summary>A litre in a litre bottle, and 0.3 L more: 0.3 L of what was in it is gone, told or not.</summary>
    [Fact]
    public void Where_there_was_no_room_the_rest_is_gone_and_thins_no_dose()
    {
        // 5 mg a tablet, ceiling 10 mg/L. 0.7 L left of a litre: (3.5 + 5)/1 = 8.5 mg/L. 0.45 L left of 0.75 L at 6.7 mg/L:
        // (3 + 5)/0.75 = 10.7 mg/L, where all of it counted on would have made it (5 + 5)/1.05 = 9.5.
        TopUpOutcome Into(double capacity) =>
            TopUp
                .Compute(
                    Up(
                        Batch("nadcc-8.5", capacity, new ContainerInput(CapacityL: capacity)),
                        0.3,
                        capacity,
                        UpToTheDose(Batch("nadcc-8.5", capacity))
                    )
                )
                .Outcome;
        Into(1).ShouldBe(TopUpOutcome.Dosed);
        Into(0.75).ShouldBe(TopUpOutcome.Refused);

        // Nothing dosed yet: all that is in it then is a litre, and all of it raw.
        var full = Batch("nadcc-8.5", 1, new ContainerInput(CapacityL: 1));
        TopUp.Compute(Up(full, 0.3, 1)).Words.ShouldStartWith("Add 1 tablet for all that has no dose yet, 1 L;");
        // Boiled, it is no more than it was begun for; more than the bottle holds still is.
        var boiled = Batch("boil", 1, new ContainerInput(CapacityL: 1));
        TopUp.Compute(Up(boiled, 0.3, 1)).Outcome.ShouldBe(TopUpOutcome.BeginsAgain);
        TopUp.Compute(Up(boiled, 1.5, 1)).Words.ShouldEndWith("begin a new one for 1.5 L.");
    }

    /// <summary>Never less than the label for what is added, never more than twice the clear dose in all of it, never a shorter wait.</summary>
    [Fact]
    public void Topping_up_keeps_to_label_ceiling_and_wait() =>
        Gen.Select(
                Gen.OneOf([
                    .. new[] { "nadcc-8.5", "nadcc-17", "clo2-tablet", "clo2-drops", "iodine-tablet", "iodine-tincture" }.Select(Gen.Const),
                ]),
                Gen.Double[0.25, 5],
                Gen.Double[0.05, 5],
                Gen.Double[0, 5],
                Gen.Enum<Clarity>(),
                Gen.Double[0, 30]
            )
            .Sample(
                (profile, litres, added, held, clarity, warm) =>
                {
                    var batch = new TreatRequest(UnitSystem.Metric, Ask.Water(litres, clarity, warm), profile, Chemical: Ask.InDateInShade);
                    var whole = Treat.Compute(batch);
                    if (whole.Dose is not { } first)
                    {
                        return;
                    }

                    var answer = TopUp.Compute(Up(batch, added, held, UpToTheDose(batch)));
                    answer.Words.Length.ShouldBeLessThanOrEqualTo(300);
                    if (answer is not { Outcome: TopUpOutcome.Dosed, Dose: { } dose })
                    {
                        answer.Dose.ShouldBeNull();
                        return;
                    }

                    var label = ChemicalProfiles.All.Single(p => p.Id == profile);
                    var mg = dose.Units * first.MgPerL * first.FillL / first.Units;
                    mg.ShouldBeGreaterThanOrEqualTo(label.LabelMgPerL * added / 1.0601);
                    ((mg + (held * first.MgPerL)) / (added + held)).ShouldBeLessThanOrEqualTo((2 * label.LabelMgPerL) + 0.1);
                    dose.WaitMinutes.ShouldBeGreaterThanOrEqualTo(whole.Contact!.WaitMinutes);
                },
                iter: 3000
            );
}
