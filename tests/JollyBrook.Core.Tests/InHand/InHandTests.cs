using JollyBrook.Core.Barriers;
using JollyBrook.Core.Body;
using JollyBrook.Core.Book;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Filters;
using JollyBrook.Core.InHand;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.InHand;

/// <summary>A day's lines folded by hand.</summary>
public class InHandTests
{
    private readonly Log _log = new();

    [Fact]
    public void Nothing_written_is_everything_empty()
    {
        var state = _log.At(0);
        state.Containers.ShouldAllBe(c => c.Water is NoWater && c.Litres == 0 && !c.CleanSideDirty);
        (state.DrinkableL, state.Headline).ShouldBe((0, "Nothing to drink"));
        state.Next.ShouldBeOfType<FillUp>().ContainerId.ShouldBe(Log.Bottle);
        state.Supply(Log.Tablets).Left.ShouldBe(20);
    }

    [Fact]
    public void Filled_dosed_waited_drunk()
    {
        _log.Write(0, new Filled(Log.Bottle, SourceId: Log.Spring, Clarity: Clarity.Clear, TemperatureC: 9));
        var raw = _log.At(1);
        raw.In(Log.Bottle).Water.ShouldBe(new RawWater(Log.Spring, Clarity.Clear, null, 9));
        raw.Next.ShouldBeOfType<TreatThis>().ContainerId.ShouldBe(Log.Bottle);
        raw.Sources.Single().Reports.Single().Flowing.ShouldBe(true); // who fills there has seen it run

        var batch = _log.Dose(2, Log.Bottle, 1);
        _log.At(0.9).In(Log.Bottle).Water.ShouldBeOfType<UnderWay>().ReadyAt.ShouldBeNull(); // two minutes ahead it is begun, and the tablet not in yet
        var waiting = _log.At(10);
        waiting.In(Log.Bottle).Water.ShouldBeOfType<UnderWay>().ReadyAt.ShouldBe(Log.Morning.AddMinutes(33)); // dosed at 3, 30 min of contact
        waiting.In(Log.Bottle).Words.ShouldBe("1 L, ready in 23 min");
        waiting.DrinkableL.ShouldBe(0);
        waiting.Supply(Log.Tablets).Left.ShouldBe(19);
        waiting.Next.ShouldBeOfType<WaitFor>().BatchId.ShouldBe(batch);

        _log.Write(40, new Drank(0.25, WalkerId: Log.Ilva));
        _log.Write(50, new Drank(1, All: true, WalkerId: Log.Torren, ContainerId: Log.Bottle));
        var sip = _log.At(45);
        (sip.DrinkableL, sip.PerWalkerL).ShouldBe((0.75, 0.375));
        sip.Of(Log.Ilva).Drinks.Single().FromIds.ShouldBe([Log.Bottle]);
        sip.Of(Log.Ilva).Drinks.Single().Untreated.ShouldBeFalse();
        var drunk = _log.At(55);
        drunk.In(Log.Bottle).Water.ShouldBeOfType<NoWater>();
        drunk.Of(Log.Torren).DrunkL.ShouldBe(0.75);
        drunk.Doubts.ShouldBeEmpty();
        drunk.Balance.ShouldBe(new WaterBalance(1, 1, 0, 0, 0));
    }

    /// <summary>Told when it is over: three hours from nine to noon. A day and a half later it says nothing any more.</summary>
    [Fact]
    public void A_stage_is_walked_until_it_is_told()
    {
        _log.Write(180, new StageWalked(3, Effort: new Effort(TemperatureC: 30)));
        _log.At(170).Walked.ShouldBeEmpty();
        _log.At(180).Walked.ShouldBe([new WalkedStretch(Log.Morning, Log.Morning.AddHours(3), new Effort(TemperatureC: 30))]);
        _log.At(180 + (36 * 60) - 1).Walked.Count.ShouldBe(1);
        _log.At(180 + (36 * 60)).Walked.ShouldBeEmpty();
    }

    [Fact]
    public void Drunk_too_early_is_written_down_as_untreated()
    {
        _log.Write(0, new Filled(Log.Bottle));
        _log.Dose(2, Log.Bottle, 1);
        var line = _log.Write(20, new Drank(0.5, WalkerId: Log.Ilva, ContainerId: Log.Bottle));
        var state = _log.At(60);
        state.Of(Log.Ilva).Drinks.Single().ShouldSatisfyAllConditions(d => d.Untreated.ShouldBeTrue(), d => d.Litres.ShouldBe(0.5));
        state.Doubts.Single().LineId.ShouldBe(line);
        state.Doubts.Single().Words.ShouldContain("not ready yet");
        state.In(Log.Bottle).Litres.ShouldBe(0.5);
    }

    [Fact]
    public void Topped_up_the_clock_begins_anew_and_the_added_dose_is_spent()
    {
        // Half a litre dosed with one tablet; at 30 min half a litre more: ceil(1 · 0.5/0.5) = 1 tablet for it.
        _log.Write(0, new Filled(Log.Bottle, 0.5));
        _log.Dose(2, Log.Bottle, 0.5, 1, 30, (30, BatchEventKind.ToppedUp, null), (32, BatchEventKind.Done, "dose"));
        var state = _log.At(40);
        state.In(Log.Bottle).Litres.ShouldBe(1);
        state.In(Log.Bottle).Water.ShouldBeOfType<UnderWay>().ReadyAt.ShouldBe(Log.Morning.AddMinutes(62));
        state.Supply(Log.Tablets).Left.ShouldBe(18);
        _log.At(62).DrinkableL.ShouldBe(1);
        state.Balance.InL.ShouldBe(1);
    }

    [Fact]
    public void Dosed_again_where_no_chlorine_is_smelt_it_is_spent_again()
    {
        _log.Write(0, new Filled(Log.Bottle));
        _log.Dose(2, Log.Bottle, 1, 1, 30, (40, BatchEventKind.Failed, "smell"), (41, BatchEventKind.Done, "dose-again"));
        var batch = _log.Batches[^1];
        var smell = new TreatmentStep("smell", StepKind.Check, "Smell it", "", "Smells faintly", DrinkAfter: true, Fails: "No smell");
        var at = batch.Steps!.ToList().FindIndex(s => s.Kind == StepKind.Contact) + 1;
        _log.Batches[^1] = batch with { Steps = [.. batch.Steps!.Take(at), smell, .. batch.Steps!.Skip(at)] };
        _log.At(45).Supply(Log.Tablets).Left.ShouldBe(18);
        _log.At(45).In(Log.Bottle).Water.ShouldBeOfType<UnderWay>();
        _log.At(300).DrinkableL.ShouldBe(0);
    }

    [Fact]
    public void A_tap_undone_gives_back_what_it_took()
    {
        _log.Write(0, new Filled(Log.Bottle));
        _log.Dose(2, Log.Bottle, 1, 1, 30, (4, BatchEventKind.Undone, "dose"));
        _log.At(60).Supply(Log.Tablets).Left.ShouldBe(20);
        _log.At(60).In(Log.Bottle).Water.ShouldBeOfType<UnderWay>();
    }

    [Fact]
    public void Thrown_away_is_spilt_and_can_be_brought_back()
    {
        _log.Write(0, new Filled(Log.Bottle));
        _log.Dose(2, Log.Bottle, 1, 1, 30, (40, BatchEventKind.Discarded, null), (50, BatchEventKind.Undone, null));
        _log.At(45).Balance.ShouldBe(new WaterBalance(1, 0, 0, 1, 0));
        _log.At(55).Balance.ShouldBe(new WaterBalance(1, 0, 0, 0, 1));
        _log.At(55).DrinkableL.ShouldBe(1);
    }

    [Fact]
    public void Poured_water_is_the_worse_of_both()
    {
        _log.Write(0, new Filled(Log.Bottle));
        _log.Dose(1, Log.Bottle, 1);
        _log.Write(40, new Poured(Log.Bottle, Log.Steel, 0.5)); // treated into empty: treated
        _log.Write(41, new Filled(Log.Pot, 0.5));
        var treated = _log.At(42);
        treated.In(Log.Steel).Water.ShouldBeOfType<CleanWater>();
        treated.DrinkableL.ShouldBe(1);
        _log.Write(43, new Poured(Log.Pot, Log.Steel, 0.1)); // raw onto treated: raw
        var mixed = _log.At(44);
        mixed.In(Log.Steel).Water.ShouldBeOfType<RawWater>().Clarity.ShouldBeNull();
        mixed.In(Log.Steel).Litres.ShouldBe(0.6, 1e-9);
        mixed.DrinkableL.ShouldBe(0.5, 1e-9);
    }

    [Fact]
    public void Raw_into_a_container_for_clean_water_makes_it_dirty_until_it_is_rinsed()
    {
        var fill = _log.Write(0, new Filled(Log.Bladder, 1));
        _log.Dose(1, Log.Bladder, 1);
        var dirty = _log.At(60);
        dirty.In(Log.Bladder).CleanSideDirty.ShouldBeTrue();
        dirty.DrinkableL.ShouldBe(0);
        dirty.Doubts.Single().LineId.ShouldBe(fill);
        _log.Write(61, new Rinsed(Log.Bladder));
        _log.At(62).DrinkableL.ShouldBe(1);
    }

    [Fact]
    public void What_cannot_be_is_kept_marked_and_counted_the_worse_way()
    {
        var empty = _log.Write(0, new Drank(0.5, WalkerId: Log.Ilva, ContainerId: Log.Bottle)); // from an empty bottle
        _log.Write(1, new Filled(Log.Bottle));
        var twice = _log.Write(2, new Filled(Log.Bottle)); // filled twice
        var over = _log.Write(3, new Poured(Log.Bottle, Log.Steel, 3)); // more than there is, and than fits
        var gone = _log.Write(4, new Spilt(Log.Of(99), All: true)); // no such container
        var tomorrow = _log.Write(2000, new Filled(Log.Pot)); // still to come
        var state = _log.At(10);
        state.Doubts.Select(d => d.LineId).Distinct().ShouldBe([empty, twice, over, gone, tomorrow], ignoreOrder: true);
        state.Doubts.ShouldAllBe(d => d.Offer.Length > 0);
        state.Of(Log.Ilva).Drinks.Single().ShouldSatisfyAllConditions(d => d.Litres.ShouldBe(0), d => d.Untreated.ShouldBeTrue());
        state.In(Log.Steel).Litres.ShouldBe(0.75);
        state.In(Log.Bottle).Litres.ShouldBe(0.25, 1e-9);
        state.In(Log.Pot).Litres.ShouldBe(0);
    }

    [Fact]
    public void Bad_news_counts_at_once_whatever_instant_it_was_given()
    {
        _log.Write(2000, new Mishap(Log.Gravity, MishapKind.Dropped));
        var state = _log.At(0);
        state.Supply(Log.Gravity).Suspect.ShouldNotBeNull().ShouldContain("cracked");
        state.Kit.Single(k => k.Id == Log.Gravity.ToString()).Filter!.Dropped.ShouldBe(Happened.Yes);
    }

    [Fact]
    public void Weighed_outranks_reckoned_and_counted_anew_outranks_both()
    {
        _log.Write(0, new FuelBurnt(Log.Stove, 20)); // 164 − 20
        _log.At(1).Supply(Log.Stove).Left.ShouldBe(144);
        _log.Write(2, new CanisterWeighed(Log.Stove, 101));
        _log.Write(3, new Counted(Log.Tablets, 7));
        _log.Write(4, new Charged(Log.Lamp, 50));
        var state = _log.At(5);
        state.Supply(Log.Stove).Left.ShouldBe(101);
        state.Supply(Log.Tablets).Left.ShouldBe(7);
        state.Supply(Log.Lamp).Left.ShouldBe(50);
    }

    [Fact]
    public void A_dropped_filter_is_suspect_since_its_line_until_it_has_a_new_element()
    {
        var line = _log.Write(0, new Mishap(Log.Gravity, MishapKind.Dropped));
        _log.At(1).Supply(Log.Gravity).SuspectSince.ShouldBe(line);
        _log.Write(2, new FilterServiced(Log.Gravity, FilterService.IntegrityCheck, Passed: true)); // no check clears it
        _log.At(3).Supply(Log.Gravity).Suspect.ShouldNotBeNull();
        _log.Write(4, new FilterServiced(Log.Gravity, FilterService.NewElement));
        _log.At(5).Supply(Log.Gravity).Suspect.ShouldBeNull();
    }

    [Fact]
    public void A_correction_stands_in_the_place_of_its_line_and_can_be_taken_back()
    {
        var fill = _log.Write(0, new Filled(Log.Bottle, 1));
        _log.Write(5, new Spilt(Log.Bottle, 0.2));
        var right = _log.Write(30, new Filled(Log.Bottle, 0.5) { Corrects = fill });
        _log.Lines[^1] = _log.Lines[^1] with { Line = _log.Lines[^1].Line! with { At = Log.Morning } };
        _log.At(60).In(Log.Bottle).Litres.ShouldBe(0.3, 1e-9); // 0.5 − 0.2
        _log.At(60).Replaced.Single().ShouldBe(new ReplacedLine(fill, right, false));
        var back = _log.Write(31, new TakenBack { Corrects = right });
        _log.At(60).In(Log.Bottle).Litres.ShouldBe(0.8, 1e-9); // 1 − 0.2
        _log.Write(32, new TakenBack { Corrects = back });
        _log.At(60).In(Log.Bottle).Litres.ShouldBe(0.3, 1e-9);
    }

    [Fact]
    public void How_it_came_to_this_is_told_from_the_last_filling_on()
    {
        _log.Write(0, new Filled(Log.Bottle));
        _log.Write(1, new Spilt(Log.Bottle, All: true));
        var fill = _log.Write(2, new Filled(Log.Bottle));
        var batch = _log.Dose(3, Log.Bottle, 1);
        var drink = _log.Write(50, new Drank(0.2, ContainerId: Log.Bottle));
        _log.At(60).In(Log.Bottle).Story.ShouldBe([fill, batch, drink]);
    }

    [Fact]
    public void A_line_older_than_the_fold_it_is_added_to_is_refused()
    {
        _log.Write(10, new Filled(Log.Bottle));
        var since = _log.At(20).Snapshot;
        Should.Throw<BadInputException>(() => _log.At(30, since)).Errors[0].Field.ShouldBe("lines");
    }

    /// <summary>
    /// Nobody said that it was not the bottle with the dirty threads: the drink counts as untreated, and the same litres are gone.
    /// </summary>
    [Fact]
    public void A_drink_without_a_bottle_does_not_pass_over_a_dirty_one()
    {
        _log.Dose(2, Log.Bottle, 1);
        _log.Dose(3, Log.Bladder, 2);
        _log.Write(40, new Dipped(Log.Bottle));
        _log.Write(50, new Drank(0.25, WalkerId: Log.Ilva));

        var state = _log.At(60);

        state.In(Log.Bottle).Litres.ShouldBe(0.75);
        state.In(Log.Bladder).Litres.ShouldBe(2);
        state.Of(Log.Ilva).Drinks.Single().Untreated.ShouldBeTrue();
        state.Doubts.Single().Words.ShouldContain("threads");
    }
}
