using JollyBrook.Core.Barriers;
using JollyBrook.Core.Filters;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Filters;

/// <summary>The table of handbook room 50, and what a filter says of itself at its edges.</summary>
public class TablesTests
{
    private static TreatResponse Through(FilterAsIs filter, WaterInput? water = null) =>
        Treat.Compute(new TreatRequest(UnitSystem.Metric, water ?? Ask.Water(1), "filter", StartAt: Kits.Now, Kit: [Kits.Entry(filter)]));

    [Theory]
    [InlineData(FilterElement.HollowFibre, 300, true, true)]
    [InlineData(FilterElement.Ceramic, 900, false, true)]
    [InlineData(FilterElement.Pleated, 250, false, true)]
    [InlineData(FilterElement.Purifier, 150, true, true)]
    [InlineData(FilterElement.OneMicron, 300, true, false)]
    [InlineData(FilterElement.Carbon, 300, false, false)]
    public void Elements(FilterElement element, double clogs, bool harmedByFrost, bool clears)
    {
        var info = FilterElements.Of(element);
        (info.ClogLNtu, info.TakesOutParticles).ShouldBe((clogs, clears));
        // Frost breaks what is fine and wet.
        var frozen = Through(Kits.Squeeze with { Element = element, Frozen = Happened.Yes }).Ledger.Max(r => r.TotalLogs);
        (harmedByFrost || element is FilterElement.Ceramic or FilterElement.Pleated ? frozen == 0 : frozen >= 0).ShouldBeTrue();
    }

    /// <summary>At exactly its rated litres an element still counts; a litre more and it does not. 4000 rated.</summary>
    [Theory]
    [InlineData(3999, 6)]
    [InlineData(3999.01, 0)]
    public void Life_holds_to_its_last_litre(double used, double bacteria) =>
        Through(Kits.Squeeze with { UsedL = used }).Ledger[0].TotalLogs.ShouldBe(bacteria);

    [Theory]
    [InlineData(3599, true)] // 3599 + 1 = 0.9·4000
    [InlineData(3598.9, false)]
    public void It_warns_from_nine_tenths(double used, bool warns) =>
        Through(Kits.Squeeze with { UsedL = used }).Cautions.Any(c => c.Code == "life").ShouldBe(warns);

    [Theory]
    [InlineData(FilterElement.Purifier, false)]
    [InlineData(FilterElement.HollowFibre, true)]
    public void What_holds_no_viruses_says_so(FilterElement element, bool said)
    {
        Through(Kits.Squeeze with { Element = element }).Cautions.Any(c => c.Code == "no-viruses").ShouldBe(said);
        Through(Kits.Squeeze with { Claims = new FilterClaims(6, 4, 4, 4) }).Cautions.ShouldNotContain(c => c.Code == "no-viruses");
    }

    [Fact]
    public void Clogging_not_told_counts_as_half_clogged_and_is_said()
    {
        var untold = Through(Kits.Squeeze with { ClogLoadLNtu = null });
        untold.Assumptions.ShouldContain(a => a.Field == "filter.clogLoadLNtu");
        Through(Kits.Squeeze with { ClogLoadLNtu = 0 }).Assumptions.ShouldNotContain(a => a.Field == "filter.clogLoadLNtu");
        untold.Filter!.FlowLPerMin.ShouldBe(Through(Kits.Squeeze with { ClogLoadLNtu = 300 }).Filter!.FlowLPerMin, 1e-9);
    }

    [Theory]
    [InlineData(FilterStyle.DrinkThrough, true)]
    [InlineData(FilterStyle.Squeeze, false)]
    public void A_straw_gives_nothing_to_cook_with(FilterStyle style, bool said) =>
        Through(Kits.Squeeze with { Style = style }).Cautions.Any(c => c.Code == "no-cooking").ShouldBe(said);

    [Fact]
    public void Carbon_is_drunk_within_a_day()
    {
        var kit = new[] { Kits.Entry(Kits.Squeeze with { Element = FilterElement.Carbon }, "carbon"), Kits.Entry(Kits.Tablets) };
        Treat
            .Compute(new TreatRequest(UnitSystem.Metric, Ask.Water(1), "tablets+carbon", StartAt: Kits.Now, Kit: kit))
            .DrinkWithinHours.ShouldBe(24);
    }

    [Theory]
    [InlineData(0.9, true)]
    [InlineData(1, false)]
    public void Ice_cold_water_may_freeze_it(double celsius, bool risk) =>
        Through(Kits.Squeeze, Ask.Water(1, temperatureC: celsius)).Risks!.Contains("freezing").ShouldBe(risk);
}
