using JollyBrook.Core.Body;
using JollyBrook.Core.Book;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Learning;
using JollyBrook.Core.Route;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Learning;

/// <summary>After a stage: what the book proposes, each figure by hand.</summary>
public class LearnTests
{
    private static readonly DateTimeOffset Morning = new(2026, 8, 10, 8, 0, 0, TimeSpan.Zero);
    private static readonly DateTimeOffset Now = Morning.AddHours(12);
    private static readonly Guid Ilva = Guid.Parse("019c0000-0000-7000-8000-000000000001");
    private static readonly Guid Thing = Guid.Parse("019c0000-0000-7000-8000-000000000002");

    private static PlanRequest Plan(IReadOnlyList<TripSourceEntry>? sources = null, double pace = 1) => new(
        UnitSystem.Metric, TripOf(ReadLegs.Compute(new LegsRequest(null, 0, [new("Along", 12, 200, 200)])), pace), sources,
        [new WalkerEntry(Ilva.ToString(), new Walker("Ilva", 62, 168, true, Clothing.ShortsAndShirt, 10))], Now: Now);

    private static TripRoute TripOf(ReadRoute ground, double pace) => new("Day", new DateOnly(2026, 8, 10), ground.LengthKm, ground.Heights, Pace: pace, BreakShare: 0);

    private static LearnResponse Learnt(IReadOnlyList<BookEntry> lines, PlanRequest? plan = null, IReadOnlyList<KitEntry>? kit = null, IReadOnlyList<UsedBatch>? batches = null) =>
        Learn.Compute(new LearnRequest(UnitSystem.Metric, plan, null, [.. lines.Select(e => new BookLine(Guid.NewGuid(), e))], batches, kit, 0, Now));

    private static KitEntry Item(KitItem item) => new(Thing.ToString(), item);

    [Fact]
    public void Weighed_twice_is_a_sweat_test()
    {
        // 62.0 − 61.2 + 0.9 drunk − 0.2 passed = 1.5 L in 3 h.
        var proposal = Learnt(
        [
            new(BookEntryKind.BodyMass, Morning, Ilva, MassKg: 62), new(BookEntryKind.Drink, Morning.AddHours(1), Ilva, Litres: 0.5), new(BookEntryKind.Drink, Morning.AddHours(2), Ilva, Litres: 0.4),
            new(BookEntryKind.Urine, Morning.AddHours(2), Ilva, Litres: 0.2), new(BookEntryKind.BodyMass, Morning.AddHours(3), Ilva, MassKg: 61.2),
            new(BookEntryKind.Drink, Morning.AddHours(4), Ilva, Litres: 1), // after the weighing
        ], Plan()).Proposals.Single(p => p.Kind == ProposalKind.SweatFactor);
        proposal.Test!.DrunkL!.Value.ShouldBe(0.9, 1e-9);
        proposal.Test.Hours.ShouldBe(3);
        var result = SweatTestResult.Of(proposal.Test, SweatSchool.Gonzalez2009);
        result.LossL.ShouldBe(1.5, 1e-9);
        // One test of ratio r: log k = log r · (1/0.15²)/(1/0.35² + 1/0.15²) = 0.8448 log r.
        result.AtFloor.ShouldBeFalse();
        PersonalFactor.After([result.Says!.Value]).LogMean.ShouldBe(0.8448 * Math.Log(result.Ratio!.Value), 1e-4);
        proposal.Before.ShouldStartWith("× 1 (");
    }

    [Fact]
    public void A_test_already_taken_over_is_not_proposed_again()
    {
        BookEntry[] lines = [new(BookEntryKind.BodyMass, Morning, Ilva, MassKg: 62), new(BookEntryKind.BodyMass, Morning.AddHours(3), Ilva, MassKg: 61)];
        var test = Learnt(lines, Plan()).Proposals.Single().Test!;
        Learnt(lines, Plan() with { Tests = [new("t", test)] }).Proposals.ShouldBeEmpty();
    }

    [Fact]
    public void Hours_walked_over_hours_planned_is_the_pace()
    {
        var planned = Core.Carry.Plan.Compute(Plan(pace: 1.1)).Days[0].WalkHours;
        var answer = Learnt([new(BookEntryKind.Stage, Now.AddHours(-1), Day: 0, Hours: planned * 1.2)], Plan(pace: 1.1));
        answer.Proposals.Single().Pace!.Value.ShouldBe(1.32, 1e-9); // 1.1 × 1.2
        answer.Days[0].WalkedHours!.Value.ShouldBe(planned * 1.2, 1e-9);
        Learnt([new(BookEntryKind.Stage, Now.AddHours(-1), Day: 0, Hours: planned)], Plan(pace: 1.1)).Proposals.ShouldBeEmpty();
    }

    [Fact]
    public void Tablets_used_are_taken_off_once()
    {
        var tablets = new KitItem(KitItemKind.Product, "Tablets", Product: new ProductSpec("nadcc-8.5", new DateOnly(2028, 1, 1), Left: 20));
        UsedBatch[] batches = [new("filter+" + Thing, Morning, 2, DoseUnits: 2), new(Thing.ToString(), Morning.AddHours(1), 1, DoseUnits: 1), new("other", Morning, 1, DoseUnits: 9)];
        var after = Learnt([], kit: [Item(tablets)], batches: batches).Proposals.Single().Item!;
        after.Product!.Left.ShouldBe(17);
        after.CountedTo.ShouldBe(Now);
        Learnt([], kit: [Item(after)], batches: batches).Proposals.ShouldBeEmpty();
    }

    [Fact]
    public void Weighed_fuel_outranks_reckoned_fuel()
    {
        var stove = new KitItem(KitItemKind.Burner, "Stove", Burner: new BurnerSpec("canister-sheltered", 100));
        UsedBatch[] batches = [new(Thing.ToString(), Morning, 1, FuelG: 14)];
        Learnt([], kit: [Item(stove)], batches: batches).Proposals.Single().Item!.Burner!.FuelLeftG.ShouldBe(86);
        var answer = Learnt([new(BookEntryKind.FuelUsed, Morning.AddHours(1), ItemId: Thing, FuelG: 30, Litres: 2)], kit: [Item(stove)], batches: batches);
        answer.Proposals.Single().Item!.Burner!.FuelLeftG.ShouldBe(70);
        answer.Facts.Single().Words.ShouldBe("15 g: 30 g for 2 L");
    }

    [Fact]
    public void A_filter_counts_litres_clogs_and_is_serviced()
    {
        var filter = new KitItem(KitItemKind.Filter, "Filter", Filter: Kits.Squeeze);
        // 4 L at 30 NTU: 120 L·NTU of 300. Share 1/(1 + 0.4) = 0.714; a tenth of what was lost stays lost: 0.0286. Then 2 L more, 60 L·NTU.
        UsedBatch[] batches = [new(Thing.ToString(), Morning, 4, Clarity.SlightlyCloudy), new(Thing.ToString(), Morning.AddHours(3), 2, Clarity.SlightlyCloudy)];
        var after = Learnt([new(BookEntryKind.FilterService, Morning.AddHours(1), ItemId: Thing, Service: FilterService.BackFlush)], kit: [Item(filter)], batches: batches).Proposals.Single().Item!.Filter!;
        after.UsedL.ShouldBe(66);
        after.LostShare!.Value.ShouldBe(0.0286, 1e-4);
        after.ClogLoadLNtu!.Value.ShouldBe(60, 1e-9);
    }

    [Fact]
    public void A_filter_that_froze_is_suspect()
    {
        var filter = new KitItem(KitItemKind.Filter, "Filter", Filter: Kits.Squeeze);
        Learnt([new(BookEntryKind.Mishap, Morning, ItemId: Thing, Mishap: MishapKind.Froze)], kit: [Item(filter)]).Proposals.Single().After.ShouldContain("suspect: not counted on");
    }

    [Fact]
    public void A_report_refreshes_its_source()
    {
        var source = new TripSource("Brook", SourceClass.SeasonalLate, 5, true, Now.AddDays(-20));
        // 1 L in 120 s: 0.5 L/min.
        BookEntry[] lines = [new(BookEntryKind.SourceReport, Morning, SourceId: Thing, Flowing: true, FillL: 1, FillSeconds: 120)];
        var proposal = Learnt(lines, Plan([new(Thing.ToString(), source)])).Proposals.Single();
        proposal.Source!.LitresPerMinute.ShouldBe(0.5);
        proposal.Source.ReportedAt.ShouldBe(Morning);
        Learnt(lines, Plan([new(Thing.ToString(), proposal.Source)])).Proposals.ShouldBeEmpty();
    }
}
