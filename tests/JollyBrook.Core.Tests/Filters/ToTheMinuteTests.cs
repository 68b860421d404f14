using JollyBrook.Core.Barriers;
using JollyBrook.Core.Filters;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Filters;

/// <summary>Minutes, supplies, risks and steps of a filter, worked from its flow.</summary>
public class ToTheMinuteTests
{
    private static readonly FilterAsIs Clean = Kits.Squeeze with
    {
        RatedFlowLPerMin = 1,
        ClogLoadLNtu = 0,
        LostShare = 0,
        UsedL = 100,
        RatedLifeL = 4000,
    };

    private static TreatRequest Request(FilterAsIs filter, WaterInput? water = null) =>
        new(UnitSystem.Metric, water ?? Ask.Water(2, temperatureC: 20), "filter", StartAt: Kits.Now, Kit: [Kits.Entry(filter)]);

    private static ChainSummary Chain(FilterAsIs filter, WaterInput? water = null) =>
        ChainList.Compute(Request(filter, water) with { Method = null }).Chains.Single(c => c.Id == "filter");

    private static TreatResponse Through(FilterAsIs filter, WaterInput? water = null) => Treat.Compute(Request(filter, water));

    /// <summary>Wait and step are the flow's minutes rounded up, never down, and the answer has both alike.</summary>
    [Theory]
    [InlineData(FilterStyle.Squeeze)]
    [InlineData(FilterStyle.Gravity)]
    public void Minutes_are_rounded_up(FilterStyle style)
    {
        var filter = Clean with { Style = style, RatedFlowLPerMin = 0.7 };
        var minutes = Through(filter).Filter!.Minutes;
        (minutes % 1).ShouldBeGreaterThan(0.01);
        Through(filter).Steps.Single(s => s.Id == "filter").Minutes.ShouldBe(Math.Ceiling(minutes));
        // 2 L at 0.7 L/min and 20 °C, clean: 2.857 min and what this water clogs: 3; the chain adds what its other steps take.
        minutes.ShouldBe(2 / 0.7, 0.1);
        Chain(filter).DrinkableMinutes!.Value.ShouldBeGreaterThanOrEqualTo(Math.Ceiling(minutes));
    }

    /// <summary>100 of 4000 L used, and 2 now: 3898 left; over its end, 0 and never less.</summary>
    [Theory]
    [InlineData(100, 3898)]
    [InlineData(3998, 0)]
    public void Life_left(double used, double left) => Through(Clean with { UsedL = used }).Filter!.LifeLeftL.ShouldBe(left);

    [Fact]
    public void Flow_lost_for_good_is_counted()
    {
        Through(Clean with { LostShare = 0.5 }).Filter!.FlowLPerMin.ShouldBe(0.5 * Through(Clean).Filter!.FlowLPerMin, 1e-9);
        Through(Clean with { LostShare = null }).Filter!.FlowLPerMin.ShouldBe(Through(Clean).Filter!.FlowLPerMin, 1e-9);
    }

    /// <summary>
    /// A litre of filter life weighs a fifth of a tablet when ways are put in order by supplies: 10 L are 2 tablets, 1 L less than one.
    /// </summary>
    [Theory]
    [InlineData(4, true)] // 0.8 of a tablet against one a litre, 4
    [InlineData(1, true)] // 0.2 against 1
    public void A_litre_of_life_is_less_than_a_tablet(double litres, bool filterFirst)
    {
        var list = ChainList.Compute(
            new TreatRequest(
                UnitSystem.Metric,
                Ask.Water(litres, temperatureC: 20),
                null,
                StartAt: Kits.Now,
                Kit: [Kits.Entry(Clean with { Element = FilterElement.Purifier }), Kits.Entry(Kits.Tablets)],
                Chemical: Ask.InDateInShade,
                CountViruses: false
            )
        );
        var order = list.Orders.Single(o => o.Sort == ChainSort.LeastSupplies).Ids.ToList();
        (order.IndexOf("filter") < order.IndexOf("tablets")).ShouldBe(filterFirst);
    }

    [Theory]
    [InlineData(FilterElement.Ceramic, true)]
    [InlineData(FilterElement.HollowFibre, false)]
    public void Only_ceramic_breaks_when_dropped(FilterElement element, bool breaks) =>
        Chain(Clean with { Element = element }).Risks.Contains("breaking when dropped").ShouldBe(breaks);

    /// <summary>Half its flow is where service begins: at exactly half it is not due yet.</summary>
    [Theory]
    [InlineData(0.5, false)]
    [InlineData(0.51, true)]
    public void Service_is_due_below_half_the_flow(double lost, bool due)
    {
        Chain(Clean with { LostShare = lost }).Risks.Contains("clogging").ShouldBe(due);
        (Through(Clean with { LostShare = lost }).Filter!.ServiceAdvice is not null).ShouldBe(due);
    }

    /// <summary>A claim of one log of viruses or more takes the word away; a half does not.</summary>
    [Theory]
    [InlineData(0.5, true)]
    [InlineData(1, false)]
    public void A_claim_of_one_log_counts_as_some(double claimed, bool said) =>
        Through(Clean with { Claims = new FilterClaims(6, claimed, 3, 3) }).Cautions.Any(c => c.Code == "no-viruses").ShouldBe(said);

    /// <summary>
    /// Carbon takes nothing away, so what has run through it is not to be drunk yet; an element that holds bacteria or Giardia gives
    /// drinkable water.
    /// </summary>
    [Theory]
    [InlineData(FilterElement.HollowFibre, true)]
    [InlineData(FilterElement.OneMicron, true)] // no bacteria, but Giardia
    [InlineData(FilterElement.Carbon, false)]
    public void Drinkable_after_the_filter(FilterElement element, bool drink) =>
        Through(Clean with { Element = element }).Steps.Where(s => s.Id == "filter").All(s => s.DrinkAfter).ShouldBe(drink);

    /// <summary>Any use at all contradicts "never wetted": a single mL, some load, some flow lost; nothing used does not.</summary>
    [Theory]
    [InlineData(0, 0, 0, false)]
    [InlineData(0.5, 0, 0, true)]
    [InlineData(0, 0.5, 0, true)]
    [InlineData(0, 0, 0.01, true)]
    public void What_was_used_was_wetted(double used, double load, double lost, bool contradicts)
    {
        var filter = (Clean with { Wetted = Happened.No, UsedL = used, ClogLoadLNtu = load, LostShare = lost }).State;
        (filter.ContradictsItself, filter.CountsAsWetted).ShouldBe((contradicts, contradicts));
    }

    [Theory]
    [InlineData(FilterElement.HollowFibre, 6, 0, 3, 3)]
    [InlineData(FilterElement.Ceramic, 6, 0, 3, 3)]
    [InlineData(FilterElement.Pleated, 5, 0, 3, 3)]
    [InlineData(FilterElement.Purifier, 6, 4, 3, 3)]
    [InlineData(FilterElement.OneMicron, 0, 0, 3, 2)]
    [InlineData(FilterElement.Carbon, 0, 0, 0, 0)]
    public void What_each_element_holds_back(FilterElement element, double bacteria, double viruses, double giardia, double crypto)
    {
        var info = FilterElements.Of(element);
        (info.Bacteria, info.Viruses, info.Giardia, info.Cryptosporidium).ShouldBe((bacteria, viruses, giardia, crypto));
    }
}
