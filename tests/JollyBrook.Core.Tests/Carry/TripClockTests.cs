using CsCheck;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Route;

namespace JollyBrook.Core.Tests.Carry;

/// <summary>A clock hour of the walk as an instant.</summary>
public class TripClockTests
{
    private static PlanRequest Trip(params double[] offsets) =>
        new(
            null,
            new TripRoute("Trip", new DateOnly(2026, 10, 24), 10, "??"),
            Now: new DateTimeOffset(2026, 10, 20, 9, 0, 0, TimeSpan.FromHours(2)),
            OffsetsMinutes: offsets
        );

    [Theory]
    [InlineData(0, 18, "2026-10-24T18:00:00+02:00")]
    [InlineData(0, 31, "2026-10-25T07:00:00+01:00")] // 7 in the morning after, when summer time has ended
    [InlineData(1, 7, "2026-10-25T07:00:00+01:00")]
    [InlineData(4, 12.25, "2026-10-28T12:15:00+01:00")] // the last offset stands for the days after
    public void It_is_by_the_clock_of_the_day_it_falls_in(int day, double hour, string instant) =>
        Trip(120, 60)
            .At(day, hour)!
            .Value.ToString("yyyy-MM-ddTHH:mm:sszzz", System.Globalization.CultureInfo.InvariantCulture)
            .ShouldBe(instant);

    [Fact]
    public void Without_offsets_it_is_by_the_clock_as_it_is_now() => Trip().At(0, 8)!.Value.Offset.ShouldBe(TimeSpan.FromHours(2));

    [Fact]
    public void Without_a_date_it_is_counted_from_today_and_without_a_time_there_is_none()
    {
        (Trip(60) with { Route = new TripRoute("Trip", null, 10, "??") })
            .At(1, 8)
            .ShouldBe(new DateTimeOffset(2026, 10, 21, 8, 0, 0, TimeSpan.FromHours(1)));
        (Trip(60) with { Route = new TripRoute("Trip", null, 10, "??"), Now = null }).At(1, 8).ShouldBeNull();
    }

    /// <summary>The same hour told of the day before, past midnight, is the same instant.</summary>
    [Fact]
    public void A_day_and_its_night_meet() =>
        Gen.Select(Gen.Int[-840, 840].Array[1, 6], Gen.Int[0, 8], Gen.Int[0, 24 * 60 * 3])
            .Sample(
                (offsets, day, minutes) =>
                {
                    var trip = Trip([.. offsets.Select(o => (double)o)]);
                    trip.At(day, (minutes / 60.0) + 24).ShouldBe(trip.At(day + 1, minutes / 60.0));
                }
            );
}
