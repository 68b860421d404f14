using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Chemistry;

/// <summary>Published CT figures, at table points and between them.</summary>
public class CtTablesTests
{
    private static double Minutes(ActiveIngredient active, OrganismClass organism, double residual, double temperatureC, double ph = 7) =>
        LogTarget.Standard(organism) / Disinfectant.Rate(active, organism, new ContactConditions(residual, temperatureC, ph)).LogsPerMinute;

    [Theory]
    [InlineData(0.5, 12)]
    [InlineData(0, 12)] // colder than the table holds its edge
    [InlineData(5, 8)]
    [InlineData(10, 6)]
    [InlineData(15, 4)]
    [InlineData(20, 3)]
    [InlineData(25, 2)]
    [InlineData(40, 2)]
    [InlineData(7.5, 6.928)] // halfway in log CT: √(8·6)
    public void Chlorine_and_viruses(double temperatureC, double ct) =>
        Minutes(ActiveIngredient.FreeChlorine, OrganismClass.Viruses, 1, temperatureC).ShouldBe(ct, 0.001);

    [Fact]
    public void Chlorine_and_giardia()
    {
        // 1 mg/L, pH 7, 5 °C, 3 log: 0.2828·3·7^2.69·1·1; 7^2.69 = e^(2.69·1.945910) = e^5.234498 = 187.63; 159.2, times 1.13: 179.9.
        FreeChlorineCt.GiardiaCt(3, new ContactConditions(1, 5, 7)).ShouldBe(179.9, 0.2);
    }

    /// <summary>
    /// US EPA SWTR, CT for 3 log Giardia by free chlorine: rows of the published tables. The formula is never below them.
    /// </summary>
    [Theory]
    [InlineData(0.5, 6, 0.4, 137)]
    [InlineData(0.5, 6, 1, 148)]
    [InlineData(0.5, 7, 0.4, 195)]
    [InlineData(0.5, 7, 1, 210)]
    [InlineData(0.5, 8, 0.4, 277)]
    [InlineData(0.5, 8, 1, 306)]
    [InlineData(5, 6, 0.4, 97)]
    [InlineData(5, 6, 1, 105)]
    [InlineData(5, 7, 0.4, 139)]
    [InlineData(5, 7, 1, 149)]
    [InlineData(5, 8, 0.4, 198)]
    [InlineData(5, 8, 1, 216)]
    [InlineData(10, 6, 0.4, 73)]
    [InlineData(10, 6, 1, 79)]
    [InlineData(10, 7, 0.4, 104)]
    [InlineData(10, 7, 1, 112)]
    [InlineData(10, 8, 0.4, 149)]
    [InlineData(10, 8, 1, 162)]
    [InlineData(20, 7, 1, 56)]
    [InlineData(20, 8, 1, 81)]
    public void No_published_value_lies_above_the_formula(double celsius, double ph, double mgPerL, double published) =>
        FreeChlorineCt.GiardiaCt(3, new ContactConditions(mgPerL, celsius, ph)).ShouldBeGreaterThanOrEqualTo(published);

    [Fact]
    public void Only_the_strength_inside_the_power_is_held_to_its_range()
    {
        var four = FreeChlorineCt.GiardiaCt(3, new ContactConditions(4, 5, 7));
        FreeChlorineCt.GiardiaCt(3, new ContactConditions(8, 5, 7)).ShouldBe(four);
        Minutes(ActiveIngredient.FreeChlorine, OrganismClass.Giardia, 8, 5).ShouldBe(four / 8, 1e-9);
        double At(double mgPerL, double celsius, double ph) => FreeChlorineCt.GiardiaCt(3, new ContactConditions(mgPerL, celsius, ph));
        At(0.1, 5, 7).ShouldBe(At(0.4, 5, 7));
        At(1, 30, 7).ShouldBe(At(1, 25, 7));
        At(1, 25, 7).ShouldBeLessThan(At(1, 24, 7));
        At(1, 0, 7).ShouldBe(At(1, 0.5, 7));
        At(1, 5, 9.5).ShouldBe(At(1, 5, 9));
        At(1, 5, 9).ShouldBeGreaterThan(At(1, 5, 8.9));
        At(1, 5, 5).ShouldBe(At(1, 5, 6));
        At(1, 5, 6).ShouldBeLessThan(At(1, 5, 6.1));
    }

    [Fact]
    public void Chlorine_never_reaches_cryptosporidium() =>
        Disinfectant
            .Rate(ActiveIngredient.FreeChlorine, OrganismClass.Cryptosporidium, new ContactConditions(50, 25, 6))
            .LogsPerMinute.ShouldBe(0);

    [Theory]
    [InlineData(OrganismClass.Giardia, 0, 63)]
    [InlineData(OrganismClass.Giardia, 1, 63)]
    [InlineData(OrganismClass.Giardia, 5, 26)]
    [InlineData(OrganismClass.Giardia, 10, 23)]
    [InlineData(OrganismClass.Giardia, 15, 19)]
    [InlineData(OrganismClass.Giardia, 20, 15)]
    [InlineData(OrganismClass.Giardia, 25, 11)]
    [InlineData(OrganismClass.Giardia, 40, 11)]
    [InlineData(OrganismClass.Viruses, 0, 50.1)]
    [InlineData(OrganismClass.Viruses, 1, 50.1)]
    [InlineData(OrganismClass.Viruses, 5, 33.4)]
    [InlineData(OrganismClass.Viruses, 10, 25.1)]
    [InlineData(OrganismClass.Viruses, 15, 16.7)]
    [InlineData(OrganismClass.Viruses, 20, 12.5)]
    [InlineData(OrganismClass.Viruses, 25, 8.4)]
    [InlineData(OrganismClass.Viruses, 1.01, 50.05)]
    [InlineData(OrganismClass.Giardia, 3, 40.47)] // halfway 1–5 °C in log CT: √(63·26)
    public void Chlorine_dioxide_tables(OrganismClass organism, double temperatureC, double ct) =>
        Minutes(ActiveIngredient.ChlorineDioxide, organism, 1, temperatureC).ShouldBe(ct, 0.01);

    [Theory]
    [InlineData(30, 145.4)] // 1.09116^30 = 13.70
    [InlineData(40, 145.4)] // no warmer than 30 °C is counted
    [InlineData(10, 832)] // 1.09116^10 = 2.3927; 3/(0.001506·2.3927) = 832.5; the rule's own table prints 830
    [InlineData(20, 348)] // 1.09116^20 = 5.725; 3/(0.001506·5.725) = 348; the rule's own table prints 347
    public void Chlorine_dioxide_and_cryptosporidium(double temperatureC, double ct) =>
        ChlorineDioxideCt.CryptosporidiumCt(3, temperatureC).ShouldBe(ct, 1);

    [Theory]
    [InlineData(2, 5, 240)]
    [InlineData(2, 15, 180)]
    [InlineData(2, 30, 60)]
    [InlineData(4, 5, 180)]
    [InlineData(4, 15, 60)]
    [InlineData(4, 30, 45)]
    [InlineData(8, 5, 60)]
    [InlineData(8, 15, 30)]
    [InlineData(2, 22.5, 120)] // halfway between 180 and 60
    [InlineData(5.656854, 15, 45)] // √32: halfway in log C between 60 and 30
    [InlineData(8, 30, 15)]
    [InlineData(4, 10, 120)] // halfway between 180 and 60
    [InlineData(2.828427, 5, 210)] // √8: halfway in log C between 240 and 180
    [InlineData(8, 4.9, 120)] // below 5 °C: twice the 5 °C value
    [InlineData(16, 40, 15)] // beyond the table its edge holds
    public void Iodine_table(double residual, double temperatureC, double minutes) =>
        IodineTimes.MinutesToTarget(new ContactConditions(residual, temperatureC, 7))!.Value.ShouldBe(minutes, 0.01);

    [Fact]
    public void Iodine_weaker_than_the_table_is_not_counted() =>
        IodineTimes.MinutesToTarget(new ContactConditions(1.99, 20, 7)).ShouldBeNull();

    [Theory]
    [InlineData(ActiveIngredient.FreeChlorine, 5, 1.5)]
    [InlineData(ActiveIngredient.FreeChlorine, 15, 0.75)]
    [InlineData(ActiveIngredient.ChlorineDioxide, 5, 7)]
    [InlineData(ActiveIngredient.Iodine, -5, 20)]
    public void Bacteria_double_per_ten_degrees_colder(ActiveIngredient active, double temperatureC, double ct) =>
        BacteriaCt.SixLogCt(active, temperatureC).ShouldBe(ct, 1e-9);

    [Theory]
    [InlineData(Clarity.Clear, WaterColour.None, 0.5)]
    [InlineData(Clarity.SlightlyCloudy, WaterColour.None, 1.5)]
    [InlineData(Clarity.Cloudy, WaterColour.Tea, 4)]
    [InlineData(Clarity.Clear, WaterColour.Green, 1.5)]
    public void Demand(Clarity clarity, WaterColour colour, double mgPerL) => DisinfectantDemand.MgPerL(clarity, colour).ShouldBe(mgPerL);
}
