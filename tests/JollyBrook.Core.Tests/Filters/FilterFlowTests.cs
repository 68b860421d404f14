using CsCheck;
using JollyBrook.Core.Filters;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Filters;

public class FilterFlowTests
{
    private static readonly Gen<double> Load = Gen.Double[0, 5000];
    private static readonly Gen<double> Temperature = Gen.Double[0, 30];

    [Fact]
    public void At_its_clogging_capacity_a_filter_runs_at_half() => new FilterWear(0, 300, 300).FlowShare.ShouldBe(0.5);

    [Fact]
    public void Servicing_gives_back_nine_tenths_of_what_was_lost()
    {
        // half lost: a tenth of it, 0.05, stays lost
        var after = new FilterWear(0, 300, 300).AfterService;
        after.LostShare.ShouldBe(0.05, 1e-12);
        after.LoadLNtu.ShouldBe(0);
        after.FlowShare.ShouldBe(0.95, 1e-12);
    }

    [Fact]
    public void The_volumes_time_is_the_integral_of_the_slowing_flow() =>
        Gen.Select(Load, Temperature, Gen.Double[0.2, 10], Gen.Double[1, 400])
            .Sample(
                (load, temperature, litres, ntu) =>
                {
                    const int slices = 2000;
                    var step = litres / slices;
                    var summed = Enumerable
                        .Range(0, slices)
                        .Sum(i => step / FilterFlow.LPerMin(1.5, new(0.1, load + (ntu * step * (i + 0.5)), 300), temperature));
                    FilterFlow.Minutes(Water(litres, ntu, temperature), 1.5, new(0.1, load, 300)).ShouldBe(summed, summed * 1e-5);
                },
                iter: 100
            );

    [Fact]
    public void Colder_or_more_clogged_is_never_faster() =>
        Gen.Select(Load, Load, Temperature, Temperature)
            .Sample(
                (a, b, t, u) =>
                    FilterFlow
                        .LPerMin(1, new(0, Math.Max(a, b), 300), Math.Min(t, u))
                        .ShouldBeLessThanOrEqualTo(FilterFlow.LPerMin(1, new(0, Math.Min(a, b), 300), Math.Max(t, u)))
            );

    /// <summary>300 L·NTU halve it; 0.1 lost for good leaves (0.9/0.5 − 1)·300 = 240, 40 of them used: 200 L at 1 NTU, 4 at 50.</summary>
    [Theory]
    [InlineData(1, 200)]
    [InlineData(50, 4)]
    public void Litres_to_the_next_service(double ntu, double litres) =>
        new FilterWear(0.1, 40, 300).LitresToService(ntu).ShouldBe(litres, 1e-9);

    [Fact]
    public void A_service_is_due_once_those_litres_are_through_and_not_before() =>
        Gen.Select(Gen.Double[0, 0.99], Gen.Double[0, 2000], Gen.Double[150, 900], Gen.Double[0.5, 400])
            .Sample(
                (lost, load, clogs, ntu) =>
                {
                    var wear = new FilterWear(lost, load, clogs);
                    var litres = wear.LitresToService(ntu);
                    if (litres <= 0)
                    {
                        wear.FlowShare.ShouldBeLessThanOrEqualTo(0.5 + 1e-9);
                        return;
                    }

                    (wear with { LoadLNtu = load + (0.999 * litres * ntu) }).NeedsService.ShouldBeFalse();
                    (wear with { LoadLNtu = load + (1.001 * litres * ntu) + 1e-9 }).NeedsService.ShouldBeTrue();
                }
            );

    private static FieldWater Water(double litres, double ntu, double temperatureC) =>
        new(
            VolumeL: litres,
            Clarity: Clarity.Clear,
            Colour: WaterColour.None,
            TemperatureC: temperatureC,
            ElevationM: null,
            Ntu: ntu,
            Given: new WaterInput(null, null, null, null, null)
        );

    [Theory]
    [InlineData(0, 1.79)]
    [InlineData(20, 1.002)]
    [InlineData(25, 0.890)]
    public void Viscosity_is_the_published_one_within_2_per_cent(double temperatureC, double millipascalSeconds) =>
        (Viscosity.PaS(temperatureC) * 1000).ShouldBe(millipascalSeconds, 0.021 * millipascalSeconds);
}
