using JollyBrook.Core.Barriers;
using JollyBrook.Core.Book;
using JollyBrook.Core.Clearing;
using JollyBrook.Core.InHand;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.InHand;

/// <summary>What is left of supplies, each figure by hand.</summary>
public class SupplyTests
{
    private readonly Log _log = new();

    /// <summary>A batch of one step that uses something up, done at once.</summary>
    private void Batch(double minutes, string method, StepKind kind, double litres, BatchUse use, Clarity clarity = Clarity.Clear) =>
        _log.Batches.Add(
            new KeptBatch(
                Guid.NewGuid(),
                Log.Morning.AddMinutes(minutes),
                method,
                method,
                litres,
                [new("step", kind, "Step", "", "Done", DrinkAfter: true)],
                Clarity: clarity,
                Use: use,
                Taps: [new(Guid.NewGuid(), new BatchTap(BatchEventKind.Done, "step", Log.Morning.AddMinutes(minutes + 1)))]
            )
        );

    [Fact]
    public void Tablets_of_every_chain_they_are_in_are_taken_off()
    {
        Batch(0, "boil+" + Log.Tablets, StepKind.Dose, 2, new BatchUse(DoseUnits: 2));
        Batch(5, Log.Tablets.ToString(), StepKind.Dose, 1, new BatchUse(DoseUnits: 1));
        Batch(9, Log.Of(98).ToString(), StepKind.Dose, 9, new BatchUse(DoseUnits: 9)); // others
        _log.At(60).Supply(Log.Tablets).Left.ShouldBe(17); // 20 − 2 − 1
    }

    [Fact]
    public void More_used_than_was_counted_is_none_left()
    {
        Batch(0, Log.Tablets.ToString(), StepKind.Dose, 30, new BatchUse(DoseUnits: 30));
        var supply = _log.At(60).Supply(Log.Tablets);
        (supply.Left, supply.Suspect).ShouldBe((0, "Used up."));
    }

    [Fact]
    public void Weighed_fuel_outranks_reckoned_fuel()
    {
        Batch(0, Log.Stove.ToString(), StepKind.Heat, 1, new BatchUse(FuelG: 14));
        _log.At(60).Supply(Log.Stove).Left.ShouldBe(150); // 164 − 14
        _log.Write(30, new FuelBurnt(Log.Stove, 30, Litres: 2)); // before and after that litre and another
        _log.At(60).Supply(Log.Stove).Left.ShouldBe(134); // 164 − 30
    }

    [Fact]
    public void A_filter_counts_litres_clogs_and_is_serviced()
    {
        // The gravity ceramic has 90 L·NTU on it and K = 900. 10 L at 30 NTU (slightly cloudy) more: 390. Share 1/(1 + 390/900) = 0.6977;
        // a tenth of what was lost stays lost: 0.0302. Then 2 L, 60 L·NTU.
        Batch(0, Log.Gravity.ToString(), StepKind.Filter, 10, new BatchUse(), Clarity.SlightlyCloudy);
        _log.Write(30, new FilterServiced(Log.Gravity, FilterService.Scrub));
        Batch(60, Log.Gravity.ToString(), StepKind.Filter, 2, new BatchUse(), Clarity.SlightlyCloudy);
        var filter = _log.At(90).Kit.Single(k => k.Id == Log.Gravity.ToString()).Filter!;
        filter.UsedL.ShouldBe(112); // 100 + 10 + 2
        filter.LostShare!.Value.ShouldBe(0.0302, 1e-4);
        filter.ClogLoadLNtu!.Value.ShouldBe(60, 1e-9);
    }

    [Fact]
    public void A_source_found_dry_is_dry_in_the_plan_and_one_found_running_waits()
    {
        TripSource Spring() => _log.At(60).TripSources.Single().Source;
        _log.Write(0, new SourceSeen(Log.Spring, Flowing: true));
        Spring().ReportedAt.ShouldBe(Log.Morning.AddDays(-1));
        _log.Write(5, new SourceSeen(Log.Spring, Flowing: false));
        (Spring().ReportedFlowing, Spring().ReportedAt).ShouldBe((false, Log.Morning.AddMinutes(5)));
        _log.Write(9, new Filled(Log.Bottle, SourceId: Log.Spring)); // it runs after all
        Spring().ReportedFlowing.ShouldBe(true);
    }

    /// <summary>
    /// What was seen there and is worse counts at once, in plan and all; what is better waits, and is not unseen by a line that is silent.
    /// </summary>
    [Fact]
    public void What_was_seen_at_a_source_and_is_worse_counts_at_once()
    {
        TripSource Spring() => _log.At(60).TripSources.Single().Source;
        var before = Spring();
        _log.Write(
            0,
            new SourceSeen(Log.Spring, Flowing: true, Clarity: Clarity.Muddy, TemperatureC: 2, Seen: [Sighting.Stock, Sighting.NobodyAbove])
        );
        Spring()
            .ShouldSatisfyAllConditions(
                s => s.Clarity.ShouldBe(Clarity.Muddy),
                s => s.TemperatureC.ShouldBe(2),
                s => s.Seen.ShouldBe([Sighting.Stock]),
                s => s.ReportedAt.ShouldBe(before.ReportedAt),
                s => s.IsOutOfUse.ShouldBeFalse()
            );
        _log.Write(5, new SourceSeen(Log.Spring, Flowing: true, Seen: [Sighting.Bloom]));
        Spring().IsOutOfUse.ShouldBeTrue();
        _log.Write(9, new SourceSeen(Log.Spring, Flowing: true, Clarity: Clarity.Clear, TemperatureC: 14));
        Spring()
            .ShouldSatisfyAllConditions(
                s => s.IsOutOfUse.ShouldBeTrue(),
                s => s.Clarity.ShouldBe(before.Clarity),
                s => s.TemperatureC.ShouldBe(before.TemperatureC)
            );
    }

    /// <summary>
    /// Bad news counts whether or not it was told that the source runs, and a word later that it does unsays none of it; a word on the source
    /// itself, later than the report, does.
    /// </summary>
    [Fact]
    public void What_a_later_line_does_not_speak_of_stays()
    {
        TripSource Spring() => _log.At(60).TripSources.Single().Source;
        var before = Spring();
        _log.Write(0, new SourceSeen(Log.Spring, Clarity: Clarity.Muddy, Seen: [Sighting.Stock]));
        _log.Write(3, new Filled(Log.Bottle, SourceId: Log.Spring, Colour: WaterColour.Green, TemperatureC: 1));
        _log.Write(5, new SourceSeen(Log.Spring, Flowing: true, Clarity: Clarity.Unknown, Colour: WaterColour.Unknown));
        Spring()
            .ShouldSatisfyAllConditions(
                s => (s.Clarity, s.Colour, s.TemperatureC).ShouldBe((Clarity.Muddy, WaterColour.Green, 1)),
                s => s.Seen.ShouldBe([Sighting.Stock]),
                s => (s.ReportedFlowing, s.ReportedAt).ShouldBe((before.ReportedFlowing, before.ReportedAt))
            );
        _log.At(60)
            .FoundWorse.Single()
            .ShouldSatisfyAllConditions(
                f => f.Id.ShouldBe(Log.Spring.ToString()),
                f => f.Words.ShouldStartWith("The book has it worse: muddy, green, 1 °C, stock or a wallow. The plan counts with that")
            );
        // Colourless after all: good news, which waits; what the plan has of the source stands.
        _log.Write(7, new SourceSeen(Log.Spring, Colour: WaterColour.None));
        Spring().Colour.ShouldBe(before.Colour);
        _log.At(60).Sources.Single().Reports.Count.ShouldBe(4);
        _log.Write(9, new SourceSeen(Log.Spring, true, Clarity: Clarity.Clear, Colour: WaterColour.None, TemperatureC: 9, Seen: []));
        // One that speaks of all is all there is to keep.
        _log.At(60).Sources.Single().Reports.Count.ShouldBe(1);
        Spring().Clarity.ShouldBe(before.Clarity);
        _log.At(60).FoundWorse.ShouldBeEmpty();
        _log.Write(11, new SourceSeen(Log.Spring, Flowing: false));
        _log.At(60).FoundWorse.Single().Words.ShouldStartWith("The book has it worse: dry. ");
    }

    /// <summary>What was written of a source before its own report is older than that, and no longer counts.</summary>
    [Fact]
    public void A_newer_word_on_the_source_itself_outweighs_what_was_found_before()
    {
        var found = SourceInHand
            .NotSeen(Log.Spring)
            .With(new SourceReport(Log.Spring, Log.Morning, Clarity: Clarity.Muddy))
            .With(new SourceReport(Log.Spring, Log.Morning.AddHours(2), Flowing: true));
        found.Since(null)!.Clarity.ShouldBe(Clarity.Muddy);
        found.Since(Log.Morning.AddHours(1))!.ShouldSatisfyAllConditions(r => r.Clarity.ShouldBeNull(), r => r.Flowing.ShouldBe(true));
        found.Since(Log.Morning.AddHours(2)).ShouldBeNull();
    }

    /// <summary>Where somebody last stood: filled, found or passed by, whichever came last.</summary>
    [Fact]
    public void The_log_tells_where_the_party_last_stood()
    {
        _log.At(60).Place.ShouldBeNull();
        _log.Write(0, new PassedBy(Log.Spring));
        _log.At(60).Place!.ShouldSatisfyAllConditions(p => p.SourceId.ShouldBe(Log.Spring), p => p.At.ShouldBe(Log.Morning));
        var other = Guid.CreateVersion7();
        _log.Write(7, new Filled(Log.Bottle, SourceId: other));
        _log.At(60).Place!.SourceId.ShouldBe(other);
        _log.Write(3, new SourceSeen(Log.Spring, Flowing: false)); // written later, happened before
        _log.At(60).Place!.SourceId.ShouldBe(other);
    }

    /// <summary>
    /// A litre wanted takes 1.11 L poured in, a tenth staying in the layers; what runs cloudy is not counted on until they are washed.
    /// </summary>
    [Fact]
    public void A_layered_filter_counts_its_litres_until_it_runs_cloudy()
    {
        Batch(0, Log.Stove.ToString(), StepKind.Clear, 1, new BatchUse(LayeredL: 1.0 / 0.9, LayeredId: Log.Layered), Clarity.Muddy);
        Batch(30, Log.Stove.ToString(), StepKind.Clear, 2, new BatchUse(LayeredL: 2.0 / 0.9, LayeredId: Log.Layered), Clarity.Muddy);
        var used = _log.At(60);
        used.Kit.Single(k => k.Id == Log.Layered.ToString()).Layers.ShouldNotBeNull().UsedL.ShouldBe(3 / 0.9, 1e-9);
        used.Supply(Log.Layered).Words.ShouldBe("Clears, takes no organism away; 3.33 L through its layers");

        var told = _log.Write(70, new Mishap(Log.Layered, MishapKind.RunsCloudy));
        var cloudy = _log.At(80);
        cloudy.Supply(Log.Layered).Suspect.ShouldStartWith("Runs cloudy: not counted on");
        cloudy.Supply(Log.Layered).SuspectSince.ShouldBe(told);
        Cleared(cloudy).ShouldBeNull();
        Cleared(used).ShouldBe(Log.Layered.ToString());

        _log.Write(90, new FilterServiced(Log.Layered, FilterService.NewElement));
        var washed = _log.At(100);
        washed.Kit.Single(k => k.Id == Log.Layered.ToString()).Layers.ShouldBe(LayersState.New);
        washed.Supply(Log.Layered).Suspect.ShouldBeNull();
        Cleared(washed).ShouldBe(Log.Layered.ToString());
    }

    /// <summary>Through which layered filter Treat clears muddy water with the kit as it is.</summary>
    private static string? Cleared(InHandResponse state) =>
        Treat
            .Compute(
                new TreatRequest(
                    UnitSystem.Metric,
                    new WaterInput(1, Clarity.Muddy, WaterColour.None, 12, 300),
                    Log.Stove.ToString(),
                    Kit: state.Kit,
                    Clearing: new ClearingOptions { Grit = Grit.Clay }
                )
            )
            .Clearing?.ThroughId;
}
