using CsCheck;
using JollyBrook.Core.Filters;
using JollyBrook.Core.Packing;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Filters;

/// <summary>What a label's claims change besides the log reductions, and what a service can't bring back.</summary>
public class ClaimsAndServiceTests
{
    private static readonly FilterClaims Cysts = new(0, 0, 3, 3);
    private static readonly Gen<FilterElement> Element = Gen.OneOf([.. Enum.GetValues<FilterElement>().Select(Gen.Const)]);
    private static readonly Gen<double?> Claim = Gen.OneOf(
        Gen.Const((double?)null),
        Gen.Const((double?)0),
        Gen.Double[0, 9].Select(d => (double?)d)
    );

    private static TreatResponse Through(FilterAsIs filter) =>
        Treat.Compute(new TreatRequest(UnitSystem.Metric, Ask.Water(1), "filter", StartAt: Kits.Now, Kit: [Kits.Entry(filter)]));

    /// <summary>A carbon block whose label claims cysts holds something back, and frost takes that from it.</summary>
    [Fact]
    public void Carbon_with_a_claim_is_a_filter_like_any_other()
    {
        var block = Kits.Squeeze with { Element = FilterElement.Carbon, Claims = Cysts };
        var answer = Through(block);
        answer.Ledger.Select(r => r.TotalLogs).ShouldBe([0, 0, 3, 3]);
        answer.Steps.Single(s => s.Id == "filter").DrinkAfter.ShouldBeTrue();
        answer.Cautions.ShouldNotContain(c => c.Code == "carbon");
        var frozen = Through(block with { Frozen = Happened.Yes });
        frozen.Outcome.ShouldBe(TreatOutcome.Refused);
        frozen.Ledger.ShouldAllBe(r => r.TotalLogs == 0);
        // Without one it holds nothing that frost could take.
        Through(block with { Claims = null, Frozen = Happened.Yes }).Refusal.ShouldBeNull();
    }

    /// <summary>A purifier whose label claims none, or half a log, is not said to hold viruses.</summary>
    [Theory]
    [InlineData(0, true)]
    [InlineData(0.9, true)]
    [InlineData(1, false)]
    public void A_claim_of_less_than_the_row_is_what_is_said(double viruses, bool said) =>
        Through(Kits.Squeeze with { Element = FilterElement.Purifier, Claims = new(6, viruses, 3, 3) })
            .Cautions.Any(c => c.Code == "no-viruses")
            .ShouldBe(said);

    /// <summary>Whatever is claimed of whatever element: one that may have frozen is not counted for any class.</summary>
    [Fact]
    public void Nothing_that_may_have_frozen_is_counted() =>
        Gen.Select(Element, Gen.Select(Claim, Claim, Claim, Claim), Gen.OneOf(Gen.Const(Happened.Unknown), Gen.Const(Happened.Yes)))
            .Sample(
                (element, claims, frozen) =>
                    Through(
                        Kits.Squeeze with
                        {
                            Element = element,
                            Claims = new(claims.Item1, claims.Item2, claims.Item3, claims.Item4),
                            Frozen = frozen,
                            Dropped = Happened.No,
                        }
                    )
                        .Ledger.ShouldAllBe(r => r.TotalLogs == 0),
                iter: 300
            );

    /// <summary>0.05 lost for good, then clogged to half of the rest, 0.475: a tenth of the 0.475 lost since stays lost as well.</summary>
    [Fact]
    public void What_is_lost_for_good_stays_lost()
    {
        new FilterWear(0.05, 300, 300).AfterService.LostShare.ShouldBe(0.0975, 1e-12);
        new FilterWear(0.3, 0, 300).AfterService.LostShare.ShouldBe(0.3, 1e-12);
    }

    [Fact]
    public void A_service_never_makes_it_slower_and_never_brings_back_what_is_gone() =>
        Gen.Select(Gen.Double[0, 0.99], Gen.Double[0, 1e6], Gen.Double[150, 900])
            .Sample(
                (lost, load, clogs) =>
                {
                    var wear = new FilterWear(lost, load, clogs);
                    wear.AfterService.LostShare.ShouldBeInRange(lost - 1e-12, 1);
                    wear.AfterService.FlowShare.ShouldBeGreaterThanOrEqualTo(wear.FlowShare - 1e-12);
                }
            );

    /// <summary>Half its flow gone for good: no cleaning is asked for that could not help, at the water and before the trip alike.</summary>
    [Fact]
    public void Worn_out_is_told_to_be_replaced_not_cleaned()
    {
        var worn = Kits.Squeeze with { LostShare = 0.6, ClogLoadLNtu = 100 };
        var answer = Through(worn);
        (answer.Filter!.ServiceAdvice, answer.Filter.FlowAfterServiceLPerMin).ShouldBe((FilterFlow.PastService, null));
        answer.Steps.ShouldNotContain(s => s.Id == "service");
        var trip = new KitTrip(Litres: 40, WorstClarity: Clarity.Clear);
        FilterOutlook.Of(worn.Label, worn.State, trip, Speaker.Metric).Fix.ShouldBe(FilterFlow.PastService);
        // 0.4 for good and clogged to half: 0.4 + 0.1·0.3 = 0.43 lost after it, so it is still worth it.
        FilterOutlook
            .Of(worn.Label, (worn with { LostShare = 0.4, ClogLoadLNtu = 300 }).State, trip, Speaker.Metric)
            .Fix.ShouldBe("Back-flush it before you leave.");
    }

    /// <summary>One that nothing has ever gone through is not clogged, whether or not anybody told its load; one that may have been is.</summary>
    [Theory]
    [InlineData(Happened.No, 0, "runs at 100 % of new")]
    [InlineData(Happened.Unknown, 0, "runs at 50 % of new")]
    [InlineData(Happened.No, 60, "runs at 50 % of new")]
    public void A_load_that_is_not_told_counts_only_where_something_went_through(Happened wetted, double usedL, string words)
    {
        var filter = Kits.Squeeze with { Wetted = wetted, UsedL = usedL, ClogLoadLNtu = null, LostShare = 0 };
        Kits.Entry(filter).Words(Speaker.Metric).ShouldEndWith(words);
    }

    [Fact]
    public void The_bag_and_the_water_tell_the_same_flow() =>
        Gen.Select(Gen.Double[0, 0.99].Nullable(), Gen.Double[0, 3000].Nullable(), Gen.Double[0, 900].Nullable(), Gen.Enum<Happened>())
            .Sample(
                (lost, load, used, wetted) =>
                {
                    var filter = Kits.Squeeze with { LostShare = lost, ClogLoadLNtu = load, UsedL = used, Wetted = wetted };
                    Kits.Entry(filter)
                        .Words(Speaker.Metric)
                        .ShouldEndWith($"runs at {Speaker.Number(Through(filter).Filter!.FlowShare * 100, 0)} % of new");
                },
                iter: 300
            );
}
