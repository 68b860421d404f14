using CsCheck;
using JollyBrook.Core.Barriers;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Schedule;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Schedule;

/// <summary>An evening in camp: what is wanted becomes batches.</summary>
public class DayScheduleTests
{
    private static readonly DateTimeOffset Evening = new(2026, 8, 10, 17, 0, 0, TimeSpan.FromHours(1));

    private static readonly KitEntry[] Kit =
    [
        new("bottle", new Container(1, Opaque: true) { Name = "Bottle" }),
        new("bag", new Container(10, Opaque: true) { Name = "Camp bag" }),
        new("pot", Kits.Pot),
        Kits.Burner(),
        Kits.Entry(Kits.Lamp),
        Kits.Entry(new ProductSpec("clo2-tablet", new DateOnly(2028, 1, 1)), "clo2", 30, name: "Chlorine dioxide tablets"),
    ];

    private static ScheduleRequest Request(params WantedWater[] wants) =>
        new(UnitSystem.Metric, Kit, Ask.Water(1), new SkyInput(12), wants, 1, Evening, 22, 6);

    private static WantedWater Want(string id, double litres, double hours) => new(id, id, litres, Evening.AddHours(hours));

    [Fact]
    public void What_has_the_whole_night_runs_by_itself_and_what_has_not_is_the_soonest()
    {
        var answer = DaySchedule.Compute(Request(Want("tonight", 1, 0.5), Want("morning", 10, 14)));
        answer.InTime.ShouldBeTrue();
        answer.Batches.Single(b => b.WantId == "tonight").Method.ShouldBe("lamp");
        var night = answer.Batches.Single(b => b.WantId == "morning");
        night.Method.ShouldBe("clo2"); // 9 min of hands for 10 L; the lamp would take 35
        night.Container.ShouldBe("Camp bag");
    }

    [Fact]
    public void Nobody_works_in_the_hours_of_rest()
    {
        var answer = DaySchedule.Compute(Request(Want("breakfast", 1, 13.5)) with { From = Evening.AddHours(5.5) });
        answer
            .Batches.SelectMany(b => b.Steps)
            .Where(s => s.Person is not null)
            .ShouldAllBe(s => s.StartAt.TimeOfDay >= TimeSpan.FromHours(6) && s.EndAt.TimeOfDay <= TimeSpan.FromHours(22));
    }

    [Fact]
    public void What_cannot_be_ready_says_the_earliest_it_can()
    {
        // A litre under the lamp: 2 min to strain it, 1 to set up, 1 to fill, 1.5 of light: 6 whole minutes at the soonest.
        var answer = DaySchedule.Compute(Request(new WantedWater("now", "now", 1, Evening.AddMinutes(2))));
        answer.InTime.ShouldBeFalse();
        answer.Late.Single().EarliestAt.ShouldBe(Evening.AddMinutes(6));
        answer.Late.Single().Words.ShouldBe("now: 1 L cannot be ready by 17:02; the earliest is 17:06, 4 min later.");
    }

    [Fact]
    public void More_than_one_container_makes_more_than_one_batch()
    {
        var batches = DaySchedule.Compute(Request(Want("all", 11, 12))).Batches;
        batches.Sum(b => b.VolumeL).ShouldBe(11, 1e-9);
        batches.Select(b => b.Container).Order().ShouldBe(["Bottle", "Camp bag"]);
    }

    [Fact]
    public void What_holds_water_is_not_filled_again()
    {
        var wanted = Request(Want("a", 1, 3));
        DaySchedule.Compute(wanted).Batches.Single().Container.ShouldBe("Bottle");
        DaySchedule.Compute(wanted with { InUse = ["bottle"] }).Batches.Single().Container.ShouldBe("Camp bag");
        // With nothing else left it waits for it to be empty.
        DaySchedule.Compute(wanted with { InUse = ["bottle", "bag"] }).Batches.Single().Container.ShouldBe("Bottle");
    }

    [Fact]
    public void A_batch_begun_stays_in_what_it_was_begun_in()
    {
        var batch = DaySchedule.Compute(Request(Want("a", 1, 3))).Batches.Single();
        var begun = new BegunBatch(batch.Key, Evening, batch.ReadyAt, Treat.Compute(batch.Treat).Steps, [], "bag", batch.Treat);
        var now = DaySchedule.Compute(
            Request(Want("a", 1, 3), Want("b", 1, 4)) with
            {
                Begun = [begun],
                InUse = ["bag"],
                Now = Evening.AddMinutes(1),
            }
        );
        now.Batches.Single(b => b.Key == "a#1").Container.ShouldBe("Camp bag");
        now.Batches.Single(b => b.Key == "b#1").Container.ShouldBe("Bottle");
    }

    [Fact]
    public void Beginning_what_is_next_leaves_the_rest_as_it_was() =>
        Gen.Select(Gen.Double[0.25, 6], Gen.Double[0.5, 14])
            .Array[1, 4]
            .Sample(
                wanted =>
                {
                    var asked = Request([.. wanted.Select((w, i) => Want($"w{i}", w.Item1, w.Item2))]);
                    List<BegunBatch> begun = [];
                    var planned = DaySchedule.Compute(asked).Batches;
                    foreach (var next in planned)
                    {
                        begun.Add(
                            new BegunBatch(
                                next.Key,
                                next.StartAt,
                                next.ReadyAt,
                                Treat.Compute(next.Treat).Steps,
                                [],
                                next.ContainerId,
                                next.Treat
                            )
                        );
                        var now = DaySchedule
                            .Compute(
                                asked with
                                {
                                    Begun = begun,
                                    Now = next.StartAt,
                                    InUse = [.. begun.Select(b => b.ContainerId).OfType<string>().Distinct()],
                                }
                            )
                            .Batches;
                        now.Select(b => (b.Key, b.VolumeL, b.ContainerId))
                            .Order()
                            .ShouldBe(planned.Select(b => (b.Key, b.VolumeL, b.ContainerId)).Order());
                        now.Count(b => b.Begun).ShouldBe(begun.Count);
                    }
                },
                iter: 60
            );

    /// <summary>Unknown is not ready.</summary>
    [Fact]
    public void A_batch_begun_without_its_steps_or_its_time_is_asked_for_them()
    {
        var batch = DaySchedule.Compute(Request(Want("a", 1, 3))).Batches.Single();
        var begun = new BegunBatch(batch.Key, Evening, batch.ReadyAt, Treat.Compute(batch.Treat).Steps, [], batch.ContainerId, batch.Treat);
        Wrong(begun with { Steps = null }).ShouldBe("begun.steps");
        Wrong(begun with { StartedAt = null }).ShouldBe("begun.startedAt");

        string Wrong(BegunBatch told) =>
            Should
                .Throw<BadInputException>(() =>
                    DaySchedule.Compute(Request(Want("a", 1, 3)) with { Begun = [told], Now = Evening.AddMinutes(1) })
                )
                .Errors.Single()
                .Field;
    }

    [Fact]
    public void What_was_begun_stays_when_it_is_no_longer_wanted()
    {
        var batch = DaySchedule.Compute(Request(Want("a", 1, 3))).Batches.Single();
        var begun = new BegunBatch(batch.Key, Evening, batch.ReadyAt, Treat.Compute(batch.Treat).Steps, [], batch.ContainerId, batch.Treat);
        var now = DaySchedule.Compute(Request(Want("b", 0.5, 4)) with { Begun = [begun], Now = Evening.AddMinutes(1) }).Batches;
        now.Single(b => b.Key == "a#1").VolumeL.ShouldBe(1);
        now.Single(b => b.Key == "b#1").VolumeL.ShouldBe(0.5);
    }

    [Fact]
    public void What_was_thrown_away_is_wanted_again()
    {
        var batch = DaySchedule.Compute(Request(Want("a", 1, 3))).Batches.Single();
        var begun = new BegunBatch(batch.Key, Evening, batch.ReadyAt, Treat.Compute(batch.Treat).Steps, [], batch.ContainerId, batch.Treat);
        var thrown = begun with { Taps = [new(BatchEventKind.Discarded, null, Evening.AddMinutes(2))] };
        ScheduledBatch Now(params BegunBatch[] all) =>
            DaySchedule.Compute(Request(Want("a", 1, 3)) with { Begun = all, Now = Evening.AddMinutes(5) }).Batches.Single();
        Now(begun).Begun.ShouldBeTrue();
        var again = Now(thrown);
        (again.Key, again.Begun, again.VolumeL).ShouldBe((batch.Key, false, 1));
        again.StartAt.ShouldBeGreaterThanOrEqualTo(Evening.AddMinutes(5));
        // Begun anew under the same name, it is that one.
        Now(thrown, begun with { StartedAt = Evening.AddMinutes(4) }).Begun.ShouldBeTrue();
    }

    [Fact]
    public void A_batch_put_to_a_time_stays_there_and_the_rest_follows()
    {
        var start = Evening.AddMinutes(40);
        var answer = DaySchedule.Compute(Request(Want("a", 1, 3), Want("b", 1, 4)) with { Edits = [new BatchEdit("a#1", start, "lamp")] });
        var put = answer.Batches.Single(b => b.Key == "a#1");
        put.StartAt.ShouldBe(start);
        put.Method.ShouldBe("lamp");
        put.Moved.ShouldBeFalse();
    }

    [Fact]
    public void A_late_batch_pushes_the_rest_and_says_so()
    {
        var plan = DaySchedule.Compute(Request(Want("a", 1, 2)) with { Edits = [new BatchEdit("a#1", Method: "clo2")] });
        var batch = plan.Batches.Single();
        // Begun twenty minutes late, nothing tapped yet.
        var begun = new BegunBatch(
            batch.Key,
            Evening.AddMinutes(20),
            batch.ReadyAt,
            Treat.Compute(batch.Treat).Steps,
            [],
            batch.ContainerId,
            batch.Treat
        );
        var now = DaySchedule.Compute(
            Request(Want("a", 1, 2)) with
            {
                Edits = [new BatchEdit("a#1", Method: "clo2")],
                Begun = [begun],
                Now = Evening.AddMinutes(20),
            }
        );
        now.Batches.Single().Begun.ShouldBeTrue();
        now.Batches.Single().SlipMinutes.ShouldBeGreaterThan(10);
        now.Slips[0].ShouldContain("later than planned");
    }

    [Fact]
    public void Supplies_that_run_out_are_not_given_out_twice()
    {
        var kit = Kit.Where(k => k.Id != "lamp" && k.Id != "burner")
            .Select(k => k.Id == "clo2" ? k with { Left = 1 } : k)
            .Append(Kits.Burner("open-fire", null, "boil", "Open fire"))
            .ToList();
        var answer = DaySchedule.Compute(
            Request(Want("a", 1, 8), Want("b", 1, 9)) with
            {
                Kit = kit,
                Edits = [new BatchEdit("a#1", Method: "clo2"), new BatchEdit("b#1", Method: "clo2")],
            }
        );
        answer.Batches.Count(b => b.Method == "clo2").ShouldBe(1);
    }

    [Fact]
    public void Water_that_nothing_treats_is_said() =>
        DaySchedule
            .Compute(Request(Want("a", 1, 8)) with { Kit = [Kit[0], Kits.Entry(Kits.Lamp)], Water = Ask.Water(1, Clarity.Slurry) })
            .Headline.ShouldBe("Some of it cannot be treated with this kit");

    [Fact]
    public void Bad_input_is_named()
    {
        var errors = Should.Throw<BadInputException>(() => DaySchedule.Compute(Request(Want("a", 500, 8)) with { People = 0 })).Errors;
        errors.Select(e => e.Field).ShouldBe(["people", "wants.litres"]);
        Should.Throw<BadInputException>(() => DaySchedule.Compute(Request(Want("a", 1, 80)))).Errors.Single().Field.ShouldBe("wants.by");
    }
}
