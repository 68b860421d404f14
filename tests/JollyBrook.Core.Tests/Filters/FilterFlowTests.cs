using CsCheck;
using JollyBrook.Core.Filters;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Filters;

public class FilterFlowTests
{
    private static readonly Gen<double> Load = Gen.Double[0, 5000];
    private static readonly Gen<double> Temperature = Gen.Double[0, 30];

    [Fact]
    public void At_its_clogging_capacity_a_filter_runs_at_half() => FilterFlow.CleanShare(0, 300, 300).ShouldBe(0.5);

    [Fact]
    public void Servicing_gives_back_nine_tenths_of_what_was_lost()
    {
        // half lost: a tenth of it, 0.05, stays lost
        FilterFlow.LostAfterService(0, 300, 300).ShouldBe(0.05, 1e-12);
        FilterFlow.CleanShare(FilterFlow.LostAfterService(0, 300, 300), 0, 300).ShouldBe(0.95, 1e-12);
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
                        .Sum(i => step / FilterFlow.LPerMin(1.5, 0.1, load + (ntu * step * (i + 0.5)), 300, temperature));
                    FilterFlow.Minutes(litres, ntu, 1.5, 0.1, load, 300, temperature).ShouldBe(summed, summed * 1e-5);
                },
                iter: 100
            );

    [Fact]
    public void Colder_or_more_clogged_is_never_faster() =>
        Gen.Select(Load, Load, Temperature, Temperature)
            .Sample(
                (a, b, t, u) =>
                    FilterFlow
                        .LPerMin(1, 0, Math.Max(a, b), 300, Math.Min(t, u))
                        .ShouldBeLessThanOrEqualTo(FilterFlow.LPerMin(1, 0, Math.Min(a, b), 300, Math.Max(t, u)))
            );

    [Theory]
    [InlineData(0, 1.79)]
    [InlineData(20, 1.002)]
    [InlineData(25, 0.890)]
    public void Viscosity_is_the_published_one_within_2_per_cent(double temperatureC, double millipascalSeconds) =>
        (Viscosity.PaS(temperatureC) * 1000).ShouldBe(millipascalSeconds, 0.021 * millipascalSeconds);
}
