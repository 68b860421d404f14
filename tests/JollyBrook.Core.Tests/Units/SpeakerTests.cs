using JollyBrook.Core.Units;

namespace JollyBrook.Core.Tests.Units;

public class SpeakerTests
{
    [Theory]
    [InlineData(Quantity.Volume, 1.0, "1 L", "1.06 qt")]
    [InlineData(Quantity.Volume, 20.0, "20 L", "5.28 gal")] // 20/3.785412
    [InlineData(Quantity.Volume, 0.1, "0.1 L", "3.4 fl oz")] // 0.1/0.0295735
    [InlineData(Quantity.Temperature, 4.0, "4 °C", "39.2 °F")]
    [InlineData(Quantity.Elevation, 2000.0, "2000 m", "6562 ft")] // 2000/0.3048
    [InlineData(Quantity.FuelMass, 16.0, "16 g", "0.56 oz")] // 16/28.3495
    [InlineData(Quantity.Distance, 10.0, "10 km", "6.2 mi")] // 10/1.609344
    [InlineData(Quantity.Speed, 4.0, "4 km/h", "2.5 mph")] // 4/1.609344 = 2.485
    [InlineData(Quantity.Flow, 2.0, "2 L/min", "2.11 qt/min")] // 2/0.946353
    [InlineData(Quantity.Burden, 0.25, "0.25 kg·km", "0.34 lb·mi")] // 0.25 × 2.204623 × 0.621371 = 0.3425
    [InlineData(Quantity.Burden, 40.0, "40 kg·km", "55 lb·mi")] // 40 × 1.369893 = 54.8
    public void Figures_in_both_systems(Quantity quantity, double inside, string metric, string us)
    {
        Speaker.Metric.Of(quantity, inside).ShouldBe(metric);
        Speaker.Us.Of(quantity, inside).ShouldBe(us);
    }

    [Fact]
    public void Ranges_round_inward_so_that_what_is_named_is_allowed() =>
        Speaker.Us.Range(Quantity.Volume, 0.05, 200).ShouldBe("0.06 to 211.33 qt"); // 0.0528 and 211.338

    [Theory]
    [InlineData(45, "45 min")]
    [InlineData(44.2, "45 min")]
    [InlineData(240, "4 h")]
    [InlineData(267, "4 h 27 min")]
    public void Minutes(double minutes, string words) => Speaker.Minutes(minutes).ShouldBe(words);

    [Fact]
    public void A_teaspoon_is_a_768th_of_a_gallon() => UnitTable.MillilitresPerTeaspoon.ShouldBe(4.929, 0.001);
}
