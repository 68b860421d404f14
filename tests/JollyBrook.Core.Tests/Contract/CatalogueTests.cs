using JollyBrook.Core.Catalogue;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Tests.Contract;

public class CatalogueTests
{
    [Fact]
    public void Offers_boiling_and_all_seven_products() =>
        CatalogueList
            .Compute(new CatalogueRequest(null))
            .Methods.Select(m => m.Id)
            .ShouldBe(["boil", "nadcc-8.5", "nadcc-17", "bleach", "clo2-tablet", "clo2-drops", "iodine-tablet", "iodine-tincture"]);

    [Fact]
    public void Its_defaults_give_an_answer()
    {
        var d = CatalogueList.Defaults;
        Treat
            .Compute(
                new TreatRequest(
                    UnitSystem.Metric,
                    new(d.VolumeL, d.Clarity, d.Colour, d.TemperatureC, d.ElevationM),
                    d.Method,
                    Chemical: new(d.Date, d.Light)
                )
            )
            .Outcome.ShouldNotBe(TreatOutcome.Refused);
    }

    [Fact]
    public void Clarity_hints_are_the_turbidity_tube_depths()
    {
        // 244.13·5^(−0.662) = 84.1 cm; 30 NTU 25.7; 100 NTU 11.6
        var hints = CatalogueList.Compute(new CatalogueRequest(UnitSystem.Metric)).Clarities.ToDictionary(c => c.Id, c => c.Hint);
        hints["clear"].ShouldContain("84 cm");
        hints["slightlyCloudy"].ShouldContain("26 cm to 84 cm");
        hints["cloudy"].ShouldContain("12 cm to 26 cm");
        CatalogueList.Compute(new CatalogueRequest(UnitSystem.Us)).Clarities[0].Hint.ShouldContain("33 in"); // 84.1/2.54
    }
}
