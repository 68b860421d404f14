using JollyBrook.Core.Carry;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Tests.Carry;

namespace JollyBrook.Core.Tests.Sources;

/// <summary>A report is as old as it will be on arrival, and one from tomorrow is no report.</summary>
public class ReportTests
{
    private static readonly DateTimeOffset Now = new(2026, 8, 1, 12, 0, 0, TimeSpan.Zero);

    private static TripSource Seasonal(bool flowing, DateTimeOffset at) => new("Brook", SourceClass.SeasonalInSeason, 5, flowing, at);

    /// <summary>
    /// Half-life 21 days about 0.75: flowing fresh 0.97; 21 days old 0.75 + 0.22/2 = 0.86; 42 days 0.805. Dry: 0.05; 0.40; 0.575.
    /// </summary>
    [Theory]
    [InlineData(true, 0, 0.97)]
    [InlineData(true, 21, 0.86)]
    [InlineData(true, 42, 0.805)]
    [InlineData(false, 0, 0.05)]
    [InlineData(false, 21, 0.40)]
    [InlineData(false, 42, 0.575)]
    public void It_fades_until_arrival(bool flowing, double daysAhead, double chance) =>
        Seasonal(flowing, Now).ChanceOfRunning(Now, Now.AddDays(daysAhead)).ShouldBe(chance, 0.0005);

    [Fact]
    public void A_report_from_after_today_is_not_believed_unless_it_is_the_worse()
    {
        Seasonal(true, Now.AddDays(1)).ChanceOfRunning(Now, Now.AddDays(2)).ShouldBe(0.75);
        Seasonal(false, Now.AddDays(1)).ChanceOfRunning(Now, Now.AddDays(2)).ShouldBe(0.05, 1e-9);
        Seasonal(true, Now).ChanceOfRunning(null).ShouldBe(0.75); // no clock: its age is not known
    }

    /// <summary>The plan asks for its own day: noon of 12 September is 42 days on; on the second day 43.</summary>
    [Fact]
    public void A_plan_counts_the_age_on_the_day_it_comes_by()
    {
        var request = Routes.Level(20);
        double? Chance(double alongKm) =>
            Plan.Compute(
                    request with
                    {
                        Now = Now,
                        Route = request.Route! with
                        {
                            StartDate = new DateOnly(2026, 9, 12),
                            Days = [new Core.Route.RouteDay(8, 10, "Hollow"), new Core.Route.RouteDay(8)],
                        },
                        Sources = [new("s", Seasonal(true, Now) with { AlongKm = alongKm })],
                    }
                )
                .Stops.Single(s => s.Name == "Brook")
                .Chance;
        Chance(5)!.Value.ShouldBe(0.75 + (0.22 * Math.Pow(2, -2)), 0.0005);
        Chance(15)!.Value.ShouldBe(0.75 + (0.22 * Math.Pow(2, -43.0 / 21)), 0.0005);
    }
}
